/**
 * Comparisons of a test's configurations. Start at {@link app.frenum.server.compare.ComparisonService}.
 */
package app.frenum.server.compare;
