package app.frenum.core.heat;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** What the heat of a lap is worked out from. */
public enum LapField implements EntryField {
    MASS("Mass as driven", Bounds.of(50, 60_000, Unit.KILOGRAMS), ""),
    AXLE_SHARE(
            "Share of the axle",
            Bounds.of(0, 100, Unit.PERCENT),
            "Of brake force, not of line pressure. The garage computes it under Outlook."),
    DISC("One disc", Bounds.of(0.3, 60, Unit.KILOGRAMS), ""),
    COOLING(
            "Cooling time constant",
            Bounds.of(20, 3000, Unit.SECONDS),
            "At the speed of the circuit; a duct makes it shorter, a blocker longer."),
    AMBIENT("Air", Bounds.of(-40, 55, Unit.CELSIUS), ""),
    FROM("From", Bounds.of(0, 400, Unit.KILOMETRES_PER_HOUR), ""),
    TO("To", Bounds.of(0, 400, Unit.KILOMETRES_PER_HOUR), ""),
    GAP("To the next", Bounds.of(1, 3600, Unit.SECONDS), "");

    private final Entry entry;

    LapField(String label, Bounds bounds, String help) {
        this.entry = new Entry(label, bounds, help);
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
