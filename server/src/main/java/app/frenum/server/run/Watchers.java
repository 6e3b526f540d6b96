package app.frenum.server.run;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells everybody who watches a run that it has changed, by server-sent events; they then ask for it. */
@Component
class Watchers {
    private static final long AN_HOUR_MS = 3_600_000;

    private final Map<UUID, List<SseEmitter>> byTest = new ConcurrentHashMap<>();

    SseEmitter watch(UUID testId, int events) {
        SseEmitter emitter = new SseEmitter(AN_HOUR_MS);
        List<SseEmitter> own = byTest.computeIfAbsent(testId, k -> new CopyOnWriteArrayList<>());
        emitter.onCompletion(() -> own.remove(emitter));
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> own.remove(emitter));
        own.add(emitter);
        send(emitter, events);
        return emitter;
    }

    @TransactionalEventListener(fallbackExecution = true)
    void changed(RunChanged run) {
        byTest.getOrDefault(run.testId(), List.of()).forEach(e -> send(e, run.events()));
    }

    private static void send(SseEmitter emitter, int events) {
        try {
            emitter.send(SseEmitter.event().name("changed").data(events));
        } catch (IOException | IllegalStateException e) {
            emitter.completeWithError(e);
        }
    }
}
