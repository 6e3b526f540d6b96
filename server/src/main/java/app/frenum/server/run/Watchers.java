package app.frenum.server.run;

import app.frenum.server.stream.EventStreams;
import app.frenum.server.who.ScreenCut;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells everybody who watches a run what has changed in it, by server-sent events. */
@Component
class Watchers {
    /** Three of them missed are a link that is gone. */
    private static final long BEAT_MS = 800;

    private final EventStreams streams = new EventStreams("changed");
    private final RunService runs;

    Watchers(RunService runs) {
        this.runs = runs;
    }

    SseEmitter watch(UUID testId, UUID screen, RunView now) {
        return streams.watch(testId, screen, now);
    }

    @EventListener
    void cut(ScreenCut cut) {
        streams.close(cut.screen());
    }

    @Scheduled(fixedRate = BEAT_MS)
    void beat() {
        streams.beat();
    }

    /** Made once for all who watch. */
    @TransactionalEventListener(fallbackExecution = true)
    void changed(RunChanged run) {
        if (streams.isWatched(run.testId())) {
            streams.tell(run.testId(), runs.run(run.testId(), run.events() - 1));
        }
    }
}
