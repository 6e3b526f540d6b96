package app.frenum.core.garage;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * A part weighed by difference on one scale: somebody stands on it with the part, then without. Each reading is rounded
 * to the scale's step, so its standard uncertainty is {@code step/√12}, and that of the difference
 * {@code step·√2/√12} (JCGM 100:2008, 4.3.7: a rectangular distribution).
 *
 * @param with the part
 * @param without it
 * @param step of the scale
 */
public record Weighing(Quantity with, Quantity without, Quantity step) {
    /** kg. */
    public double massKg() {
        return with.inside() - without.inside();
    }

    /** Standard uncertainty, kg. */
    public double uncertaintyKg() {
        return step.inside() * Math.sqrt(2) / Math.sqrt(12);
    }

    /** Everything that cannot be right. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        WeighingField.WITH.bounds().check(with, "with", found);
        WeighingField.WITHOUT.bounds().check(without, "without", found);
        WeighingField.STEP.bounds().check(step, "step", found);
        if (found.isEmpty() && !(massKg() > 0)) {
            found.add(new FieldProblem("with", "With the part the scale must show more than without it."));
        }
        return found;
    }
}
