package app.frenum.server.run;

import app.frenum.server.device.DeviceService;
import app.frenum.server.device.DeviceView;
import app.frenum.server.problem.Problem;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which devices serve which run. */
@Service
@Transactional
public class RunDevices {
    private final RunDeviceRepository served;
    private final DeviceService devices;
    private final Map<UUID, Optional<UUID>> known = new ConcurrentHashMap<>();

    RunDevices(RunDeviceRepository served, DeviceService devices) {
        this.served = served;
        this.devices = devices;
    }

    /** The devices of a run, in the order they were added. */
    @Transactional(readOnly = true)
    public List<DeviceView> of(UUID runId) {
        Map<UUID, DeviceView> byId =
                devices.devices().stream().collect(Collectors.toMap(DeviceView::id, Function.identity()));
        return served.findByRunIdOrderByCreatedAt(runId).stream()
                .map(r -> byId.get(r.id()))
                .toList();
    }

    /** What people call a device. */
    @Transactional(readOnly = true)
    String name(UUID deviceId) {
        return devices.devices().stream()
                .filter(d -> d.id().equals(deviceId))
                .findFirst()
                .map(DeviceView::name)
                .orElseThrow(() -> Problem.notFound("The device"));
    }

    /** The run that a device serves. */
    @Transactional(readOnly = true)
    public Optional<UUID> runOf(UUID deviceId) {
        return known.computeIfAbsent(deviceId, d -> served.findById(d).map(RunDevice::runId));
    }

    /** These serve the run from now on, and no others; one that served another run leaves it. */
    void set(UUID runId, Set<UUID> deviceIds) {
        Set<UUID> there = devices.devices().stream().map(DeviceView::id).collect(Collectors.toSet());
        if (!there.containsAll(deviceIds)) {
            throw Problem.notFound("The device");
        }
        served.findByRunIdOrderByCreatedAt(runId).stream()
                .filter(r -> !deviceIds.contains(r.id()))
                .forEach(served::delete);
        for (UUID id : deviceIds) {
            served.findById(id).ifPresentOrElse(r -> r.serve(runId), () -> served.save(new RunDevice(id, runId)));
        }
        known.clear();
    }
}
