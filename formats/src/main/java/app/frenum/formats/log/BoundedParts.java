package app.frenum.formats.log;

import app.frenum.formats.TextFile;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/** Lets through what is cut into parts of a sane length; a reader that holds one part never holds a whole file of a stranger. */
final class BoundedParts extends FilterInputStream {
    /** A part went on and on. */
    static final class TooLong extends IOException {
        private static final long serialVersionUID = 1L;
    }

    private final String ends;
    private int length;

    /** @param ends the characters that end a part */
    BoundedParts(InputStream in, String ends) {
        super(in);
        this.ends = ends;
    }

    @Override
    public int read() throws IOException {
        int b = super.read();
        count(b);
        return b;
    }

    @Override
    public int read(byte[] to, int offset, int n) throws IOException {
        int got = super.read(to, offset, n);
        for (int i = 0; i < got; i++) {
            count(to[offset + i]);
        }
        return got;
    }

    private void count(int b) throws IOException {
        length = ends.indexOf(b) >= 0 ? 0 : length + 1;
        if (length > TextFile.LONGEST_ROW) {
            throw new TooLong();
        }
    }
}
