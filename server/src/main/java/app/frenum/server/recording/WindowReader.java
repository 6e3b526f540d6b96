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
import java.util.function.DoubleBinaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * Reads any window of a recording at the width of a screen: whole blocks' extremes for days, the extremes of every
 * 32 rows for hours, the samples themselves for seconds.
 */
final class WindowReader {
    /** Rows per pixel from which extremes are read instead of samples: a step is then at most two pixels wide. */
    private static final int FINEST_ENVELOPE = SampleBlock.ENVELOPE_ROWS / 2;

    private final SampleBlockRepository blocks;
    private final UUID recording;
    private final double[] blockStarts;
    private final int rows;
    private final double durationS;
    /** Rows that are in no block yet; the last of the block starts is theirs. */
    private @Nullable Columns newest;

    WindowReader(SampleBlockRepository blocks, UUID recording, double[] blockStarts, int rows, double durationS) {
        this.blocks = blocks;
        this.recording = recording;
        this.blockStarts = blockStarts;
        this.rows = rows;
        this.durationS = durationS;
    }

    /** The same, with rows after its blocks that are in none yet. */
    WindowReader withNewest(Columns newest) {
        double start = newest.first(0, 1)[0];
        WindowReader longer = new WindowReader(
                blocks,
                recording,
                LiveRecordings.appended(blockStarts, start),
                rows + newest.rows(),
                Math.max(durationS, newest.lastTime()));
        longer.newest = newest;
        return longer;
    }

    TraceWindow read(List<Channel> channels, List<Integer> wanted, double fromS, double toS, int px) {
        int first = Math.max(0, floor(fromS));
        int last = Math.max(first, floor(toS));
        double rowsInWindow = rows * Math.min(1, Math.max(0, toS - fromS) / Math.max(durationS, 1e-9));
        double perPixel = rowsInWindow / px;
        List<Integer> read = new ArrayList<>(wanted);
        read.add(BlockLog.TIME);
        Map<Integer, Steps> steps = new TreeMap<>();
        if (perPixel >= FINEST_ENVELOPE) {
            boolean whole = perPixel >= SampleBlock.ROWS;
            blocks.envelopes(recording, read, first, last)
                    .forEach(e ->
                            steps.computeIfAbsent(e.channel(), c -> new Steps()).add(e, whole));
        } else {
            blocks.blocks(recording, read, first, last)
                    .forEach(b ->
                            steps.computeIfAbsent(b.channel(), c -> new Steps()).add(b.block()));
        }
        if (newest != null && last >= blockStarts.length - 1) {
            int stretch = perPixel >= FINEST_ENVELOPE ? SampleBlock.ENVELOPE_ROWS : 1;
            for (int channel : read) {
                int column = channel == BlockLog.TIME ? 0 : channel + 1;
                steps.computeIfAbsent(channel, c -> new Steps()).add(newest.first(column, newest.rows()), stretch);
            }
        }
        double[] t = steps.getOrDefault(BlockLog.TIME, new Steps()).low();
        int from = atOrBefore(t, fromS);
        int to = Math.min(t.length, atOrBefore(t, toS) + 2);
        // Neighbouring steps are joined until at most one per pixel is left.
        int joined = Math.max(1, (to - from + px - 1) / px);
        boolean single = joined == 1 && perPixel < FINEST_ENVELOPE;
        double[] time = new double[(to - from + joined - 1) / joined];
        Arrays.setAll(time, i -> t[from + i * joined]);
        List<TraceWindow.Line> lines = new ArrayList<>();
        for (int c : wanted) {
            Steps s = steps.get(c);
            if (s != null) {
                String unit = channels.get(c).unit().dimension().inside().symbol();
                Channel channel = channels.get(c);
                Double[] low = joined(channel, s.low(), from, to, joined, Math::min);
                Double[] high = single ? null : joined(channel, s.high(), from, to, joined, Math::max);
                lines.add(new TraceWindow.Line(c, channel.name(), channel.role(), unit, low, high));
            }
        }
        return new TraceWindow(fromS, toS, time, lines);
    }

    private int floor(double timeS) {
        int i = Arrays.binarySearch(blockStarts, timeS);
        return i >= 0 ? i : -i - 2;
    }

    private static int atOrBefore(double[] t, double timeS) {
        int i = Arrays.binarySearch(t, timeS);
        return Math.max(0, i >= 0 ? i : -i - 2);
    }

    /** The extreme of every so many neighbouring steps; null where none of them has a sample. */
    private static Double[] joined(
            Channel channel, double[] steps, int from, int to, int size, DoubleBinaryOperator extreme) {
        Double[] out = new Double[(to - from + size - 1) / size];
        for (int i = 0; i < out.length; i++) {
            int start = from + i * size;
            double found = Double.NaN;
            for (int k = start; k < Math.min(to, start + size); k++) {
                if (!Double.isNaN(steps[k])) {
                    found = Double.isNaN(found) ? steps[k] : extreme.applyAsDouble(found, steps[k]);
                }
            }
            out[i] = Double.isNaN(found) ? null : rounded(channel.unit().toInside(found));
        }
        return out;
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

        /** The extremes of every so many of them. */
        void add(double[] values, int stretch) {
            for (int from = 0; from < values.length; from += stretch) {
                double least = Double.NaN;
                double most = Double.NaN;
                for (int i = from; i < Math.min(values.length, from + stretch); i++) {
                    least = Double.isNaN(least) ? values[i] : values[i] < least ? values[i] : least;
                    most = Double.isNaN(most) ? values[i] : values[i] > most ? values[i] : most;
                }
                put(least, most);
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
