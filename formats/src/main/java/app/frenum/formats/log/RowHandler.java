package app.frenum.formats.log;

import app.frenum.core.log.Role;
import app.frenum.core.quantity.Unit;
import app.frenum.formats.BadInput;
import app.frenum.formats.NumberText;
import de.siegmar.fastcsv.reader.AbstractBaseCsvCallbackHandler;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Turns the cells of one row into numbers as the CSV library finds them, without a String per cell. The same
 * object stands for each row in turn.
 */
final class RowHandler extends AbstractBaseCsvCallbackHandler<RowHandler> {
    /** Times are kept to the microsecond, so that decimals stay decimals after the first one is taken off. */
    private static final double MICRO = 1e6;

    private static final Pattern ZONE_AT_END = Pattern.compile("(Z|[+-][0-9]{2}:?[0-9]{2})$");
    private static final int LONGEST_TIME = 64;
    /** Of the text of an extra channel, too: a longer one is a broken file. */
    private static final int LONGEST_CELL = 1000;

    private final int width;
    private final int timeColumn;
    private final Unit timeUnit;
    private final int[] channelOfColumn;
    private final Role[] roles;
    private final char decimalMark;
    private final double[] values;
    private double time;
    private double firstTime = Double.NaN;
    private int cells;
    private boolean surplus;
    private long line;
    private int badColumn;
    private String badText = "";
    private final String[] names;

    RowHandler(LogHeader header) {
        width = Math.max(
                        header.time().index(),
                        header.columns().get(header.columns().size() - 1).index())
                + 1;
        timeColumn = header.time().index();
        timeUnit = header.time().unit();
        channelOfColumn = new int[width];
        Arrays.fill(channelOfColumn, -1);
        roles = new Role[header.columns().size()];
        names = new String[width];
        names[timeColumn] = header.time().name();
        for (int i = 0; i < roles.length; i++) {
            Column c = header.columns().get(i);
            channelOfColumn[c.index()] = i;
            roles[i] = c.role();
            names[c.index()] = c.name();
        }
        decimalMark = header.dialect().decimalComma() ? ',' : '.';
        values = new double[roles.length];
    }

    @Override
    protected void handleBegin(long startingLineNumber) {
        line = startingLineNumber;
        cells = 0;
        surplus = false;
        badColumn = -1;
    }

    @Override
    protected void handleField(int column, char[] buffer, int offset, int length, boolean quoted) {
        cells = column + 1;
        if (column >= width) {
            surplus |= !new String(buffer, offset, length).isBlank();
            return;
        }
        if (column == timeColumn) {
            time = readTime(buffer, offset, length);
            if (!Double.isFinite(time)) {
                bad(column, buffer, offset, length);
            }
            return;
        }
        if (length > LONGEST_CELL) {
            bad(column, buffer, offset, length);
        }
        int channel = channelOfColumn[column];
        if (channel < 0 || length > LONGEST_CELL) {
            return;
        }
        double x = NumberText.parse(buffer, offset, length, decimalMark);
        if (x == NumberText.NOT_A_NUMBER) {
            x = wordValue(roles[channel], buffer, offset, length);
            if (x == NumberText.NOT_A_NUMBER) {
                bad(column, buffer, offset, length);
            }
        }
        values[channel] = x;
    }

    /** Switches may be words; text in a channel that nothing is computed from is simply not a number. */
    private static double wordValue(Role role, char[] buffer, int offset, int length) {
        if (role == Role.EXTRA) {
            return NumberText.MISSING;
        }
        if (!role.isSwitch()) {
            return NumberText.NOT_A_NUMBER;
        }
        return switch (new String(buffer, offset, length).strip().toLowerCase(Locale.ROOT)) {
            case "on", "yes", "true" -> 1;
            case "off", "no", "false" -> 0;
            default -> NumberText.NOT_A_NUMBER;
        };
    }

    private double readTime(char[] buffer, int offset, int length) {
        double t = NumberText.parse(buffer, offset, length, decimalMark);
        double seconds = t == NumberText.NOT_A_NUMBER
                ? isoSeconds(new String(buffer, offset, length).strip())
                : timeUnit.toInside(t);
        if (Double.isNaN(firstTime) && Double.isFinite(seconds)) {
            firstTime = seconds;
        }
        return Math.round((seconds - firstTime) * MICRO) / MICRO + (Double.isFinite(seconds) ? 0 : Double.NaN);
    }

    private static double isoSeconds(String text) {
        if (text.length() > LONGEST_TIME) {
            return Double.NaN;
        }
        try {
            String t = text.replace(' ', 'T');
            boolean zoned = t.indexOf('T') > 0 && ZONE_AT_END.matcher(t).find();
            OffsetDateTime at =
                    zoned ? OffsetDateTime.parse(t) : LocalDateTime.parse(t).atOffset(ZoneOffset.UTC);
            return at.toEpochSecond() + at.getNano() * 1e-9;
        } catch (DateTimeException e) {
            return Double.NaN;
        }
    }

    private void bad(int column, char[] buffer, int offset, int length) {
        if (badColumn < 0) {
            badColumn = column;
            badText = new String(buffer, offset, Math.min(length, 60)).strip();
        }
    }

    void refuseBadCell(long linesAbove) throws BadInput {
        if (badColumn >= 0) {
            boolean empty = badText.isEmpty();
            String what = badColumn == timeColumn ? "a time" : "a number";
            throw BadInput.at(
                    line + linesAbove,
                    badColumn + 1,
                    empty
                            ? "%s is empty; every row needs %s.".formatted(BadInput.quote(names[badColumn]), what)
                            : "%s is not %s, in the column %s. Correct it, or leave the cell empty for a missing value."
                                    .formatted(BadInput.quote(badText), what, BadInput.quote(names[badColumn])));
        }
    }

    boolean isRagged() {
        return cells < width || surplus;
    }

    int cells() {
        return cells;
    }

    int width() {
        return width;
    }

    /** Line in the part of the file below the header, from 1. */
    long line() {
        return line;
    }

    double timeS() {
        return time;
    }

    double[] values() {
        return values;
    }

    @Override
    protected RowHandler buildRecord() {
        return this;
    }
}
