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
    private final Map<UUID, Map<SseEmitter, Outbox<SseEventBuilder>>> watching = new ConcurrentHashMap<>();

    /** @param event its name in the stream */
    public EventStreams(String event) {
        this.event = event;
    }

    public SseEmitter watch(UUID of) {
        SseEmitter emitter = new SseEmitter(AN_HOUR_MS);
        Map<SseEmitter, Outbox<SseEventBuilder>> all = watching.computeIfAbsent(of, k -> new ConcurrentHashMap<>());
        Outbox<SseEventBuilder> outbox = new Outbox<>(MOST_WAITING, emitter::send, () -> {
            all.remove(emitter);
            emitter.complete();
        });
        emitter.onCompletion(outbox::close);
        emitter.onTimeout(outbox::close);
        emitter.onError(e -> outbox.close());
        // Something at once, so that the watcher knows that it is listened to.
        outbox.put(SseEmitter.event().comment("watching"));
        all.put(emitter, outbox);
        return emitter;
    }

    /** The same, told something at once. */
    public SseEmitter watch(UUID of, Object first) {
        SseEmitter emitter = watch(of);
        Outbox<SseEventBuilder> outbox = watching.getOrDefault(of, Map.of()).get(emitter);
        if (outbox != null) {
            outbox.put(told(first));
        }
        return emitter;
    }

    public boolean isWatched(UUID of) {
        return !watching.getOrDefault(of, Map.of()).isEmpty();
    }

    public void tell(UUID of, Object what) {
        watching.getOrDefault(of, Map.of()).values().forEach(outbox -> outbox.put(told(what)));
    }

    /** Says to everybody that the link is there: who hears nothing for a few seconds has lost it. */
    public void beat() {
        watching.values()
                .forEach(all -> all.values()
                        .forEach(outbox ->
                                outbox.put(SseEmitter.event().name(ALIVE).data("", MediaType.TEXT_PLAIN))));
    }

    private SseEventBuilder told(Object what) {
        return SseEmitter.event().name(event).data(what, MediaType.APPLICATION_JSON);
    }
}
