package app.frenum.core.garage;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** What bedding in asks for. */
public enum BeddingField implements EntryField {
    FROM("Bedding from", Bounds.of(0, 300, Unit.KILOMETRES_PER_HOUR)),
    TO("Bedding to", Bounds.of(0, 300, Unit.KILOMETRES_PER_HOUR)),
    GAP("Gap between snubs", Bounds.of(0, 120, Unit.MINUTES)),
    COOL_DOWN("Cool-down after", Bounds.of(0, 120, Unit.MINUTES));

    private final String label;
    private final Bounds bounds;

    BeddingField(String label, Bounds bounds) {
        this.label = label;
        this.bounds = bounds;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public Bounds bounds() {
        return bounds;
    }
}
