package app.frenum.server.run;

import app.frenum.server.stream.EventStreams;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells everybody who watches a run what has changed in it, by server-sent events. */
@Component
class Watchers {
    private final EventStreams streams = new EventStreams("changed");
    private final RunService runs;

    Watchers(RunService runs) {
        this.runs = runs;
    }

    SseEmitter watch(UUID testId, RunView now) {
        return streams.watch(testId, now);
    }

    /** Made once for all who watch. */
    @TransactionalEventListener(fallbackExecution = true)
    void changed(RunChanged run) {
        if (streams.isWatched(run.testId())) {
            streams.tell(run.testId(), runs.run(run.testId(), run.events() - 1));
        }
    }
}
