package app.frenum.server.run;

import app.frenum.server.who.Asker;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api")
class RunController {
    private final RunService runs;
    private final Watchers watchers;

    RunController(RunService runs, Watchers watchers) {
        this.runs = runs;
        this.watchers = watchers;
    }

    @Does(Deed.RECORDS)
    @PutMapping("/runs/{testId}")
    RunView begin(@PathVariable UUID testId, @RequestParam(required = false) Double rate) {
        return runs.begin(testId, rate == null ? 1 : rate);
    }

    @Does(Deed.RECORDS)
    @PutMapping("/runs/{testId}/devices")
    RunView setDevices(@PathVariable UUID testId, @RequestBody Set<UUID> deviceIds) {
        return runs.setDevices(testId, deviceIds);
    }

    /** @param since as many events as whoever asks has seen: only stops that changed later are told */
    @Does(Deed.READS)
    @GetMapping("/runs/{testId}")
    RunView run(@PathVariable UUID testId, @RequestParam(defaultValue = "0") int since) {
        return runs.run(testId, since);
    }

    @Does(Deed.READS)
    @GetMapping("/runs/{testId}/events")
    List<Happened> history(@PathVariable UUID testId) {
        return runs.history(testId);
    }

    /** Whoever records says what happened; who judges, signs or releases needs more. */
    @Does(Deed.RECORDS)
    @PostMapping("/runs/{testId}/events")
    RunView happened(
            Asker asker,
            @PathVariable UUID testId,
            @RequestParam(defaultValue = "0") int since,
            @Valid @RequestBody EventRequest event) {
        if (event.what().judges()) {
            asker.mustBeAllowedTo(Deed.DECIDES);
        }
        return runs.happened(testId, asker.who(), event, since);
    }

    /** What changed with every event, for those who know the run as it was before. */
    @Does(Deed.READS)
    @GetMapping(value = "/runs/{testId}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(Asker asker, @PathVariable UUID testId) {
        return watchers.watch(testId, asker.screen(), runs.run(testId));
    }
}
