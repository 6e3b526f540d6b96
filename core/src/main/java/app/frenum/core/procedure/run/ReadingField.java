package app.frenum.core.procedure.run;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** What is read at the lane after a stop. */
public enum ReadingField implements EntryField {
    DISC("Disc", Bounds.of(-40, 1200, Unit.CELSIUS)),
    SPEED("Entry", Bounds.of(5, 400, Unit.KILOMETRES_PER_HOUR)),
    DISTANCE("Distance", Bounds.of(0.5, 1000, Unit.METRES)),
    TIME("Stopwatch", Bounds.of(0.2, 60, Unit.SECONDS)),
    ROLLED("Since the stop before", Bounds.of(1, 100_000, Unit.METRES)),
    LATE("After rest", Bounds.of(0, 1800, Unit.SECONDS)),
    CRACK("Longest crack", Bounds.of(0.5, 400, Unit.MILLIMETRES));

    private final Entry entry;

    ReadingField(String label, Bounds bounds) {
        this.entry = new Entry(label, bounds, "");
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
