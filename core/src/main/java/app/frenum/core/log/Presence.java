package app.frenum.core.log;

/**
 * In which rows a channel has a sample. A slow channel is present in every tenth row, say; only what is missing from
 * its own rhythm is missing.
 */
final class Presence {
    private static final int LARGEST_SPACING = 1000;

    private final long[] spacings = new long[LARGEST_SPACING + 1];
    private long present;
    private int last = -1;

    /** Notes a sample; rows must rise. */
    void seen(int row) {
        if (last >= 0) {
            spacings[Math.min(LARGEST_SPACING, row - last)]++;
        }
        last = row;
        present++;
    }

    boolean any() {
        return present > 0;
    }

    /** Median distance between rows with a sample. */
    int usualSpacing() {
        long half = (present - 1) / 2;
        long sum = 0;
        for (int d = 1; d <= LARGEST_SPACING; d++) {
            sum += spacings[d];
            if (sum > half) {
                return d;
            }
        }
        return 1;
    }

    /** Share of the samples its rhythm promises that are not there, 0 to 1. */
    double missingShare(int rows) {
        double promised = (double) rows / usualSpacing();
        return Math.max(0, 1 - present / promised);
    }
}
