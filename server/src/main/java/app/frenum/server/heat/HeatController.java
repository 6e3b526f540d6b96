package app.frenum.server.heat;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class HeatController {
    private final HeatService service;

    HeatController(HeatService service) {
        this.service = service;
    }

    @GetMapping("/api/tests/{id}/heat")
    HeatView heat(@PathVariable UUID id, @RequestParam(required = false) Double wantedTroughC) {
        return service.heat(id, wantedTroughC);
    }
}
