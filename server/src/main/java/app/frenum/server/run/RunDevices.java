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
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;

/** Which devices serve which run. */
@Service
public class RunDevices {
    private final RunDeviceRepository served;
    private final DeviceService devices;
    private final ApplicationEventPublisher publisher;
    private final Map<UUID, Optional<UUID>> known = new ConcurrentHashMap<>();

    RunDevices(RunDeviceRepository served, DeviceService devices, ApplicationEventPublisher publisher) {
        this.publisher = publisher;
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
    @Transactional
    void set(UUID runId, Set<UUID> deviceIds) {
        Set<UUID> there = devices.devices().stream().map(DeviceView::id).collect(Collectors.toSet());
        if (!there.containsAll(deviceIds)) {
            throw Problem.notFound("The device");
        }
        List<RunDevice> dropped = served.findByRunIdOrderByCreatedAt(runId).stream()
                .filter(r -> !deviceIds.contains(r.id()))
                .toList();
        served.deleteAll(dropped);
        for (UUID id : deviceIds) {
            served.findById(id).ifPresentOrElse(r -> r.serve(runId), () -> served.save(new RunDevice(id, runId)));
        }
        publisher.publishEvent(
                new Chosen(runId, deviceIds, dropped.stream().map(RunDevice::id).collect(Collectors.toSet())));
    }

    /** A run has other devices. */
    private record Chosen(UUID runId, Set<UUID> chosen, Set<UUID> dropped) {}

    /** What is known changes only once it is so; a device that was asked about meanwhile is put right then. */
    @TransactionalEventListener(fallbackExecution = true)
    void changed(Chosen now) {
        now.chosen().forEach(d -> known.put(d, Optional.of(now.runId())));
        now.dropped().forEach(d -> known.put(d, Optional.empty()));
    }
}
