/**
 * What braking does to the discs: how much a stop heats them, how they cool, and where repeated stops lead. Start at
 * {@link app.frenum.core.heat.Cooling} and {@link app.frenum.core.heat.RegularSeries}.
 */
package app.frenum.core.heat;
