package app.frenum.server.plan;

import app.frenum.core.people.Who;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/rehearsals/{testId}/thrown-away")
class RehearsalController {
    private final Rehearsals rehearsals;

    RehearsalController(Rehearsals rehearsals) {
        this.rehearsals = rehearsals;
    }

    @Does(Deed.DECIDES)
    @PutMapping
    List<UUID> throwAway(Who who, @PathVariable UUID testId) {
        rehearsals.throwAway(testId, who);
        return List.of(testId);
    }

    @Does(Deed.RECORDS)
    @DeleteMapping
    List<UUID> takeBack(@PathVariable UUID testId) {
        rehearsals.takeBack(testId);
        return List.of(testId);
    }
}
