package app.frenum.core.trial;

/** What is done without stops, with the cautions that go with it. */
public enum TrialKind {
    CIRCUIT(
            "Laps of a circuit",
            "By the circuit’s own rules and marshals. Drive a lap to cool before coming in; no parking brake on hot discs, hot parts burn."),
    PARKED_AIR(
            "Parked, with tufts and a blower",
            "Wheels chocked, blower guarded and held down; nobody in line with what it can throw. Discs cold."),
    ROLLER_TESTER(
            "Roller tester",
            "By whoever is trained on it. Nobody in front of or behind the vehicle; straps as its manual says. It tells of the brakes on rollers, not on a road.");

    private final String label;
    private final String caution;

    TrialKind(String label, String caution) {
        this.label = label;
        this.caution = caution;
    }

    public String label() {
        return label;
    }

    public String caution() {
        return caution;
    }
}
