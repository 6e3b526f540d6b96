package app.frenum.core.trial;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** What may be measured in a trial. */
public enum TrialField implements EntryField {
    LAPS("Laps", TrialKind.CIRCUIT, Bounds.of(1, 1000, Unit.ONE), ""),
    DURATION("Driven for", TrialKind.CIRCUIT, Bounds.of(0.5, 1440, Unit.MINUTES), ""),
    DISC(
            "Hottest",
            TrialKind.CIRCUIT,
            Bounds.of(-40, 1200, Unit.CELSIUS),
            "As read in the paddock; the peak was higher."),
    LATE("Read after the last braking", TrialKind.CIRCUIT, Bounds.of(0, 3600, Unit.SECONDS), ""),
    AIR("Air", TrialKind.CIRCUIT, Bounds.of(-30, 60, Unit.CELSIUS), ""),
    BLOWER("Air from the blower", TrialKind.PARKED_AIR, Bounds.of(0.5, 90, Unit.KILOMETRES_PER_HOUR), ""),
    MASS(
            "Mass on the rollers",
            TrialKind.ROLLER_TESTER,
            Bounds.of(50, 60_000, Unit.KILOGRAMS),
            "Empty: as the garage has it, light."),
    FORCE("Brake force", TrialKind.ROLLER_TESTER, Bounds.of(0, 60_000, Unit.NEWTONS), "");

    private final Entry entry;
    private final TrialKind kind;

    TrialField(String label, TrialKind kind, Bounds bounds, String help) {
        this.kind = kind;
        this.entry = new Entry(label, bounds, help);
    }

    @Override
    public Entry entry() {
        return entry;
    }

    /** In which kind of trial it is measured. */
    public TrialKind kind() {
        return kind;
    }

    /** Whether there is one for each wheel, not one for the vehicle. */
    public boolean isPerWheel() {
        return this == DISC || this == FORCE;
    }
}
