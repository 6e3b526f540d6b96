package app.frenum.core.log;

import java.util.ArrayList;
import java.util.List;

/**
 * Cuts a log of any length into pieces that fit in memory.
 *
 * @param fromS first instant that belongs to the piece
 * @param toS first instant that no longer does
 */
public record Windows(double fromS, double toS) {
    private static final double LENGTH_S = 120;
    private static final int LARGEST_ROWS = 60_000;

    /** Consecutive pieces that cover the log. */
    public static List<Windows> of(Log log) {
        List<Windows> windows = new ArrayList<>();
        double end = log.durationS();
        double from = 0;
        int row = 0;
        while (from <= end) {
            int last = Math.min(log.rows(), row + LARGEST_ROWS);
            double to = last == log.rows() ? from + LENGTH_S : Math.min(from + LENGTH_S, log.times(last, last + 1)[0]);
            // A hole longer than a piece is skipped, so that a log with a wild clock stays quick to read.
            int next = log.rowAt(to);
            double nextTime = next < log.rows() ? log.times(next, next + 1)[0] : Double.POSITIVE_INFINITY;
            windows.add(new Windows(from, to));
            from = Math.max(to, nextTime);
            row = next;
        }
        return windows;
    }
}
