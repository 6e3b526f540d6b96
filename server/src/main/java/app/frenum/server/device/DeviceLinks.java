package app.frenum.server.device;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import tools.jackson.databind.json.JsonMapper;

/** Which devices are connected now, and how to say something to them. */
@Component
public class DeviceLinks {
    private static final Logger LOG = LoggerFactory.getLogger(DeviceLinks.class);

    private final JsonMapper json;
    private final Map<UUID, WebSocketSession> byDevice = new ConcurrentHashMap<>();
    private final Map<UUID, Double> clockAheadS = new ConcurrentHashMap<>();

    DeviceLinks(JsonMapper json) {
        this.json = json;
    }

    public Set<UUID> connected() {
        return Set.copyOf(byDevice.keySet());
    }

    /** By how much its clock went ahead when it connected; empty while it is not there, or did not say. */
    Optional<Double> clockAheadS(UUID device) {
        return Optional.ofNullable(byDevice.containsKey(device) ? clockAheadS.get(device) : null);
    }

    void clockSaid(UUID device, @Nullable Instant clock) {
        if (clock == null) {
            clockAheadS.remove(device);
        } else {
            clockAheadS.put(device, Duration.between(Instant.now(), clock).toMillis() / 1000.0);
        }
    }

    /** A device that connects again has left its old connection for dead. */
    void opened(UUID device, WebSocketSession session) {
        Optional.ofNullable(byDevice.put(device, session))
                .filter(old -> !old.getId().equals(session.getId()))
                .ifPresent(old -> close(old, CloseStatus.SERVICE_RESTARTED));
    }

    void closed(UUID device, WebSocketSession session) {
        byDevice.computeIfPresent(device, (k, now) -> now.getId().equals(session.getId()) ? null : now);
    }

    /** Tells a device what the run asks for, if it is there to hear it. */
    public void show(UUID device, Card card) {
        Optional.ofNullable(byDevice.get(device)).ifPresent(session -> send(session, card));
    }

    void send(WebSocketSession session, Frame frame) {
        try {
            session.sendMessage(new TextMessage(json.writeValueAsString(frame)));
        } catch (IOException | RuntimeException e) {
            LOG.debug("a device does not listen", e);
            close(session, CloseStatus.SESSION_NOT_RELIABLE);
        }
    }

    static void close(WebSocketSession session, CloseStatus why) {
        try {
            session.close(why);
        } catch (IOException | RuntimeException e) {
            LOG.debug("a device's connection was gone already", e);
        }
    }
}
