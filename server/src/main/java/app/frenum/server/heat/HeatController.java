package app.frenum.server.heat;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class HeatController {
    private final HeatService service;
    private final LapService laps;

    HeatController(HeatService service, LapService laps) {
        this.service = service;
        this.laps = laps;
    }

    @Does(Deed.READS)
    @GetMapping("/api/tests/{id}/heat")
    HeatView heat(@PathVariable UUID id, @RequestParam(required = false) Double wantedTroughC) {
        return service.heat(id, wantedTroughC);
    }

    /** Laps and corners, where a track log was brought in. */
    @Does(Deed.READS)
    @GetMapping("/api/tests/{id}/laps")
    LapsView laps(@PathVariable UUID id) {
        return laps.laps(id);
    }
}
