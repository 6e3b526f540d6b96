package app.frenum.core.heat;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * Paint or crayons that change at known temperatures, on one disc.
 *
 * @param name what people call it
 * @param thresholds rising, as written on the pots
 */
public record Ladder(String name, List<Quantity> thresholds) {
    private static final int MOST = 12;
    private static final int LONGEST_NAME = 60;

    /** °C. */
    public List<Double> thresholdsC() {
        return thresholds.stream().map(Quantity::inside).toList();
    }

    /** What is wrong with it as an entry. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        if (name.isBlank() || name.strip().length() > LONGEST_NAME) {
            found.add(new FieldProblem("name", "A ladder has a name of 1 to %d characters.".formatted(LONGEST_NAME)));
        }
        if (thresholds.isEmpty() || thresholds.size() > MOST) {
            found.add(new FieldProblem(
                    "thresholds", "%d thresholds read. A ladder has 1 to %d.".formatted(thresholds.size(), MOST)));
        }
        for (int i = 0; i < thresholds.size(); i++) {
            DiscField.STEP.bounds().check(thresholds.get(i), "thresholds." + i, found);
        }
        List<Double> c = found.isEmpty() ? thresholdsC() : List.of();
        for (int i = 1; i < c.size(); i++) {
            if (c.get(i) <= c.get(i - 1)) {
                found.add(new FieldProblem("thresholds." + i, "Each threshold must be above the one before."));
            }
        }
        return found;
    }
}
