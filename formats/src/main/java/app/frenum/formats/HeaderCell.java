package app.frenum.formats;

/**
 * A cell of a header taken apart: {@code speed [km/h]} or {@code speed (km/h)}. Read in one pass, however long the cell
 * is: it comes from strangers.
 *
 * @param name without its unit
 * @param unit as written between the brackets at the end; empty when there are none
 */
public record HeaderCell(String name, String unit) {
    /** More characters are no name of a column. */
    public static final int LONGEST = 200;

    public static HeaderCell of(String cell) {
        String text = cell.strip();
        int end = text.length() - 1;
        if (end < 0 || !closes(text.charAt(end))) {
            return new HeaderCell(text, "");
        }
        int before = end - 1;
        while (before >= 0 && !closes(text.charAt(before))) {
            before--;
        }
        for (int i = before + 1; i < end; i++) {
            if (text.charAt(i) == '[' || text.charAt(i) == '(') {
                return new HeaderCell(
                        text.substring(0, i).strip(), text.substring(i + 1, end).strip());
            }
        }
        return new HeaderCell(text, "");
    }

    private static boolean closes(char c) {
        return c == ']' || c == ')';
    }

    /**
     * Holds a header's cell against what names are like.
     *
     * @throws BadInput when it is too long, or holds what cannot be shown
     */
    public static void check(String cell, long line, int column) throws BadInput {
        if (cell.length() > LONGEST) {
            throw BadInput.at(
                    line, column, "The column's name is longer than %d characters. Shorten it.".formatted(LONGEST));
        }
        PlainText.check(cell, line, column);
    }
}
