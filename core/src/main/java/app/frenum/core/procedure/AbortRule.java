package app.frenum.core.procedure;

/** What ends testing at once, whoever asks for one more. */
public enum AbortRule {
    PEDAL_TO_FLOOR(
            "The pedal goes long, soft or to the floor",
            "Fluid level and leaks; bleed it until the pedal is firm and high, with fresh fluid if it boiled."),
    CRACK(
            "A crack at the edge of a disc, or one that has grown",
            "Both faces of every disc, cold. A crack at an edge, or one that grew, ends the day for that disc."),
    FLUID_LOSS(
            "Fluid is lost, anywhere",
            "Every union, hose and caliper with the pedal held down; mop it up, it burns and eats paint."),
    SMOKE_OR_FIRE(
            "Smoke that does not stop, or flame",
            "Let it cool rolling, extinguisher at hand; then pads, seals and hoses."),
    REAR_LOCKS_FIRST("The rear axle locks first", "The bias setting, the rear pads and tyres, how the load lies."),
    PULLS_ASIDE(
            "It pulls to one side or leaves its lane",
            "Calipers for one that sticks, pads for grease, tyre pressures, both sides alike."),
    BRAKE_STAYS_ON(
            "A brake stays on, or drags when the pedal is let go",
            "Every wheel by hand, jacked up and cold: pistons, shoe springs, adjusters, hoses, the hand brake's cables."),
    LINING_LOOSE(
            "A lining or pad has come loose, or it grinds",
            "Pads and shoes out, cold: linings for a gap to their backing, rivets, springs; discs and drums for scores."),
    LIMIT_TEMPERATURE(
            "A disc passes the limit chosen for it",
            "Discs and pads once they are cold; longer gaps or fewer stops after that."),
    LANE_NOT_CLEAR(
            "Anyone or anything on the lane or its run-off",
            "The whole lane and run-off, on foot or by whoever sees all of it.");

    private final String label;
    private final String inspect;

    AbortRule(String label, String inspect) {
        this.label = label;
        this.inspect = inspect;
    }

    /** What is looked at before testing may go on. */
    public String inspect() {
        return inspect;
    }

    public String label() {
        return label;
    }
}
