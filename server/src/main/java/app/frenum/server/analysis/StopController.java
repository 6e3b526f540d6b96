package app.frenum.server.analysis;

import app.frenum.core.people.Who;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopTrace;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
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
    private final StopReader reader;
    private final StopService stops;
    private final EdgeService edges;

    StopController(StopReader reader, StopService stops, EdgeService edges) {
        this.reader = reader;
        this.stops = stops;
        this.edges = edges;
    }

    @Does(Deed.READS)
    @GetMapping
    StopView stop(@PathVariable UUID id) {
        return reader.stop(id);
    }

    @Does(Deed.READS)
    @GetMapping("/trace")
    StopTrace trace(@PathVariable UUID id) {
        return edges.trace(id);
    }

    @Does(Deed.READS)
    @GetMapping("/edges")
    MeasuredStop tryEdges(
            @PathVariable UUID id,
            @RequestParam(required = false) Double onsetS,
            @RequestParam(required = false) Double endS) {
        return edges.tryEdges(id, onsetS, endS);
    }

    @Does(Deed.DECIDES)
    @PostMapping("/edges")
    StopView moveEdges(Who who, @PathVariable UUID id, @Valid @RequestBody Edges request) {
        edges.moveEdges(id, who, request);
        return reader.stop(id);
    }

    @Does(Deed.DECIDES)
    @PostMapping("/decisions")
    StopView decide(Who who, @PathVariable UUID id, @Valid @RequestBody DecisionRequest request) {
        stops.decide(id, who, request);
        return reader.stop(id);
    }
}
