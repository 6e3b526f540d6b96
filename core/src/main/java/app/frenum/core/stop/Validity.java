package app.frenum.core.stop;

import java.util.Collection;

/** What the rules make of a stop. Ordered from best to worst. */
public enum Validity {
    /** Counts. */
    VALID,
    /** Counts, with a note. */
    NOTE,
    /** Does not count: do it again. */
    REPEAT;

    /** The worst that any flag says. */
    public static Validity of(Collection<Flag> flags) {
        return flags.stream()
                .map(f -> f.code().validity())
                .max(Validity::compareTo)
                .orElse(VALID);
    }
}
