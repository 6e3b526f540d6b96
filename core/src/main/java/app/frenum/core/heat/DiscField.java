package app.frenum.core.heat;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** What is read off a disc, or seen of the air about it. */
public enum DiscField implements EntryField {
    VALUE("Temperature", Bounds.of(-40, 1200, Unit.CELSIUS)),
    LATE("After rest", Bounds.of(0, 1800, Unit.SECONDS)),
    STEP("Step of a ladder", Bounds.of(40, 1200, Unit.CELSIUS)),
    AIR_SPEED("Speed", Bounds.of(0, 300, Unit.KILOMETRES_PER_HOUR));

    private final Entry entry;

    DiscField(String label, Bounds bounds) {
        this.entry = new Entry(label, bounds, "");
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
