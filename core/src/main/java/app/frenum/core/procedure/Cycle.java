package app.frenum.core.procedure;

import app.frenum.core.quantity.FieldProblem;
import java.util.ArrayList;
import java.util.List;

/**
 * A group of phases that is driven over and over, such as two snubs and a cool-down. Inspections in the group are made
 * after every so many repeats, and after the last.
 *
 * @param first index of its first phase
 * @param last index of its last phase
 * @param times how often
 * @param inspectEvery repeats from one inspection to the next
 */
public record Cycle(int first, int last, int times, int inspectEvery) {
    /** More than anybody drives in the days of one test. */
    public static final int MOST = 500;

    boolean holds(int phase) {
        return phase >= first && phase <= last;
    }

    /** Whether the inspections of the group are due after a repeat, counted from 1. */
    boolean inspectsAfter(int repeat, int of) {
        return repeat % inspectEvery == 0 || repeat == of;
    }

    List<FieldProblem> problems(List<Phase> phases) {
        List<FieldProblem> found = new ArrayList<>();
        if (times < 2 || times > MOST) {
            found.add(new FieldProblem("cycle.times", "%d read. It must be 2 to %d.".formatted(times, MOST)));
        }
        if (inspectEvery < 1 || inspectEvery > MOST) {
            found.add(new FieldProblem(
                    "cycle.inspectEvery", "%d read. It must be 1 to %d.".formatted(inspectEvery, MOST)));
        }
        if (first < 0 || last < first || last >= phases.size()) {
            found.add(new FieldProblem("cycle.first", "The group must begin and end with phases of the procedure."));
        } else if (phases.subList(first, last + 1).stream()
                .noneMatch(p -> p.kind().isBraking())) {
            found.add(new FieldProblem("cycle.first", "Something in the group must brake."));
        }
        return found;
    }
}
