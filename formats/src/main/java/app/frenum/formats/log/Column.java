package app.frenum.formats.log;

import app.frenum.core.log.Role;
import app.frenum.core.quantity.Unit;

/**
 * One column of a log file as its header announces it.
 *
 * @param index from 0
 * @param name without its unit
 * @param writtenUnit as written; empty when none was
 * @param unit what it is read as
 * @param role what it is taken for
 */
public record Column(int index, String name, String writtenUnit, Unit unit, Role role) {}
