package app.frenum.server.fade;

import app.frenum.core.fade.FadeReference;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FadeController {
    private final FadeService service;
    private final JudderService judder;
    private final CurveService curves;

    FadeController(FadeService service, JudderService judder, CurveService curves) {
        this.service = service;
        this.judder = judder;
        this.curves = curves;
    }

    @Does(Deed.READS)
    @GetMapping("/api/tests/{id}/judder")
    JudderView judder(@PathVariable UUID id) {
        return judder.judder(id);
    }

    @Does(Deed.READS)
    @GetMapping("/api/tests/{id}/fade/curves")
    CurvesView curves(
            @PathVariable UUID id, @RequestParam(defaultValue = "FIRST_THREE_IN_GATE") FadeReference reference) {
        return curves.curves(id, reference);
    }

    @Does(Deed.READS)
    @GetMapping("/api/tests/{id}/fade")
    FadeView fade(@PathVariable UUID id, @RequestParam(defaultValue = "FIRST_THREE_IN_GATE") FadeReference reference) {
        return service.fade(id, reference);
    }
}
