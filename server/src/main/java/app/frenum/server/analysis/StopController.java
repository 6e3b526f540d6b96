package app.frenum.server.analysis;

import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopTrace;
import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/stops/{id}")
class StopController {
    private final StopService stops;

    StopController(StopService stops) {
        this.stops = stops;
    }

    @GetMapping
    StopView stop(@PathVariable UUID id) {
        return stops.stop(id);
    }

    @GetMapping("/trace")
    StopTrace trace(@PathVariable UUID id) {
        return stops.trace(id);
    }

    @GetMapping("/edges")
    MeasuredStop tryEdges(
            @PathVariable UUID id,
            @RequestParam(required = false) Double onsetS,
            @RequestParam(required = false) Double endS) {
        return stops.tryEdges(id, onsetS, endS);
    }

    @PostMapping("/edges")
    StopView moveEdges(@PathVariable UUID id, @Valid @RequestBody Edges edges) {
        return stops.moveEdges(id, edges);
    }

    @PostMapping("/decisions")
    StopView decide(@PathVariable UUID id, @Valid @RequestBody DecisionRequest request) {
        return stops.decide(id, request);
    }
}
