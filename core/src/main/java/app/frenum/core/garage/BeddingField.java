package app.frenum.core.garage;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** What bedding in asks for. */
public enum BeddingField implements EntryField {
    FROM("Bedding from", Bounds.of(0, 300, Unit.KILOMETRES_PER_HOUR)),
    TO("Bedding to", Bounds.of(0, 300, Unit.KILOMETRES_PER_HOUR)),
    GAP("Gap between snubs", Bounds.of(0, 120, Unit.MINUTES)),
    COOL_DOWN("Cool-down after", Bounds.of(0, 120, Unit.MINUTES));

    private final Entry entry;

    BeddingField(String label, Bounds bounds) {
        this.entry = new Entry(label, bounds, "");
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
