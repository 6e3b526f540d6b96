package app.frenum.core.heat;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What somebody saw of the air about the brakes. It is kept beside the figures and never computed with.
 *
 * @param method how it was looked at
 * @param speed of the vehicle or of the wind machine; absent where nobody said
 * @param seen in their words
 */
public record AirFlow(AirFlowMethod method, Optional<Quantity> speed, String seen) {
    private static final int LONGEST = 500;

    /** What is wrong with it as an entry. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        if (seen.isBlank() || seen.length() > LONGEST) {
            found.add(new FieldProblem("seen", "Say what was seen, in 1 to %d characters.".formatted(LONGEST)));
        }
        speed.ifPresent(s -> DiscField.AIR_SPEED.bounds().check(s, "speed", found));
        return found;
    }
}
