package app.frenum.server.recording;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/recordings/{id}")
class RecordingController {
    private final RecordingService recordings;

    RecordingController(RecordingService recordings) {
        this.recordings = recordings;
    }

    @Does(Deed.READS)
    @GetMapping
    RecordingView recording(@PathVariable UUID id) {
        return recordings.recording(id);
    }

    @Does(Deed.READS)
    @GetMapping("/window")
    TraceWindow window(
            @PathVariable UUID id,
            @RequestParam double from,
            @RequestParam double to,
            @RequestParam(defaultValue = "1500") int px,
            @RequestParam(defaultValue = "") List<Integer> channels) {
        return recordings.window(id, channels, from, to, px);
    }
}
