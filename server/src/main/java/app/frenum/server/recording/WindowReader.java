package app.frenum.server.recording;

import app.frenum.core.log.BlockLog;
import app.frenum.core.log.Channel;
import app.frenum.core.log.SampleBlock;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;

/**
 * Reads any window of a recording at the width of a screen: whole blocks' extremes for days, the extremes of every
 * 32 rows for hours, the samples themselves for seconds.
 */
final class WindowReader {
    private final SampleBlockRepository blocks;
    private final UUID recording;
    private final double[] blockStarts;
    private final int rows;
    private final double durationS;

    WindowReader(SampleBlockRepository blocks, UUID recording, double[] blockStarts, int rows, double durationS) {
        this.blocks = blocks;
        this.recording = recording;
        this.blockStarts = blockStarts;
        this.rows = rows;
        this.durationS = durationS;
    }

    List<TraceWindow.Line> lines(List<Channel> channels, List<Integer> wanted, double fromS, double toS, int px) {
        int first = Math.max(0, floor(fromS));
        int last = Math.max(first, floor(toS));
        double rowsInWindow = rows * Math.min(1, Math.max(0, toS - fromS) / Math.max(durationS, 1e-9));
        double perPixel = rowsInWindow / px;
        List<Integer> read = new ArrayList<>(wanted);
        read.add(BlockLog.TIME);
        Map<Integer, Steps> steps = new TreeMap<>();
        if (perPixel >= SampleBlock.ENVELOPE_ROWS) {
            boolean whole = perPixel >= SampleBlock.ROWS;
            blocks.envelopes(recording, read, first, last)
                    .forEach(e ->
                            steps.computeIfAbsent(e.channel(), c -> new Steps()).add(e, whole));
        } else {
            blocks.blocks(recording, read, first, last)
                    .forEach(b ->
                            steps.computeIfAbsent(b.channel(), c -> new Steps()).add(b.block()));
        }
        double[] t = steps.getOrDefault(BlockLog.TIME, new Steps()).low();
        int from = atOrBefore(t, fromS);
        int to = Math.min(t.length, atOrBefore(t, toS) + 2);
        List<TraceWindow.Line> lines = new ArrayList<>();
        for (int c : wanted) {
            Steps s = steps.get(c);
            if (s != null) {
                lines.add(line(c, channels.get(c), t, s, from, to, px));
            }
        }
        return lines;
    }

    private int floor(double timeS) {
        int i = Arrays.binarySearch(blockStarts, timeS);
        return i >= 0 ? i : -i - 2;
    }

    private static int atOrBefore(double[] t, double timeS) {
        int i = Arrays.binarySearch(t, timeS);
        return Math.max(0, i >= 0 ? i : -i - 2);
    }

    /** Joins neighbouring steps until at most two per pixel are left. */
    private static TraceWindow.Line line(int index, Channel channel, double[] t, Steps s, int from, int to, int px) {
        double[] low = s.low();
        double[] high = s.high();
        int joined = Math.max(1, (to - from) / px);
        int n = (to - from + joined - 1) / joined;
        double[] time = new double[n];
        Double[] lows = new Double[n];
        Double[] highs = new Double[n];
        for (int i = 0; i < n; i++) {
            int start = from + i * joined;
            int end = Math.min(to, start + joined);
            double least = Double.POSITIVE_INFINITY;
            double most = Double.NEGATIVE_INFINITY;
            for (int k = start; k < end; k++) {
                least = low[k] < least ? low[k] : least;
                most = high[k] > most ? high[k] : most;
            }
            time[i] = t[start];
            lows[i] = least > most ? null : rounded(channel.unit().toInside(least));
            highs[i] = least > most ? null : rounded(channel.unit().toInside(most));
        }
        String unit = channel.unit().dimension().inside().symbol();
        return new TraceWindow.Line(index, channel.name(), channel.role(), unit, time, lows, highs);
    }

    /** A screen shows no more than this, and shorter numbers travel faster. */
    private static Double rounded(double x) {
        return Math.round(x * 1e4) / 1e4;
    }

    /** Growing lists of lowest and highest values. */
    private static final class Steps {
        private double[] low = new double[1024];
        private double[] high = new double[1024];
        private int n;

        void add(EnvelopeRow e, boolean whole) {
            if (whole) {
                put(e.lowest() == null ? Double.NaN : e.lowest(), e.highest() == null ? Double.NaN : e.highest());
                return;
            }
            ByteBuffer pairs = ByteBuffer.wrap(e.envelope());
            while (pairs.hasRemaining()) {
                put(pairs.getFloat(), pairs.getFloat());
            }
        }

        void add(SampleBlock block) {
            for (double x : block.unpack()) {
                put(x, x);
            }
        }

        private void put(double least, double most) {
            if (n == low.length) {
                low = Arrays.copyOf(low, 2 * n);
                high = Arrays.copyOf(high, 2 * n);
            }
            low[n] = least;
            high[n++] = most;
        }

        double[] low() {
            return Arrays.copyOf(low, n);
        }

        double[] high() {
            return Arrays.copyOf(high, n);
        }
    }
}
