package app.frenum.standin;

import app.frenum.core.quantity.Unit;
import java.time.Instant;

/**
 * One reading, before it has a number.
 *
 * @param quantity as the protocol names it
 */
record Reading(Instant at, String quantity, double value, Unit unit) {}
