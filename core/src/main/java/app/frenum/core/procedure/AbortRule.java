package app.frenum.core.procedure;

/** What ends testing at once, whoever asks for one more. */
public enum AbortRule {
    PEDAL_TO_FLOOR("The pedal goes long, soft or to the floor"),
    CRACK("A crack at the edge of a disc, or one that has grown"),
    FLUID_LOSS("Fluid is lost, anywhere"),
    SMOKE_OR_FIRE("Smoke that does not stop, or flame"),
    REAR_LOCKS_FIRST("The rear axle locks first"),
    PULLS_ASIDE("It pulls to one side or leaves its lane"),
    LIMIT_TEMPERATURE("A disc passes the limit chosen for it"),
    LANE_NOT_CLEAR("Anyone or anything on the lane or its run-off");

    private final String label;

    AbortRule(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
