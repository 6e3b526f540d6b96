package app.frenum.formats;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;

/** Looks at the start of an upload before it is read, so that what is not a text table is refused in plain words. */
public final class TextFile {
    /** The largest file that is read, bytes. */
    public static final long LARGEST = 512L << 20;

    /** The longest row that is read, and the most that a reader holds of a file at once, characters. */
    public static final int LONGEST_ROW = 1 << 18;

    private static final int PEEK = 64 << 10;

    private TextFile() {}

    /**
     * The first part of the file as text, without a byte-order mark.
     *
     * @throws BadInput when it is empty, too large, not UTF-8 text, or a web page
     */
    public static String head(Path file) throws IOException, BadInput {
        long size = Files.size(file);
        if (size == 0) {
            throw BadInput.inFile("The file is empty. Export the log again, or choose another file.");
        }
        if (size > LARGEST) {
            throw BadInput.inFile(
                    "The file has %d MB; at most %d MB can be read. Cut the log into parts, such as one per session."
                            .formatted(size >> 20, LARGEST >> 20));
        }
        byte[] bytes;
        try (InputStream in = Files.newInputStream(file)) {
            bytes = in.readNBytes(PEEK);
        }
        refuseOtherEncodings(bytes);
        String text = decode(bytes, size > bytes.length);
        refuseMarkup(text);
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    private static void refuseOtherEncodings(byte[] b) throws BadInput {
        boolean utf16 = b.length >= 2
                && ((b[0] & 0xFF) == 0xFF && (b[1] & 0xFF) == 0xFE || (b[0] & 0xFF) == 0xFE && (b[1] & 0xFF) == 0xFF);
        int zeros = 0;
        for (byte x : b) {
            zeros += x == 0 ? 1 : 0;
        }
        if (utf16 || zeros > b.length / 4 && zeros < b.length * 3 / 4 && zeros > 8 && looksLikeWideText(b)) {
            throw BadInput.inFile("The file is UTF-16 text. Save it as \"CSV UTF-8\" and bring it in again.");
        }
        if (zeros > 0) {
            throw BadInput.atLine(
                    lineOfFirstZero(b),
                    "There is a byte in it that no text has (NUL): the file is binary, or was damaged when power was lost "
                            + "or a card pulled. Export the log as CSV again, or cut the file off above this line.");
        }
    }

    private static long lineOfFirstZero(byte[] b) {
        long line = 1;
        for (int i = 0; b[i] != 0; i++) {
            line += b[i] == '\n' ? 1 : 0;
        }
        return line;
    }

    private static boolean looksLikeWideText(byte[] b) {
        int even = 0;
        int odd = 0;
        for (int i = 0; i < b.length; i++) {
            if (b[i] == 0) {
                even += i % 2 == 0 ? 1 : 0;
                odd += i % 2;
            }
        }
        return Math.min(even, odd) * 10 < Math.max(even, odd);
    }

    private static String decode(byte[] bytes, boolean cut) throws BadInput {
        CharBuffer out = CharBuffer.allocate(bytes.length + 1);
        var decoder = StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
        var result = decoder.decode(ByteBuffer.wrap(bytes), out, !cut);
        if (result.isError()) {
            String before = out.flip().toString();
            throw BadInput.atLine(
                    before.lines().count() + (before.endsWith("\n") ? 1 : 0),
                    "The text is not UTF-8. Save the file as \"CSV UTF-8\" and bring it in again.");
        }
        return out.flip().toString();
    }

    private static void refuseMarkup(String text) throws BadInput {
        String start = text.strip().toLowerCase(Locale.ROOT);
        if (start.startsWith("<!doctype")
                || start.startsWith("<html")
                || start.startsWith("<?xml") && !start.contains("<gpx")
                || start.startsWith("{\\rtf")) {
            throw BadInput.inFile("The file is a web page or markup, not a table. Export the log as CSV.");
        }
    }

    /** A reader's complaint about bytes further on, in the same words. */
    public static BadInput notUtf8(long line, CharacterCodingException cause) {
        BadInput bad =
                BadInput.atLine(line, "The text is not UTF-8. Save the file as \"CSV UTF-8\" and bring it in again.");
        bad.initCause(cause);
        return bad;
    }
}
