package app.frenum.core.plan;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** A figure that a plan asks for, with its bounds. */
public enum PlanField implements EntryField {
    SPEED("Test speed", Bounds.of(15, 300, Unit.KILOMETRES_PER_HOUR), ""),
    MARGIN("Worth having", Bounds.of(0.05, 50, Unit.METRES), "The smallest difference that would matter to you."),
    SLOT("Booked time", Bounds.of(0.2, 24, Unit.HOURS), ""),
    AMBIENT("Air", Bounds.of(-40, 55, Unit.CELSIUS), ""),
    FITTING("Changing the parts takes", Bounds.of(0, 1440, Unit.MINUTES), ""),
    TURN_ROUND("Turning round takes", Bounds.of(5, 3600, Unit.SECONDS), "Both ends together."),
    EXPECTED_STOP("Expected stop", Bounds.of(2, 500, Unit.METRES), "Empty: from earlier stops, or assumed."),
    LIMIT("Hottest disc allowed", Bounds.of(80, 1000, Unit.CELSIUS), "");

    private final Entry entry;

    PlanField(String label, Bounds bounds, String help) {
        this.entry = new Entry(label, bounds, help);
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
