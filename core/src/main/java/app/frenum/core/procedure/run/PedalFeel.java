package app.frenum.core.procedure.run;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How the pedal felt, in the words of the fade reading. */
public enum PedalFeel {
    FIRM("firm", "firm"),
    NORMAL("normal", "normal"),
    /** Much force, little slowing: a sign of the pad. */
    HARD("hard", "hard"),
    LONG_SOFT("long-soft", "long-soft", "long soft", "long", "soft"),
    TO_THE_FLOOR("to the floor", "to the floor", "floor");

    /** What may be written for them, for those who wrote another word. */
    public static final String WORDS = "firm, normal, soft, long-soft, to the floor or hard";

    private final String label;
    private final List<String> words;

    PedalFeel(String label, String... words) {
        this.label = label;
        this.words = List.of(words);
    }

    /** As it stands in stop sheets. */
    public String label() {
        return label;
    }

    /** The feel that a word of a stop sheet means; empty for a word that is not known here. */
    public static Optional<PedalFeel> named(String word) {
        String key = word.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(f -> f.words.contains(key)).findFirst();
    }

    /** Whether it is a sign of vapour or air in the fluid. */
    public boolean tellsOfTheFluid() {
        return this == LONG_SOFT || this == TO_THE_FLOOR;
    }
}
