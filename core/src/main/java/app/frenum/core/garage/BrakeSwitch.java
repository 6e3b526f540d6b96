package app.frenum.core.garage;

/** Something that is on or off in a configuration, and has to be as declared when a stop is driven. */
public enum BrakeSwitch {
    ANTI_LOCK("anti-lock"),
    ASSIST("assist"),
    COOLING_SPRAY("cooling spray"),
    FOUR_DRIVEN_WHEELS("all wheels driven");

    private final String label;

    BrakeSwitch(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
