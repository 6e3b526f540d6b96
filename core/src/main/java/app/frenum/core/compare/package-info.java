/**
 * Compares the stops of brake configurations and judges whether a difference is real. Start at {@link app.frenum.core.compare.Comparisons}.
 */
package app.frenum.core.compare;
