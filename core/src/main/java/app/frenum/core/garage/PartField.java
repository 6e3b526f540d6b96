package app.frenum.core.garage;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** A figure that may be known of a part. */
public enum PartField implements EntryField {
    MASS("Mass", false, Bounds.of(0.001, 200, Unit.KILOGRAMS)),
    HOURS("Hours to fit", false, Bounds.of(0, 200, Unit.HOURS)),
    PAD_WINDOW_LOW("Works from", true, Bounds.of(-20, 900, Unit.CELSIUS)),
    PAD_WINDOW_HIGH("Works up to", true, Bounds.of(50, 1100, Unit.CELSIUS)),
    DRY_BOILING_POINT("Dry boiling point", true, Bounds.of(140, 400, Unit.CELSIUS)),
    WET_BOILING_POINT("Wet boiling point", true, Bounds.of(100, 350, Unit.CELSIUS)),
    COLD_PRESSURE("Cold pressure", true, Bounds.of(0.3, 12, Unit.BAR)),
    HOT_PRESSURE("Hot pressure", false, Bounds.of(0.3, 14, Unit.BAR)),
    OPENING("Opening left free", true, Bounds.of(0, 100, Unit.PERCENT)),
    TURNS("Turns from full front", true, Bounds.of(0, 60, Unit.ONE));

    private final Entry entry;
    private final boolean affectsBraking;

    PartField(String label, boolean affectsBraking, Bounds bounds) {
        this.affectsBraking = affectsBraking;
        this.entry = new Entry(label, bounds, "");
    }

    @Override
    public Entry entry() {
        return entry;
    }

    /** Whether another value makes it another factor; mass, hours and a pressure that only follows do not. */
    public boolean affectsBraking() {
        return affectsBraking;
    }
}
