package app.frenum.server.device;

import app.frenum.server.who.Asker;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.validation.Valid;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api")
class DeviceController {
    private static final Duration LATELY = Duration.ofMinutes(5);

    private final DeviceService devices;
    private final LiveFeed feed;
    private final Clock clock;

    DeviceController(DeviceService devices, LiveFeed feed, Clock clock) {
        this.devices = devices;
        this.feed = feed;
        this.clock = clock;
    }

    @Does(Deed.READS)
    @GetMapping("/devices")
    List<DeviceView> devices() {
        return devices.devices();
    }

    @Does(Deed.ADMINISTERS)
    @PostMapping("/devices")
    Paired add(@Valid @RequestBody NewDevice device) {
        return devices.add(device.view());
    }

    /** Its connection ends, and its code opens nothing more; what it sent stays. */
    @Does(Deed.ADMINISTERS)
    @DeleteMapping("/devices/{id}")
    void cut(@PathVariable UUID id) {
        devices.cut(id);
    }

    @Does(Deed.READS)
    @GetMapping("/devices/{id}/readings")
    List<LastReading> lastReadings(@PathVariable UUID id) {
        return devices.lastReadings(id);
    }

    /** What the device logs, as it comes. */
    @Does(Deed.READS)
    @GetMapping(value = "/devices/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter watch(Asker asker, @PathVariable UUID id) {
        return feed.watch(id, asker.screen());
    }

    /**
     * @param from start of the stretch; left out for the last five minutes
     * @param until its end
     */
    @Does(Deed.READS)
    @GetMapping("/weather")
    Weather weather(@RequestParam(required = false) Instant from, @RequestParam(required = false) Instant until) {
        Instant end = until == null ? clock.instant() : until;
        return devices.weather(from == null ? end.minus(LATELY) : from, end);
    }
}
