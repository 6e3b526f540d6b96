package app.frenum.core.garage;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What a layout is to be tried with.
 *
 * @param slowing the deceleration that is wanted
 * @param changes figures that the second layout has instead of the vehicle's own
 */
public record SizingQuestion(VehicleSpec.Load load, Quantity slowing, Map<VehicleField, Quantity> changes) {
    private static final Bounds SLOWING = Bounds.of(0.5, 16, Unit.METRES_PER_SECOND_SQUARED);

    public SizingQuestion {
        changes = changes.isEmpty() ? Map.of() : new EnumMap<>(changes);
    }

    /** Everything that cannot be right. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>(Sizing.problems(changes));
        SLOWING.check(slowing, "slowing", found);
        return found;
    }
}
