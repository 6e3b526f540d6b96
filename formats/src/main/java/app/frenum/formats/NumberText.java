package app.frenum.formats;

/**
 * Reads decimal numbers straight from a character buffer. A plain decimal of up to 18 digits becomes
 * {@code digits / 10^decimals}, which is the correctly rounded value while both fit a double exactly (15 digits,
 * 10^22: W. D. Clinger, PLDI 1990); anything else goes to the library.
 */
public final class NumberText {
    /** What {@link #parse} gives for the known marks of a missing value. */
    public static final double MISSING = Double.NaN;
    /** What {@link #parse} gives for text that is no finite number. */
    public static final double NOT_A_NUMBER = Double.NEGATIVE_INFINITY;

    private static final double[] POWERS = {
        1, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6, 1e7, 1e8, 1e9, 1e10, 1e11, 1e12, 1e13, 1e14, 1e15, 1e16, 1e17, 1e18
    };
    /** No number that anybody measured is longer; text from strangers may be, and must not cost more than its length. */
    private static final int LONGEST = 64;

    /** More might overflow a long. */
    private static final int MOST_DIGITS = 18;

    private static final long EXACT = 1L << 53;

    private NumberText() {}

    public static double parse(char[] buffer, int offset, int length, char decimalMark) {
        int i = offset;
        int end = offset + length;
        while (i < end && isSpace(buffer[i])) {
            i++;
        }
        while (end > i && isSpace(buffer[end - 1])) {
            end--;
        }
        if (i == end) {
            return MISSING;
        }
        if (end - i > LONGEST) {
            return NOT_A_NUMBER;
        }
        int start = i;
        boolean negative = buffer[i] == '-' || buffer[i] == '\u2212';
        if (negative || buffer[i] == '+') {
            i++;
        }
        // Whole part and fraction in loops of their own: this is where most of an import's time goes.
        long digits = 0;
        int first = i;
        for (; i < end && isDigit(buffer[i]); i++) {
            digits = digits * 10 + (buffer[i] - '0');
        }
        int count = i - first;
        int decimals = 0;
        if (i < end && buffer[i] == decimalMark) {
            first = ++i;
            for (; i < end && isDigit(buffer[i]); i++) {
                digits = digits * 10 + (buffer[i] - '0');
            }
            decimals = i - first;
            count += decimals;
        }
        if (i < end || count == 0 || count > MOST_DIGITS || digits >= EXACT) {
            return slow(buffer, start, end, decimalMark);
        }
        double value = decimals > 0 ? digits / POWERS[decimals] : digits;
        return negative ? -value : value;
    }

    /** Other control characters are damage, and not an empty cell. */
    private static boolean isSpace(char c) {
        return c == ' ' || c >= '\t' && c <= '\r';
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    public static double parse(String text, char decimalMark) {
        return parse(text.toCharArray(), 0, text.length(), decimalMark);
    }

    private static double slow(char[] buffer, int start, int end, char decimalMark) {
        String text = new String(buffer, start, end - start);
        if (isMissing(text)) {
            return MISSING;
        }
        String plain = decimalMark == '.' ? text : text.replace(decimalMark, '.');
        if (!plain.matches("[+\\-\u2212]?([0-9]+\\.?[0-9]*|\\.[0-9]+)([eE][+-]?[0-9]{1,4})?")) {
            return NOT_A_NUMBER;
        }
        double value = Double.parseDouble(plain.replace('\u2212', '-'));
        return Double.isFinite(value) ? value : NOT_A_NUMBER;
    }

    private static boolean isMissing(String text) {
        return switch (text) {
            case "-", "--", "---", "\u2013", "\u2014", "NaN", "nan", "NAN", "n/a", "N/A", "NA" -> true;
            default -> false;
        };
    }
}
