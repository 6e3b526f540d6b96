package app.frenum.server.plan;

import app.frenum.core.people.Who;
import app.frenum.server.Raced;
import app.frenum.server.SteadyClock;
import app.frenum.server.problem.Problem;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Tests that were only rehearsed: nothing is learnt from them, lists have them apart, and they can be thrown away whole.
 * Thrown away they are out of every list at once, can be taken back for a day, and are gone with the next start after it.
 */
@Service
@Raced
@Transactional
public class Rehearsals {
    private static final Duration TAKEN_BACK_WITHIN = Duration.ofDays(1);

    private final TestRepository tests;
    private final SteadyClock clock;

    Rehearsals(TestRepository tests, SteadyClock clock) {
        this.tests = tests;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Set<UUID> rehearsed() {
        return Set.copyOf(tests.rehearsals());
    }

    void throwAway(UUID testId, Who who) {
        BrakeTest test = rehearsal(testId);
        if (!test.isRehearsal()) {
            throw Problem.conflict("What was measured is kept. Strike out the stops that must not count.");
        }
        test.throwAway(clock.instant(), who);
    }

    void takeBack(UUID testId) {
        rehearsal(testId).takeBack();
    }

    @EventListener
    void clearAway(ApplicationReadyEvent event) {
        clearAway(clock.instant());
    }

    /** What nobody can take back any more is gone. */
    public void clearAway(Instant now) {
        tests.findByThrownAwayAtBefore(now.minus(TAKEN_BACK_WITHIN)).forEach(this::delete);
    }

    /** Everything of it hangs on the test and goes with it, but the recordings, which others may have stops in. */
    private void delete(BrakeTest test) {
        List<UUID> recordings = tests.recordingsOnlyOf(test.id());
        tests.delete(test);
        tests.flush();
        if (!recordings.isEmpty()) {
            tests.deleteRecordings(recordings);
        }
    }

    private BrakeTest rehearsal(UUID testId) {
        return tests.findById(testId).orElseThrow(() -> Problem.notFound("The rehearsal"));
    }
}
