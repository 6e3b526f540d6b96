package app.frenum.core.procedure.run;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** How hard a pedal was pressed, as people note it where nothing measures it; in rising order. */
public enum PedalEffort {
    LIGHT(1, "light"),
    NORMAL(2, "normal"),
    HARD(3, "hard"),
    /** As much as the leg or hand has. */
    ALL_OF_IT(4, "all of it");

    private final int rank;
    private final String label;

    PedalEffort(int rank, String label) {
        this.rank = rank;
        this.label = label;
    }

    /** From 1, the lightest. */
    public int rank() {
        return rank;
    }

    /** As it stands in stop sheets. */
    public String label() {
        return label;
    }

    /** The effort that a word of a stop sheet means; empty for a word that is not known here. */
    public static Optional<PedalEffort> named(String word) {
        String key = word.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(e -> e.label.equals(key)).findFirst();
    }
}
