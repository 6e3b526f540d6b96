package app.frenum.core.heat;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What somebody saw of the air about the brakes. It is kept beside the figures and never computed with.
 *
 * @param method how it was looked at
 * @param speed of the vehicle or of the wind machine; absent where nobody said
 * @param seen in their words
 * @param by who looked
 */
public record AirFlow(AirFlowMethod method, Optional<Quantity> speed, String seen, String by) {
    public static final Bounds SPEED = Bounds.of(0, 300, Unit.KILOMETRES_PER_HOUR);
    private static final int LONGEST = 500;
    private static final int LONGEST_NAME = 100;

    /** What is wrong with it as an entry. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        if (seen.isBlank() || seen.length() > LONGEST) {
            found.add(new FieldProblem("seen", "Say what was seen, in 1 to %d characters.".formatted(LONGEST)));
        }
        if (by.isBlank() || by.length() > LONGEST_NAME) {
            found.add(new FieldProblem("by", "Say who looked, in at most %d characters.".formatted(LONGEST_NAME)));
        }
        speed.ifPresent(s -> SPEED.check(s, "speed", found));
        return found;
    }
}
