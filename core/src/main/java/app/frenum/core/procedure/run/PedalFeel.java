package app.frenum.core.procedure.run;

/** How the pedal felt, in the words of the fade reading. */
public enum PedalFeel {
    FIRM("firm"),
    NORMAL("normal"),
    LONG_SOFT("long-soft"),
    TO_THE_FLOOR("to the floor");

    private final String label;

    PedalFeel(String label) {
        this.label = label;
    }

    /** As it stands in stop sheets. */
    public String label() {
        return label;
    }
}
