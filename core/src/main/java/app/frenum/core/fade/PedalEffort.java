package app.frenum.core.fade;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** How hard a pedal was pressed, as people note it where nothing measures it; in rising order. */
public enum PedalEffort {
    LIGHT(1),
    NORMAL(2),
    HARD(3);

    private final int rank;

    PedalEffort(int rank) {
        this.rank = rank;
    }

    /** From 1, the lightest. */
    int rank() {
        return rank;
    }

    /** As it stands in stop sheets. */
    public String label() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The effort that a word of a stop sheet means; empty for a word that is not known here. */
    public static Optional<PedalEffort> named(String word) {
        String key = word.strip().toUpperCase(Locale.ROOT);
        return Arrays.stream(values()).filter(e -> e.name().equals(key)).findFirst();
    }
}
