package app.frenum.core.compare;

import app.frenum.core.quantity.FieldProblem;
import java.util.List;

/**
 * What speaks for or against a configuration beside its stops. It stands beside the figures and is never summed with them.
 *
 * @param about of what
 * @param speaks for it or against it
 * @param note in a few words
 */
public record TradeOff(About about, Speaks speaks, String note) {
    private static final int LONGEST = 200;

    /** Of what. */
    public enum About {
        NOISE,
        DUST,
        COLD_BITE,
        FEEL,
        WEAR,
        APPROVAL,
        SOMETHING_ELSE
    }

    /** Which way it speaks. */
    public enum Speaks {
        FOR,
        AGAINST
    }

    /** Everything that cannot be right. */
    public List<FieldProblem> problems() {
        return note.isBlank() || note.length() > LONGEST
                ? List.of(new FieldProblem("note", "Say it in 1 to %d characters.".formatted(LONGEST)))
                : List.of();
    }
}
