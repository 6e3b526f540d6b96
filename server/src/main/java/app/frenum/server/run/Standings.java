package app.frenum.server.run;

import app.frenum.core.procedure.run.Happening;
import app.frenum.core.procedure.run.RunEvent;
import app.frenum.core.procedure.run.RunScript;
import app.frenum.core.procedure.run.RunState;
import app.frenum.server.document.Documents;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.PlanRequest;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * How every run stands, at hand, so that nothing of a live run waits for the database but what is to be kept. One writer a
 * run: what it makes of the run is known to others once it is stored, and never before. A run that is not at hand is read
 * from its events, so a killed server goes on where it was.
 */
@Component
class Standings {
    /** Runs that are kept at hand. */
    private static final int MOST = 100;

    private final RunRepository runs;
    private final RunEventRepository events;
    private final TestService tests;
    private final GarageService garage;
    private final Documents documents;
    private final TransactionTemplate transaction;
    private final Cache<UUID, Standing> atHand =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final LoadingCache<UUID, ReentrantLock> writers =
            Caffeine.newBuilder().weakValues().build(id -> new ReentrantLock());

    Standings(
            RunRepository runs,
            RunEventRepository events,
            TestService tests,
            GarageService garage,
            Documents documents,
            PlatformTransactionManager transactions) {
        this.runs = runs;
        this.events = events;
        this.tests = tests;
        this.garage = garage;
        this.documents = documents;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** How a run stands now, after everything that was acknowledged. */
    Standing of(UUID runId) {
        Standing known = atHand.getIfPresent(runId);
        return known == null ? change(runId, UnaryOperator.identity()) : known;
    }

    /**
     * Takes a run a step further, in one transaction; nobody else does meanwhile.
     *
     * @param step from how it stands to how it stands then; what it stores is stored with that, or not at all
     */
    Standing change(UUID runId, UnaryOperator<Standing> step) {
        ReentrantLock writer = Objects.requireNonNull(writers.get(runId));
        writer.lock();
        try {
            Standing after = Objects.requireNonNull(transaction.execute(status -> {
                Standing known = atHand.getIfPresent(runId);
                Standing then = step.apply(known == null ? read(runId) : known);
                // Whether a commit that is broken off was one, only the database knows.
                atHand.invalidate(runId);
                return then;
            }));
            atHand.put(runId, after);
            return after;
        } finally {
            writer.unlock();
        }
    }

    private Standing.Asked asked(TestDefinition test) {
        return new Standing.Asked(
                test.question(),
                test.rehearsal(),
                garage.vehicle(test.vehicleId()).spec().discNames());
    }

    private Standing read(UUID runId) {
        Run run = runs.findById(runId).orElseThrow(() -> Problem.notFound("The run"));
        Standing now = Standing.begun(
                run,
                asked(tests.test(runId)),
                documents.read(run.plan(), PlanRequest.class),
                RunState.of(documents.read(run.script(), RunScript.class)));
        for (RunEventRow e : events.findByRunIdOrderBySeq(runId)) {
            now = now.next(new RunEvent(e.id(), e.atS(), e.by(), documents.read(e.happening(), Happening.class)));
        }
        return now;
    }
}
