package app.frenum.formats.verdict;

/**
 * In what capacity somebody signed, and on which Frenum.
 *
 * @param role of the account at that time, such as ENGINEER
 * @param rules version of the rules that the figures were worked out by
 * @param instance which Frenum, whatever key it had then
 */
public record SignedAs(String role, int rules, String instance) {}
