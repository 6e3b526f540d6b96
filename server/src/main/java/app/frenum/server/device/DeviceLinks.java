package app.frenum.server.device;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;

/** Which devices are connected now, and how to say something to them. */
@Component
public class DeviceLinks {
    private final Map<UUID, Conversation> byDevice = new ConcurrentHashMap<>();
    private final Map<UUID, Double> clockAheadS = new ConcurrentHashMap<>();
    private final Clock clock;

    DeviceLinks(Clock clock) {
        this.clock = clock;
    }

    public Set<UUID> connected() {
        return Set.copyOf(byDevice.keySet());
    }

    /** By how much its clock went ahead when it connected; empty while it is not there, or did not say. */
    Optional<Double> clockAheadS(UUID device) {
        return Optional.ofNullable(byDevice.containsKey(device) ? clockAheadS.get(device) : null);
    }

    void clockSaid(UUID device, @Nullable Instant said) {
        if (said == null) {
            clockAheadS.remove(device);
        } else {
            clockAheadS.put(device, Duration.between(clock.instant(), said).toMillis() / 1000.0);
        }
    }

    /** A device that connects again has left its old connection for dead. */
    void opened(UUID device, Conversation conversation) {
        Optional.ofNullable(byDevice.put(device, conversation))
                .filter(old -> !old.equals(conversation))
                .ifPresent(old -> old.hangUp(CloseStatus.SERVICE_RESTARTED));
    }

    void cut(UUID device) {
        Optional.ofNullable(byDevice.remove(device)).ifPresent(c -> c.hangUp(CloseStatus.POLICY_VIOLATION));
    }

    void closed(UUID device, Conversation conversation) {
        byDevice.remove(device, conversation);
    }

    /** A reading from the future tells that its clock is ahead by at least so much. */
    void clockIsAhead(UUID device, double seconds) {
        clockAheadS.merge(device, seconds, Math::max);
    }

    /** Tells a device what the run asks for, if it is there to hear it. */
    public void show(UUID device, Card card) {
        Optional.ofNullable(byDevice.get(device)).ifPresent(conversation -> conversation.say(card));
    }
}
