package app.frenum.formats;

import java.util.OptionalInt;

/**
 * Text that every page, paper, file and database can hold: no control characters but tab and line ends, no half of a
 * surrogate pair, no non-character (Unicode 15, sections 23.1 and 23.7). Names and notes are held against it where they
 * come in, so that nothing later has to.
 */
public final class PlainText {
    private PlainText() {}

    /** The first code point that is none of plain text; empty when there is none. */
    public static OptionalInt firstForeign(CharSequence text) {
        return text.codePoints().filter(PlainText::isForeign).findFirst();
    }

    private static boolean isForeign(int c) {
        boolean control = Character.isISOControl(c) && c != '\t' && c != '\n' && c != '\r';
        boolean halfAPair = c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE;
        boolean nonCharacter = (c & 0xFFFE) == 0xFFFE || c >= 0xFDD0 && c <= 0xFDEF;
        return control || halfAPair || nonCharacter;
    }

    /** What is said of such a code point. */
    public static String problem(int foreign) {
        return "The text holds a character that cannot be shown (U+%04X). Take it out.".formatted(foreign);
    }

    /** The text without what cannot be shown; for what was kept before it was refused. */
    public static String cleaned(String text) {
        if (firstForeign(text).isEmpty()) {
            return text;
        }
        return text.codePoints()
                .filter(c -> !isForeign(c))
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** @throws BadInput naming the place when a cell is not plain text */
    public static void check(String cell, long line, int column) throws BadInput {
        OptionalInt foreign = firstForeign(cell);
        if (foreign.isPresent()) {
            throw BadInput.at(line, column, problem(foreign.getAsInt()));
        }
    }
}
