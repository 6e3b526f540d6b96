package app.frenum.server.run;

import app.frenum.core.people.Who;
import app.frenum.core.procedure.run.JudgedStop;
import app.frenum.server.analysis.StopService;
import app.frenum.server.who.CurrentWho;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Puts right what earlier versions lost or altered between the trackside and the store: snubs that counted were not stored, and
 * a stop could be measured again from samples that had moved on. The run's own record holds what was assessed of each, so
 * that is stored, with a note in the history. Each run is verified once, at the first start that can.
 */
@Component
class RunRepair {
    private static final Logger LOG = LoggerFactory.getLogger(RunRepair.class);
    private static final Who FRENUM = new Who("Frenum");

    private final RunRepository runs;
    private final Standings standings;
    private final RunStops runStops;
    private final StopService stops;
    private final CurrentWho current;

    RunRepair(RunRepository runs, Standings standings, RunStops runStops, StopService stops, CurrentWho current) {
        this.runs = runs;
        this.standings = standings;
        this.runStops = runStops;
        this.stops = stops;
        this.current = current;
    }

    /** Beside whatever else the server does: nobody waits for it. */
    @EventListener
    void verifyRecords(ApplicationReadyEvent ready) {
        Thread thread = new Thread(this::verifyRecords, "run-repair");
        thread.setDaemon(true);
        thread.start();
    }

    void verifyRecords() {
        for (UUID run : runs.notVerified()) {
            try {
                // The one writer of the run: nothing happens in it meanwhile.
                current.as(FRENUM, () -> standings.change(run, this::verify));
            } catch (RuntimeException e) {
                LOG.warn("run {} could not be verified; it is tried again at the next start", run, e);
            }
        }
    }

    private Standing verify(Standing standing) {
        UUID runId = standing.run().id();
        Run run = runs.findById(runId).orElseThrow();
        if (run.isRecordVerified()) {
            return standing;
        }
        List<JudgedStop> recorded = standing.state().recorded();
        for (JudgedStop stop : recorded) {
            runStops.keep(runId, standing.plan(), standing.state().script(), stop);
            stop.logged().ifPresent(seen -> stops.restore(stop.id(), seen, FRENUM));
        }
        stops.inOrder(recorded.stream().map(JudgedStop::id).toList());
        run.markRecordVerified();
        return standing;
    }
}
