package app.frenum.server.device;

import jakarta.validation.Valid;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class DeviceController {
    private static final Duration LATELY = Duration.ofMinutes(5);

    private final DeviceService devices;

    DeviceController(DeviceService devices) {
        this.devices = devices;
    }

    @GetMapping("/devices")
    List<DeviceView> devices() {
        return devices.devices();
    }

    @PostMapping("/devices")
    Paired add(@Valid @RequestBody DeviceView device) {
        return devices.add(device);
    }

    /**
     * @param from start of the stretch; left out for the last five minutes
     * @param until its end
     */
    @GetMapping("/weather")
    Weather weather(@RequestParam(required = false) Instant from, @RequestParam(required = false) Instant until) {
        Instant end = until == null ? Instant.now() : until;
        return devices.weather(from == null ? end.minus(LATELY) : from, end);
    }
}
