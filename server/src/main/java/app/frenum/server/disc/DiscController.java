package app.frenum.server.disc;

import app.frenum.core.heat.AirFlow;
import app.frenum.core.heat.DiscReading;
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
class DiscController {
    private final DiscService discs;

    DiscController(DiscService discs) {
        this.discs = discs;
    }

    @GetMapping("/discs/form")
    DiscForm form() {
        return DiscForm.whole();
    }

    @GetMapping("/ladders")
    List<LadderView> ladders() {
        return discs.ladders();
    }

    @PutMapping("/ladders")
    LadderView add(@Valid @RequestBody LadderView ladder) {
        return discs.add(ladder);
    }

    @PutMapping("/stops/{stopId}/disc-readings/{id}")
    DiscReadingView keep(@PathVariable UUID stopId, @PathVariable UUID id, @RequestBody DiscReading reading) {
        return discs.keep(id, stopId, reading);
    }

    /** Gone already, it stays so. */
    @DeleteMapping("/disc-readings/{id}")
    List<UUID> forgetReading(@PathVariable UUID id) {
        discs.forgetReading(id);
        return List.of(id);
    }

    @PutMapping("/configurations/{configurationId}/air-flow/{id}")
    AirFlowView keep(@PathVariable UUID configurationId, @PathVariable UUID id, @RequestBody AirFlow seen) {
        return discs.keep(id, configurationId, seen);
    }

    @DeleteMapping("/air-flow/{id}")
    List<UUID> forgetAirFlow(@PathVariable UUID id) {
        discs.forgetAirFlow(id);
        return List.of(id);
    }
}
