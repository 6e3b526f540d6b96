package app.frenum.formats;

import java.util.List;

/**
 * How a table separates its cells and writes its decimals, found by looking.
 *
 * @param separator comma, semicolon or tab
 * @param decimalComma whether 1,5 means one and a half
 */
public record Dialect(char separator, boolean decimalComma) {
    private static final String DECIMAL_COMMA = "[+-]?[0-9]+,[0-9]+";

    /**
     * Looks at the header and the first rows: the separator is the one that the header has most of; with
     * semicolons or tabs, cells such as "12,5" mean decimal commas.
     *
     * @param lines header first
     */
    public static Dialect of(List<String> lines) {
        String header = lines.isEmpty() ? "" : lines.get(0);
        char separator = ',';
        long most = 0;
        for (char candidate : new char[] {'\t', ';', ','}) {
            long count = header.chars().filter(c -> c == candidate).count();
            if (count > most) {
                most = count;
                separator = candidate;
            }
        }
        char chosen = separator;
        boolean comma = chosen != ','
                && lines.stream()
                        .skip(1)
                        .flatMap(l -> List.of(l.split(String.valueOf(chosen), -1)).stream())
                        .anyMatch(cell -> cell.strip().matches(DECIMAL_COMMA));
        // A single column has no separator; a comma in its cells is then a decimal comma.
        boolean alone =
                most == 0 && lines.stream().skip(1).anyMatch(l -> l.strip().matches(DECIMAL_COMMA));
        return alone ? new Dialect(';', true) : new Dialect(separator, comma);
    }
}
