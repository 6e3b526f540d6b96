package app.frenum.core.plan;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Where is driven.
 *
 * @param site its name
 * @param lane its name on that site
 * @param length that may be driven on
 * @param runOff beyond its end, free of anything
 * @param grade rise over run in the main driving direction, a fraction
 * @param surface what it is made of
 * @param bothWays whether it may be driven in both directions
 * @param controlledBy who closes and opens it
 * @param lap once round, where the lane is part of an oval or loop; absent where the vehicle turns at the end of its run
 */
public record LaneSpec(
        String site,
        String lane,
        Quantity length,
        Quantity runOff,
        Quantity grade,
        String surface,
        boolean bothWays,
        String controlledBy,
        Optional<Quantity> lap) {
    public LaneSpec {
        // Lanes from before loops were asked for have none.
        lap = Objects.requireNonNullElse(lap, Optional.empty());
    }

    /** Everything that cannot be right. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        named(lane, "lane", "Name the lane.", found);
        named(controlledBy, "controlledBy", "Name who controls it: a lane nobody controls is not closed.", found);
        LaneField.LENGTH.bounds().check(length, "length", found);
        LaneField.RUN_OFF.bounds().check(runOff, "runOff", found);
        LaneField.GRADE.bounds().check(grade, "grade", found);
        lap.ifPresent(q -> {
            LaneField.LAP.bounds().check(q, "lap", found);
            if (q.inside() < length.inside()) {
                found.add(
                        new FieldProblem(
                                "lap",
                                "A lap is at least as long as the lane that is part of it. Leave it empty where there is none."));
            }
        });
        return found;
    }

    private static void named(String text, String field, String message, List<FieldProblem> found) {
        if (text.isBlank() || text.length() > 200) {
            found.add(new FieldProblem(field, message));
        }
    }
}
