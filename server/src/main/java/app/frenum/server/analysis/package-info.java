/**
 * Stops: measured, moved by hand, struck out, drawn. Start at {@link app.frenum.server.analysis.StopService}.
 */
package app.frenum.server.analysis;
