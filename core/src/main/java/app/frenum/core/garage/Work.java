package app.frenum.core.garage;

/** Something done to one disc, drum, pad or lining: steps of the same part, each a change of its own. */
public enum Work {
    DRILLED("drilled"),
    GROOVED("grooved"),
    TURNED("turned true"),
    GROUND("ground to the drum or disc"),
    CHAMFERED("edges chamfered");

    private final String label;

    Work(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
