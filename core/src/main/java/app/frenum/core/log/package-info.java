/**
 * Recorded channels: what was logged, how healthy it is, and how it is smoothed. Start at {@link app.frenum.core.log.Log}.
 */
package app.frenum.core.log;
