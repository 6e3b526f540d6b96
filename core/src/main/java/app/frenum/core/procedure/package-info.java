/**
 * How stops are driven: phases with their speeds, gates, repeats and limits. A procedure is data; what contradicts
 * itself is not one. Start at {@link app.frenum.core.procedure.Procedure}.
 */
package app.frenum.core.procedure;
