package app.frenum.formats.sheet;

/**
 * Keeps a written note from becoming a formula in somebody's spreadsheet: text that begins like one gets an
 * apostrophe in front, and loses it again when read here.
 */
public final class CellGuard {
    private static final String STARTS = "=+-@\t\r";

    private CellGuard() {}

    public static String guarded(String text) {
        boolean risky = !text.isEmpty() && (STARTS.indexOf(text.charAt(0)) >= 0 || text.startsWith("'"));
        return risky ? "'" + text : text;
    }

    static String unguarded(String text) {
        boolean guarded = text.length() > 1 && text.charAt(0) == '\'' && (STARTS + "'").indexOf(text.charAt(1)) >= 0;
        return guarded ? text.substring(1) : text;
    }
}
