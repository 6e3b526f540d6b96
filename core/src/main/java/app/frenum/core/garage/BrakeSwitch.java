package app.frenum.core.garage;

/** Something that is on or off in a configuration, and has to be as declared when a stop is driven. */
public enum BrakeSwitch {
    ANTI_LOCK(
            "anti-lock",
            "Off: its lamp stays lit with the engine running. On: the lamp goes out, and the pedal pulses when a wheel would lock."),
    ASSIST(
            "assist",
            "Foot on the pedal, start the engine: with assist it sinks a little; without, it stays hard and high."),
    STABILITY_CONTROL(
            "stability control",
            "Off: its own lamp is lit, not only the one for traction. Look again after every start."),
    EMERGENCY_ASSIST(
            "emergency brake assist",
            "Off: the message stays in the instrument after a start; with a fuse out, a second lamp names another system if it was the wrong one."),
    LINKED(
            "linked brakes",
            "Standing, front wheel off the ground, press the rear pedal alone: linked, it holds the front wheel, too."),
    COOLING_SPRAY(
            "cooling spray", "Press it while it stands: liquid is seen at every nozzle, and none when it is off."),
    FOUR_DRIVEN_WHEELS(
            "all wheels driven",
            "Its lamp or lever; on a loose surface at walking pace every driven wheel throws gravel."),
    TRAILER("trailer", "Coupled, its brake line and lamps connected and tried; off, the coupling is bare.");

    private final String label;
    private final String proof;

    BrakeSwitch(String label, String proof) {
        this.label = label;
        this.proof = proof;
    }

    public String label() {
        return label;
    }

    /** One word for what changes with it; the liquid of a spray and whether it is on are one factor. */
    String factor() {
        return label;
    }

    /** What shows how it stands, because people pull the wrong fuse. */
    public String proof() {
        return proof;
    }
}
