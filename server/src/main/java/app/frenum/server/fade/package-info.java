/**
 * Reads the series of a test for fade: the stops come from the analysis, the arithmetic is the core's. Start at
 * {@link app.frenum.server.fade.FadeService}.
 */
package app.frenum.server.fade;
