package app.frenum.server.stream;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/**
 * Browsers that watch something, by what they watch. One that does not read is dropped; it comes back by itself, as event
 * streams do.
 */
public final class EventStreams {
    private static final long AN_HOUR_MS = 3_600_000;
    private static final String ALIVE = "alive";
    /** Events that may wait for one watcher: a few seconds of a logger's. */
    private static final int MOST_WAITING = 64;

    private final String event;
    private final Map<UUID, Map<SseEmitter, Listener>> watching = new ConcurrentHashMap<>();

    /** @param screen at which it is watched */
    private record Listener(Outbox<SseEventBuilder> outbox, UUID screen) {}

    /** @param event its name in the stream */
    public EventStreams(String event) {
        this.event = event;
    }

    /** @param screen at which it is watched */
    public SseEmitter watch(UUID of, UUID screen) {
        SseEmitter emitter = new SseEmitter(AN_HOUR_MS);
        Map<SseEmitter, Listener> all = watching.computeIfAbsent(of, k -> new ConcurrentHashMap<>());
        Outbox<SseEventBuilder> outbox = new Outbox<>(MOST_WAITING, emitter::send, () -> {
            all.remove(emitter);
            emitter.complete();
        });
        emitter.onCompletion(outbox::close);
        emitter.onTimeout(outbox::close);
        emitter.onError(e -> outbox.close());
        // Something at once, so that the watcher knows that it is listened to.
        outbox.put(SseEmitter.event().comment("watching"));
        all.put(emitter, new Listener(outbox, screen));
        return emitter;
    }

    /** The same, told something at once. */
    public SseEmitter watch(UUID of, UUID screen, Object first) {
        SseEmitter emitter = watch(of, screen);
        Listener listener = watching.getOrDefault(of, Map.of()).get(emitter);
        if (listener != null) {
            listener.outbox().put(told(first));
        }
        return emitter;
    }

    public boolean isWatched(UUID of) {
        return !watching.getOrDefault(of, Map.of()).isEmpty();
    }

    public void tell(UUID of, Object what) {
        watching.getOrDefault(of, Map.of()).values().forEach(l -> l.outbox().put(told(what)));
    }

    /** Says to everybody that the link is there: who hears nothing for a few seconds has lost it. */
    public void beat() {
        watching.values()
                .forEach(all -> all.values()
                        .forEach(l ->
                                l.outbox().put(SseEmitter.event().name(ALIVE).data("", MediaType.TEXT_PLAIN))));
    }

    /** A screen sees nothing more from now on. */
    public void close(UUID screen) {
        watching.values()
                .forEach(all -> all.values().stream()
                        .filter(l -> l.screen().equals(screen))
                        .forEach(l -> l.outbox().close()));
    }

    private SseEventBuilder told(Object what) {
        return SseEmitter.event().name(event).data(what, MediaType.APPLICATION_JSON);
    }
}
