package app.frenum.core.garage;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** What weighing by difference asks for. */
public enum WeighingField implements EntryField {
    WITH("With the part", Bounds.of(0, 60_000, Unit.KILOGRAMS), "As the scale shows it."),
    WITHOUT("Without it", Bounds.of(0, 60_000, Unit.KILOGRAMS), "As the scale shows it."),
    STEP("Step of the scale", Bounds.of(0.0001, 50, Unit.KILOGRAMS), "Its last digit, such as 0.1 kg.");

    private final String label;
    private final Bounds bounds;
    private final String help;

    WeighingField(String label, Bounds bounds, String help) {
        this.label = label;
        this.bounds = bounds;
        this.help = help;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public Bounds bounds() {
        return bounds;
    }

    @Override
    public String help() {
        return help;
    }
}
