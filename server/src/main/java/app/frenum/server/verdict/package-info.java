/** Verdicts that somebody signed, and other ways to look at the same stops. Start at {@link app.frenum.server.verdict.VerdictService}. */
package app.frenum.server.verdict;
