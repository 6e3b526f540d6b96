package app.frenum.server.fade;

import app.frenum.core.fade.FadeReference;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FadeController {
    private final FadeService service;

    FadeController(FadeService service) {
        this.service = service;
    }

    @GetMapping("/api/tests/{id}/fade")
    FadeView fade(@PathVariable UUID id, @RequestParam(defaultValue = "FIRST_THREE_IN_GATE") FadeReference reference) {
        return service.fade(id, reference);
    }
}
