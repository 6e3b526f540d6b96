package app.frenum.core.plan;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** A figure that is asked of a lane, with its bounds. */
public enum LaneField implements EntryField {
    LENGTH("Length to drive on", Bounds.of(20, 6000, Unit.METRES), ""),
    RUN_OFF("Run-off beyond it", Bounds.of(0, 3000, Unit.METRES), "Free of anything to hit."),
    GRADE("Grade", Bounds.of(-15, 15, Unit.PERCENT), "Uphill in the main direction counts positive."),
    LAP(
            "Lap length, oval or loop",
            Bounds.of(100, 30_000, Unit.METRES),
            "Leave blank if the vehicle turns at the end of its run.");

    private final Entry entry;

    LaneField(String label, Bounds bounds, String help) {
        this.entry = new Entry(label, bounds, help);
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
