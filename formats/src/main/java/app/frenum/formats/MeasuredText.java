package app.frenum.formats;

import app.frenum.core.quantity.Unit;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number as people write it into a cell, with or without its unit: "44.1", "44,1 m", "145ft".
 *
 * @param value {@link NumberText#MISSING} where nothing is written, {@link NumberText#NOT_A_NUMBER} for what is no number
 * @param unit written behind it; empty where none is
 * @param decimals how many were written
 */
public record MeasuredText(double value, Optional<Unit> unit, int decimals) {
    /** Bounded, and without two ways to match one text: it comes from strangers. */
    private static final Pattern WITH_UNIT = Pattern.compile("([+\u2212-]?[0-9][0-9.,]{0,30})\\s{0,3}(\\D.{0,15})");

    /** Which mark stands before the decimals. */
    public enum Mark {
        POINT,
        COMMA,
        /** Whichever of the two a cell has; both in one cell are no number. */
        EITHER
    }

    public static MeasuredText of(String text, Mark mark) {
        String plain = text.strip().replace('\u00a0', ' ');
        double alone = number(plain, mark);
        if (alone != NumberText.NOT_A_NUMBER) {
            return new MeasuredText(alone, Optional.empty(), decimals(plain));
        }
        Matcher matcher = WITH_UNIT.matcher(plain);
        if (matcher.matches()) {
            Optional<Unit> unit = Unit.of(matcher.group(2));
            if (unit.isPresent()) {
                return new MeasuredText(number(matcher.group(1), mark), unit, decimals(matcher.group(1)));
            }
        }
        return new MeasuredText(NumberText.NOT_A_NUMBER, Optional.empty(), 0);
    }

    private static int decimals(String number) {
        int mark = Math.max(number.lastIndexOf('.'), number.lastIndexOf(','));
        int digits = 0;
        while (mark >= 0
                && mark + 1 + digits < number.length()
                && Character.isDigit(number.charAt(mark + 1 + digits))) {
            digits++;
        }
        return digits;
    }

    private static double number(String text, Mark mark) {
        boolean comma = mark == Mark.COMMA || mark == Mark.EITHER && text.indexOf(',') >= 0 && text.indexOf('.') < 0;
        return NumberText.parse(text, comma ? ',' : '.');
    }

    /** Whether there is a number, or nothing, where one may stand. */
    public boolean isReadable() {
        return value != NumberText.NOT_A_NUMBER;
    }

    public boolean isMissing() {
        return Double.isNaN(value);
    }
}
