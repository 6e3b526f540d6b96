package app.frenum.server.device;

import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.server.Raced;
import app.frenum.server.guard.Codes;
import app.frenum.server.problem.Problem;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps devices and their readings. A reading that is sent twice is kept once. */
@Service
@Raced
@Transactional
public class DeviceService {
    /** A reading from further ahead than this is taken for read when it came; the device's clock is wrong. */
    static final Duration FURTHEST_AHEAD = Duration.ofMinutes(5);

    private final DeviceRepository devices;
    private final DeviceReadingRepository readings;
    private final DeviceLinks links;
    private final Clock clock;

    DeviceService(DeviceRepository devices, DeviceReadingRepository readings, DeviceLinks links, Clock clock) {
        this.links = links;
        this.clock = clock;
        this.devices = devices;
        this.readings = readings;
    }

    @Transactional(readOnly = true)
    public List<DeviceView> devices() {
        Set<UUID> connected = links.connected();
        return devices.findAllByOrderByCreatedAt().stream()
                .filter(d -> !d.isCut())
                .map(d -> d.view(
                        connected.contains(d.id()), links.clockAheadS(d.id()).orElse(null)))
                .toList();
    }

    /** Adds a device; its code is told this once, and only its digest kept. */
    Paired add(DeviceView device) {
        if (devices.existsById(device.id())) {
            throw Problem.conflict(
                    "The device is here already, and its code was shown then. Take it out and add it anew.");
        }
        String code = Codes.made();
        return new Paired(add(device, code), code);
    }

    /** Adds a device whose code was agreed on before; there already, it stays. */
    public DeviceView add(DeviceView device, String code) {
        return devices.findById(device.id())
                .orElseGet(() ->
                        devices.save(new Device(device.id(), device.name().strip(), device.kind(), Codes.digest(code))))
                .view(false, null);
    }

    /** Nothing more is taken from it. */
    void cut(UUID id) {
        Device device = devices.findById(id).orElseThrow(() -> Problem.notFound("This device"));
        device.cut();
        devices.save(device);
        links.cut(id);
    }

    /** The device that has this code, noted as seen. */
    Optional<DeviceView> hello(String code) {
        return devices.findByCodeSha256(Codes.digest(code)).map(d -> {
            d.seen(clock.instant().truncatedTo(ChronoUnit.MICROS));
            return devices.save(d).view(true, null);
        });
    }

    /** The number of the last reading that is kept of a device; 0 for none. */
    @Transactional(readOnly = true)
    public long lastSeq(UUID deviceId) {
        Long last = readings.lastSeq(deviceId);
        return last == null ? 0 : last;
    }

    /**
     * Keeps a reading, with what the device's clock said and with when it must have been.
     *
     * @return when it was taken; empty when it was kept already
     * @throws Problem when it cannot be right
     */
    Optional<Instant> keep(UUID deviceId, long seq, Instant saidAt, ReadQuantity quantity, Quantity value) {
        quantity.bounds().problem(value).ifPresent(message -> {
            throw Problem.invalid("value", message);
        });
        if (seq < 1) {
            throw Problem.invalid("seq", "Readings are counted from 1.");
        }
        if (!readings.existsByDeviceIdAndSeq(deviceId, seq)) {
            UUID id = UUID.nameUUIDFromBytes((deviceId + "/" + seq).getBytes(StandardCharsets.UTF_8));
            Instant takenAt = takenAt(deviceId, saidAt);
            readings.saveAndFlush(new DeviceReading(
                    id, deviceId, seq, takenAt, saidAt.truncatedTo(ChronoUnit.MICROS), quantity, value));
            return Optional.of(takenAt);
        }
        return Optional.empty();
    }

    /** No reading was taken after it came: a clock that says so is ahead, and its device shows by how much. */
    private Instant takenAt(UUID deviceId, Instant saidAt) {
        Instant now = clock.instant();
        if (saidAt.isAfter(now.plus(FURTHEST_AHEAD))) {
            links.clockIsAhead(deviceId, Duration.between(now, saidAt).toMillis() / 1000.0);
            return now.truncatedTo(ChronoUnit.MICROS);
        }
        return saidAt.truncatedTo(ChronoUnit.MICROS);
    }

    /** What a device read last of each quantity, the newest first. */
    @Transactional(readOnly = true)
    List<LastReading> lastReadings(UUID deviceId) {
        Map<ReadQuantity, LastReading> last = new EnumMap<>(ReadQuantity.class);
        readings.findTop50ByDeviceIdOrderBySeqDesc(deviceId)
                .forEach(r -> last.putIfAbsent(r.quantity(), new LastReading(r.takenAt(), r.quantity(), r.value())));
        return List.copyOf(last.values());
    }

    /** The weather between two moments. */
    @Transactional(readOnly = true)
    public Weather weather(Instant from, Instant until) {
        List<DeviceReading> all = readings.findByTakenAtBetweenOrderByTakenAt(from, until);
        return new Weather(
                mean(all, ReadQuantity.AIR_TEMPERATURE),
                mean(all, ReadQuantity.TRACK_TEMPERATURE),
                mean(all, ReadQuantity.WIND_ALONG_LANE),
                mean(all, ReadQuantity.HUMIDITY),
                all.size(),
                all.isEmpty() ? null : all.get(all.size() - 1).takenAt());
    }

    private static Figure mean(List<DeviceReading> all, ReadQuantity of) {
        OptionalDouble mean = all.stream()
                .filter(r -> r.quantity() == of)
                .mapToDouble(DeviceReading::inside)
                .average();
        return mean.isPresent() ? Figure.of(mean.getAsDouble()) : Figure.unknown("no mast sent it in that time");
    }
}
