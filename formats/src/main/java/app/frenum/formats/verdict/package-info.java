/**
 * A signed verdict as a file: what went into it, what came out, and a checksum over both, so that anybody can work it out
 * again. Start at {@link app.frenum.formats.verdict.VerdictFile}.
 */
package app.frenum.formats.verdict;
