package app.frenum.formats.signature;

import java.io.IOException;
import org.erdtman.jcs.JsonCanonicalizer;

/** The one text of a JSON value that is signed, however it was written (RFC 8785). */
public final class CanonicalJson {
    private CanonicalJson() {}

    /**
     * Sorted by names, without spaces, with numbers as ECMAScript writes them.
     *
     * @throws IllegalArgumentException when it is no JSON object or array
     */
    public static byte[] of(String json) {
        try {
            return new JsonCanonicalizer(json).getEncodedUTF8();
        } catch (IOException e) {
            throw new IllegalArgumentException("not JSON: " + e.getMessage(), e);
        }
    }
}
