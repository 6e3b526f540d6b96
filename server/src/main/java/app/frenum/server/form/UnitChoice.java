package app.frenum.server.form;

import app.frenum.core.quantity.Unit;

/** A unit and how it is written. */
public record UnitChoice(Unit unit, String symbol) {
    static UnitChoice of(Unit unit) {
        return new UnitChoice(unit, unit.symbol());
    }
}
