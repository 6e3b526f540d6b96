package app.frenum.server.disc;

import app.frenum.core.heat.AirFlow;
import app.frenum.core.heat.DiscReading;
import app.frenum.core.people.Who;
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
class DiscController {
    private final DiscService discs;

    DiscController(DiscService discs) {
        this.discs = discs;
    }

    @Does(Deed.READS)
    @GetMapping("/discs/form")
    DiscForm form() {
        return DiscForm.whole();
    }

    @Does(Deed.READS)
    @GetMapping("/ladders")
    List<LadderView> ladders() {
        return discs.ladders();
    }

    @Does(Deed.RECORDS)
    @PutMapping("/ladders")
    LadderView add(@Valid @RequestBody LadderView ladder) {
        return discs.add(ladder);
    }

    @Does(Deed.RECORDS)
    @PutMapping("/stops/{stopId}/disc-readings/{id}")
    DiscReadingView keep(Who who, @PathVariable UUID stopId, @PathVariable UUID id, @RequestBody DiscReading reading) {
        return discs.keep(id, stopId, reading, who);
    }

    /** Gone already, it stays so. */
    @Does(Deed.RECORDS)
    @DeleteMapping("/disc-readings/{id}")
    List<UUID> forgetReading(@PathVariable UUID id) {
        discs.forgetReading(id);
        return List.of(id);
    }

    @Does(Deed.RECORDS)
    @PutMapping("/configurations/{configurationId}/air-flow/{id}")
    AirFlowView keep(Who who, @PathVariable UUID configurationId, @PathVariable UUID id, @RequestBody AirFlow seen) {
        return discs.keep(id, configurationId, seen, who);
    }

    @Does(Deed.RECORDS)
    @DeleteMapping("/air-flow/{id}")
    List<UUID> forgetAirFlow(@PathVariable UUID id) {
        discs.forgetAirFlow(id);
        return List.of(id);
    }
}
