/**
 * Statistics as the handbook asks for them, of plain numbers: means and their ranges, tests, trends, sample sizes. It knows nothing
 * of stops. Formulas: docs/handbook.md, "Comparison".
 */
package app.frenum.core.statistics;
