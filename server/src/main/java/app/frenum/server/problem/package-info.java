/**
 * What went wrong, in the form of RFC 9457: what, where, and what to do. Start at
 * {@link app.frenum.server.problem.Problem}.
 */
package app.frenum.server.problem;
