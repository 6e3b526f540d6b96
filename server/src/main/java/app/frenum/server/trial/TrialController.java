package app.frenum.server.trial;

import app.frenum.core.people.Who;
import app.frenum.core.trial.TrialResult;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class TrialController {
    private final TrialService trials;

    TrialController(TrialService trials) {
        this.trials = trials;
    }

    @Does(Deed.READS)
    @GetMapping("/trials/kinds")
    List<TrialPlace> places() {
        return TrialPlace.all();
    }

    @Does(Deed.READS)
    @GetMapping("/tests/{testId}/trials")
    List<TrialView> trials(@PathVariable UUID testId) {
        return trials.ofTest(testId);
    }

    @Does(Deed.RECORDS)
    @PutMapping("/tests/{testId}/trials/{id}")
    TrialView begin(
            Who who, @PathVariable UUID testId, @PathVariable UUID id, @Valid @RequestBody TrialRequest request) {
        return trials.begin(id, testId, request, who);
    }

    @Does(Deed.RECORDS)
    @PutMapping("/trials/{id}/result")
    TrialView tell(Who who, @PathVariable UUID id, @RequestBody TrialResult result) {
        return trials.tell(id, result, who);
    }

    @Does(Deed.RECORDS)
    @DeleteMapping("/trials/{id}")
    List<UUID> forget(@PathVariable UUID id) {
        trials.forget(id);
        return List.of(id);
    }
}
