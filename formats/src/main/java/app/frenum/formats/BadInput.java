package app.frenum.formats;

import java.util.OptionalInt;
import java.util.OptionalLong;

/** A file that cannot be read as it is: says what, where and what to do, and nothing of it is kept. */
public final class BadInput extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient OptionalLong line;
    private final transient OptionalInt column;
    private final String problem;

    private BadInput(String problem, OptionalLong line, OptionalInt column) {
        super(place(line, column) + problem);
        this.problem = problem;
        this.line = line;
        this.column = column;
    }

    public static BadInput inFile(String problem) {
        return new BadInput(problem, OptionalLong.empty(), OptionalInt.empty());
    }

    public static BadInput atLine(long line, String problem) {
        return new BadInput(problem, OptionalLong.of(line), OptionalInt.empty());
    }

    /** @param column counted from 1, as people do */
    public static BadInput at(long line, int column, String problem) {
        return new BadInput(problem, OptionalLong.of(line), OptionalInt.of(column));
    }

    private static String place(OptionalLong line, OptionalInt column) {
        String text = line.isPresent() ? "line " + line.getAsLong() : "";
        text += column.isPresent() ? ", column " + column.getAsInt() : "";
        return text.isEmpty() ? "" : text + ": ";
    }

    public OptionalLong line() {
        return line;
    }

    public OptionalInt column() {
        return column;
    }

    /** The message without its place. */
    public String problem() {
        return problem;
    }

    /** What a person wrote, short and printable, for use inside a message. */
    public static String quote(String text) {
        String plain = text.replaceAll("\\p{Cntrl}", "?");
        return "\"" + (plain.length() > 40 ? plain.substring(0, 40) + "…" : plain) + "\"";
    }
}
