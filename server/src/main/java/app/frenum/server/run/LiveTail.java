package app.frenum.server.run;

import app.frenum.core.log.Channel;
import app.frenum.core.log.MemoryLog;
import java.util.Arrays;
import java.util.List;

/** The last minutes of a log that is being written, ready to look for stops in. */
final class LiveTail {
    private static final double KEPT_S = 180;

    private final List<Channel> channels;
    private double[][] columns;
    private int rows;

    LiveTail(List<Channel> channels) {
        this.channels = channels;
        columns = new double[1 + channels.size()][4096];
    }

    void add(double[][] more) {
        int n = more[0].length;
        if (rows + n > columns[0].length) {
            trim(more[0][n - 1] - KEPT_S);
            grow(rows + n);
        }
        for (int c = 0; c < columns.length; c++) {
            System.arraycopy(more[c], 0, columns[c], rows, n);
        }
        rows += n;
    }

    private void trim(double fromS) {
        int first = Arrays.binarySearch(columns[0], 0, rows, fromS);
        int gone = Math.min(rows, first >= 0 ? first : -first - 1);
        for (double[] column : columns) {
            System.arraycopy(column, gone, column, 0, rows - gone);
        }
        rows -= gone;
    }

    private void grow(int needed) {
        if (needed > columns[0].length / 2) {
            int length = Math.max(2 * columns[0].length, needed);
            columns = Arrays.stream(columns).map(c -> Arrays.copyOf(c, length)).toArray(double[][]::new);
        }
    }

    int rows() {
        return rows;
    }

    double lastS() {
        return columns[0][rows - 1];
    }

    /** The last value of a channel, in its own unit; NaN when it was not sampled. */
    double last(int channel) {
        return columns[channel + 1][rows - 1];
    }

    /** The value of a channel at a time, in its own unit; the first there is where the time is before that. */
    double value(int channel, double atS) {
        int found = Arrays.binarySearch(columns[0], 0, rows, atS);
        return columns[channel + 1][Math.max(0, found >= 0 ? found : -found - 2)];
    }

    MemoryLog log() {
        double[][] samples = new double[channels.size()][];
        Arrays.setAll(samples, c -> Arrays.copyOf(columns[c + 1], rows));
        return new MemoryLog(channels, Arrays.copyOf(columns[0], rows), samples);
    }
}
