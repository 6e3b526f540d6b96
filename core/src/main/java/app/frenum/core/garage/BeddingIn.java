package app.frenum.core.garage;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * How a pad is bedded in: so many snubs, at a gap, then a cool-down.
 *
 * @param count how many snubs
 * @param from speed at which each begins
 * @param to speed at which it ends
 * @param gap from one to the next
 * @param coolDown rolling without the brake afterwards
 * @param done whether it was done
 */
public record BeddingIn(int count, Quantity from, Quantity to, Quantity gap, Quantity coolDown, boolean done) {
    private static final int MOST = 500;

    /** Seconds it takes on the lane. */
    public double durationS() {
        return count * gap.inside() + coolDown.inside();
    }

    List<FieldProblem> problems(String path) {
        List<FieldProblem> found = new ArrayList<>();
        if (count < 1 || count > MOST) {
            found.add(new FieldProblem(path + ".count", count + " read. It must be 1 to " + MOST + "."));
        }
        BeddingField.FROM.bounds().check(from, path + ".from", found);
        BeddingField.TO.bounds().check(to, path + ".to", found);
        BeddingField.GAP.bounds().check(gap, path + ".gap", found);
        BeddingField.COOL_DOWN.bounds().check(coolDown, path + ".coolDown", found);
        if (found.isEmpty() && to.inside() >= from.inside()) {
            found.add(new FieldProblem(path + ".to", "A snub must end slower than it begins."));
        }
        return found;
    }
}
