package app.frenum.server.run;

import app.frenum.server.stream.EventStreams;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells everybody who watches a run that it has changed, by server-sent events; they then ask for it. */
@Component
class Watchers {
    private final EventStreams streams = new EventStreams("changed");

    SseEmitter watch(UUID testId, int events) {
        return streams.watch(testId, events);
    }

    @TransactionalEventListener(fallbackExecution = true)
    void changed(RunChanged run) {
        streams.tell(run.testId(), run.events());
    }
}
