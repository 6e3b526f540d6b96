package app.frenum.core.plan;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.ArrayList;
import java.util.List;

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
 */
public record LaneSpec(
        String site,
        String lane,
        Quantity length,
        Quantity runOff,
        Quantity grade,
        String surface,
        boolean bothWays,
        String controlledBy) {
    private static final Bounds LENGTH = Bounds.of(20, 6000, Unit.METRES);
    private static final Bounds RUN_OFF = Bounds.of(0, 3000, Unit.METRES);
    private static final Bounds GRADE = Bounds.of(-15, 15, Unit.PERCENT);

    /** Everything that cannot be right. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        named(lane, "lane", "Name the lane.", found);
        named(controlledBy, "controlledBy", "Name who controls it: a lane nobody controls is not closed.", found);
        LENGTH.check(length, "length", found);
        RUN_OFF.check(runOff, "runOff", found);
        GRADE.check(grade, "grade", found);
        return found;
    }

    private static void named(String text, String field, String message, List<FieldProblem> found) {
        if (text.isBlank() || text.length() > 200) {
            found.add(new FieldProblem(field, message));
        }
    }
}
