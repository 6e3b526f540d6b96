package app.frenum.core.procedure;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** What a phase asks for. */
public enum PhaseField implements EntryField {
    FROM("From", Bounds.of(0, 400, Unit.KILOMETRES_PER_HOUR), ""),
    TO("To", Bounds.of(0, 400, Unit.KILOMETRES_PER_HOUR), ""),
    TARGET(
            "Held deceleration or effort",
            Bounds.of(0.5, 16, Unit.METRES_PER_SECOND_SQUARED),
            "Empty: as hard as the tyres allow. Effort 10 to 3000 N."),
    EFFORT("Effort", Bounds.of(10, 3000, Unit.NEWTONS), ""),
    ADJUSTER("Adjuster, turns from full front", Bounds.of(0, 60, Unit.ONE), "Empty: leave it as it stands."),
    GRIP(
            "Grip of its surface",
            Bounds.of(0.03, 1.5, Unit.ONE),
            "Empty: the plan’s lane. Wet paint or basalt about 0.2 to 0.3."),
    COLDEST("Discs at least", Bounds.of(-20, 900, Unit.CELSIUS), ""),
    HOTTEST("Discs at most", Bounds.of(-20, 900, Unit.CELSIUS), ""),
    SOONEST("Not sooner than", Bounds.of(1, 7200, Unit.SECONDS), ""),
    LATEST("Not later than", Bounds.of(1, 7200, Unit.SECONDS), ""),
    NEAREST("Not nearer than", Bounds.of(10, 50_000, Unit.METRES), "Rolled from rest to the next braking."),
    FURTHEST("Not further than", Bounds.of(10, 50_000, Unit.METRES), "By trip counter, or by the logger’s speed.");

    private final Entry entry;

    PhaseField(String label, Bounds bounds, String help) {
        this.entry = new Entry(label, bounds, help);
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
