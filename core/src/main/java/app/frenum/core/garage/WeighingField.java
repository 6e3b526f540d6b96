package app.frenum.core.garage;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** What weighing by difference asks for. */
public enum WeighingField implements EntryField {
    WITH("With the part", Bounds.of(0, 60_000, Unit.KILOGRAMS), "As the scale shows it."),
    WITHOUT("Without it", Bounds.of(0, 60_000, Unit.KILOGRAMS), "As the scale shows it."),
    STEP("Step of the scale", Bounds.of(0.0001, 50, Unit.KILOGRAMS), "Its last digit, such as 0.1 kg.");

    private final Entry entry;

    WeighingField(String label, Bounds bounds, String help) {
        this.entry = new Entry(label, bounds, help);
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
