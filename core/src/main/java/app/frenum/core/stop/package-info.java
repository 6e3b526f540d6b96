/**
 * Finds stops and snubs in a log and measures each one. Start at {@link app.frenum.core.stop.LogAnalysis}.
 */
package app.frenum.core.stop;
