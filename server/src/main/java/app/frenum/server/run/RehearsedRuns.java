package app.frenum.server.run;

import app.frenum.server.plan.Rehearsals;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Runs whose clock went faster than the wall's. */
@Component
@Transactional(readOnly = true)
class RehearsedRuns implements Rehearsals {
    private static final double WALLS_CLOCK = 1;

    private final RunRepository runs;

    RehearsedRuns(RunRepository runs) {
        this.runs = runs;
    }

    @Override
    public Set<UUID> rehearsed() {
        return Set.copyOf(runs.testsFasterThan(WALLS_CLOCK));
    }
}
