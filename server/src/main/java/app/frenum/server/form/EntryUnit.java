package app.frenum.server.form;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Unit;

/**
 * A unit that a figure may be entered in, and between what it makes sense in it.
 *
 * @param low lowest, in this unit
 * @param high highest, in this unit
 */
public record EntryUnit(Unit unit, String symbol, double low, double high) {
    static EntryUnit of(Unit unit, Bounds b) {
        return new EntryUnit(unit, unit.symbol(), unit.fromInside(b.low()), unit.fromInside(b.high()));
    }
}
