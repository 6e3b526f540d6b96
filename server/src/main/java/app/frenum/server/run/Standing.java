package app.frenum.server.run;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.JudgedStop;
import app.frenum.core.procedure.run.RunEvent;
import app.frenum.core.procedure.run.RunState;
import app.frenum.server.plan.PlanRequest;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A run as it stands.
 *
 * @param plan that it was made from
 * @param events how many there were
 * @param changedAt for each of its stops, the event by which it last changed
 */
record Standing(Run run, Asked asked, PlanRequest plan, RunState state, int events, List<Integer> changedAt) {
    /**
     * What the run is for.
     *
     * @param rehearsal whether nothing of it is taken for a measurement
     * @param discNames what the discs or drums of its vehicle are called
     */
    record Asked(String question, boolean rehearsal, Map<WheelPosition, String> discNames) {}

    static Standing begun(Run run, Asked asked, PlanRequest plan, RunState state) {
        return new Standing(run, asked, plan, state, 0, List.of());
    }

    /**
     * After one more event.
     *
     * @throws app.frenum.core.procedure.run.OutOfTurn where that cannot happen now
     */
    Standing next(RunEvent event) {
        RunState after = state.next(event);
        List<JudgedStop> before = state.stops();
        List<Integer> changed = new ArrayList<>();
        for (int i = 0; i < after.stops().size(); i++) {
            boolean same =
                    i < before.size() && before.get(i).equals(after.stops().get(i));
            changed.add(same ? changedAt.get(i) : events + 1);
        }
        return new Standing(run, asked, plan, after, events + 1, List.copyOf(changed));
    }

    /** Index of the first stop that changed after so many events; their number where none did. */
    int firstChanged(int since) {
        int i = 0;
        while (i < changedAt.size() && changedAt.get(i) <= since) {
            i++;
        }
        return i;
    }

    /** The run's clock, seconds since 1970. */
    double clockS(Instant now) {
        return run.clockS(now);
    }
}
