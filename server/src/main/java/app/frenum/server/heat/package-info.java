/**
 * Reads the series of a test for heat: how hot every disc was, how it cooled, and what that says of pads and layout. Start
 * at {@link app.frenum.server.heat.HeatService}.
 */
package app.frenum.server.heat;
