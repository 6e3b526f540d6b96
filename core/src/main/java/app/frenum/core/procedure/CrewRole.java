package app.frenum.core.procedure;

/** Who does what on the day. */
public enum CrewRole {
    DRIVER("Driver or rider", "goes to speed and brakes as asked; touches no screen"),
    RECORDER("Recorder", "keeps the run card, reads the gates out, writes what is called"),
    LANE_CONTROL("Lane control", "sees all of the lane and run-off, calls clear and hold"),
    MARSHAL("Marshal at the brake point", "marks, tape and thermometer; extinguisher within reach"),
    FIRST_AID("First aid", "stays free for nothing else");

    private final String label;
    private final String duty;

    CrewRole(String label, String duty) {
        this.label = label;
        this.duty = duty;
    }

    public String label() {
        return label;
    }

    public String duty() {
        return duty;
    }
}
