package app.frenum.core.procedure;

/** How badly a disc is cracked, by what is seen of it (handbook, "Inspection"). */
public enum CrackClass {
    NONE("No crack"),
    HEAT_CHECKS("Fine heat checks"),
    SHORT_RADIAL("Short radial crack, within the face"),
    TO_THE_EDGE("Radial crack to an edge, or longer than half the face"),
    THROUGH("Crack through, or damage to hat or vanes");

    private final String label;

    CrackClass(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Whether a disc like this is driven no further, however long it has looked so. */
    public boolean endsTesting() {
        return compareTo(TO_THE_EDGE) >= 0;
    }

    /** Whether it is a crack that can grow; heat checks are the surface's. */
    public boolean canGrow() {
        return compareTo(SHORT_RADIAL) >= 0;
    }
}
