package app.frenum.core.log;

import java.nio.ByteBuffer;

/**
 * A few thousand neighbouring samples of one channel, packed.
 *
 * <p>Loggers write decimals, so a block is stored as whole multiples of a power of ten: the first as it is,
 * the others as differences, each in a zigzag variable-length integer (one byte up to ±63). What comes out is
 * bit for bit what went in: {@code m / 10^d} is the correctly rounded value of the decimal that was read. A block
 * that holds anything else (too many digits) is stored as plain doubles. Beside the samples stand the smallest
 * and largest value of every {@link #ENVELOPE_ROWS} rows, so that a wide view needs no unpacking.
 *
 * <p>Layout: one byte mode (0–9 decimals, 15 plain; +16 when samples are missing), then for missing samples one
 * bit per row, then the numbers.
 *
 * @param firstRow row of the first sample
 * @param rows how many rows, at most {@link #ROWS}
 * @param packed the samples
 * @param envelope pairs of 4-byte floats (lowest, highest) per {@link #ENVELOPE_ROWS} rows; NaN where none is present
 * @param lowest smallest present sample, NaN when all are missing
 * @param highest largest present sample, NaN when all are missing
 */
public record SampleBlock(int firstRow, int rows, byte[] packed, byte[] envelope, double lowest, double highest) {
    public static final int ROWS = 4096;
    public static final int ENVELOPE_ROWS = 32;

    private static final int PLAIN = 15;
    private static final int MISSING = 16;
    private static final double[] POWERS = {1, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6, 1e7, 1e8, 1e9};
    /** Above this a double no longer holds every integer. */
    private static final double EXACT_LIMIT = 9e15;

    /** Packs the first {@code n} values; NaN marks a missing sample. */
    public static SampleBlock of(int firstRow, double[] values, int n) {
        boolean missing = false;
        double lowest = Double.NaN;
        double highest = Double.NaN;
        ByteBuffer envelope = ByteBuffer.allocate((n + ENVELOPE_ROWS - 1) / ENVELOPE_ROWS * 8);
        for (int start = 0; start < n; start += ENVELOPE_ROWS) {
            double low = Double.POSITIVE_INFINITY;
            double high = Double.NEGATIVE_INFINITY;
            for (int i = start; i < Math.min(n, start + ENVELOPE_ROWS); i++) {
                double x = values[i];
                missing |= Double.isNaN(x);
                if (x < low) {
                    low = x;
                }
                if (x > high) {
                    high = x;
                }
            }
            boolean none = low > high;
            envelope.putFloat(none ? Float.NaN : (float) low).putFloat(none ? Float.NaN : (float) high);
            if (!none) {
                lowest = lowest <= low ? lowest : low;
                highest = highest >= high ? highest : high;
            }
        }
        return new SampleBlock(firstRow, n, pack(values, n, missing), envelope.array(), lowest, highest);
    }

    private static byte[] pack(double[] values, int n, boolean missing) {
        byte[] bits = missing ? missingBits(values, n) : new byte[0];
        byte[] numbers = new byte[n * 10];
        // The fewest decimals that give every value back exactly; a finer value late in the block starts it over.
        for (int decimals = 0; decimals < POWERS.length; decimals++) {
            int length = packDecimals(values, n, POWERS[decimals], numbers);
            if (length >= 0) {
                return joined(decimals, bits, numbers, length);
            }
        }
        return joined(PLAIN, bits, packPlain(values, n), 8 * n);
    }

    private static byte[] joined(int mode, byte[] missingBits, byte[] numbers, int length) {
        byte[] out = new byte[1 + missingBits.length + length];
        out[0] = (byte) (mode | (missingBits.length > 0 ? MISSING : 0));
        System.arraycopy(missingBits, 0, out, 1, missingBits.length);
        System.arraycopy(numbers, 0, out, 1 + missingBits.length, length);
        return out;
    }

    private static byte[] missingBits(double[] values, int n) {
        byte[] bits = new byte[(n + 7) / 8];
        for (int i = 0; i < n; i++) {
            if (Double.isNaN(values[i])) {
                bits[i / 8] |= (byte) (1 << i % 8);
            }
        }
        return bits;
    }

    private static byte[] packPlain(double[] values, int n) {
        ByteBuffer plain = ByteBuffer.allocate(8 * n);
        for (int i = 0; i < n; i++) {
            plain.putDouble(values[i]);
        }
        return plain.array();
    }

    /** Packs multiples of 1/power; the number of bytes, or −1 when a value is no such multiple. */
    private static int packDecimals(double[] values, int n, double power, byte[] out) {
        int at = 0;
        long previous = 0;
        for (int i = 0; i < n; i++) {
            double x = values[i];
            if (Double.isNaN(x)) {
                continue;
            }
            double scaled = Math.rint(x * power);
            // Negative zero equals zero but is another bit pattern; nobody measures it.
            if (!(Math.abs(scaled) < EXACT_LIMIT) || scaled / power != x) {
                return -1;
            }
            long whole = (long) scaled;
            long delta = whole - previous;
            previous = whole;
            long zigzag = delta << 1 ^ delta >> 63;
            while ((zigzag & ~0x7FL) != 0) {
                out[at++] = (byte) (zigzag & 0x7F | 0x80);
                zigzag >>>= 7;
            }
            out[at++] = (byte) zigzag;
        }
        return at;
    }

    /** The samples again; NaN where one was missing. */
    public double[] unpack() {
        double[] out = new double[rows];
        int decimals = packed[0] & 0x0F;
        boolean missing = (packed[0] & MISSING) != 0;
        int at = 1 + (missing ? (rows + 7) / 8 : 0);
        if (decimals == PLAIN) {
            ByteBuffer.wrap(packed, at, 8 * rows).asDoubleBuffer().get(out);
            return out;
        }
        double power = POWERS[decimals];
        long whole = 0;
        for (int i = 0; i < rows; i++) {
            if (missing && (packed[1 + i / 8] & 1 << i % 8) != 0) {
                out[i] = Double.NaN;
                continue;
            }
            long zigzag = 0;
            int shift = 0;
            byte b;
            do {
                b = packed[at++];
                zigzag |= (long) (b & 0x7F) << shift;
                shift += 7;
            } while (b < 0);
            whole += zigzag >>> 1 ^ -(zigzag & 1);
            out[i] = whole / power;
        }
        return out;
    }
}
