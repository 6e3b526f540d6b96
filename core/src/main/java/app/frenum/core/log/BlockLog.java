package app.frenum.core.log;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A log whose samples lie in blocks somewhere else: in a file, or in a database. Not for use by several threads. */
public final class BlockLog implements Log {
    /** The "channel" that holds the times. */
    public static final int TIME = -1;

    private static final int REMEMBERED = 96;

    /** Fetches one block. */
    @FunctionalInterface
    public interface Source {
        /**
         * @param channel index of the channel, or {@link #TIME}
         * @param block number of the block, from 0
         */
        SampleBlock block(int channel, int block);
    }

    private final List<Channel> channels;
    private final int rows;
    private final double[] blockStarts;
    private final Source source;
    private final Map<Long, double[]> unpacked = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, double[]> eldest) {
            return size() > REMEMBERED;
        }
    };

    /** @param blockStarts time of the first row of each block, s */
    public BlockLog(List<Channel> channels, int rows, double[] blockStarts, Source source) {
        this.channels = List.copyOf(channels);
        this.rows = rows;
        this.blockStarts = blockStarts.clone();
        this.source = source;
    }

    @Override
    public List<Channel> channels() {
        return channels;
    }

    @Override
    public int rows() {
        return rows;
    }

    @Override
    public double[] times(int from, int to) {
        return copy(TIME, from, to);
    }

    @Override
    public double[] values(int channel, int from, int to) {
        double[] out = copy(channel, from, to);
        var unit = channels.get(channel).unit();
        for (int i = 0; i < out.length; i++) {
            out[i] = unit.toInside(out[i]);
        }
        return out;
    }

    @Override
    public int rowAt(double timeS) {
        int block = Arrays.binarySearch(blockStarts, timeS);
        if (block >= 0) {
            return block * SampleBlock.ROWS;
        }
        block = -block - 2;
        if (block < 0) {
            return 0;
        }
        int inBlock = Arrays.binarySearch(unpacked(TIME, block), timeS);
        return block * SampleBlock.ROWS + (inBlock >= 0 ? inBlock : -inBlock - 1);
    }

    private double[] copy(int channel, int from, int to) {
        double[] out = new double[Math.max(0, to - from)];
        for (int row = from; row < to; ) {
            int block = row / SampleBlock.ROWS;
            int start = row - block * SampleBlock.ROWS;
            int n = Math.min(SampleBlock.ROWS - start, to - row);
            System.arraycopy(unpacked(channel, block), start, out, row - from, n);
            row += n;
        }
        return out;
    }

    private double[] unpacked(int channel, int block) {
        long key = (long) (channel + 1) << 32 | block;
        double[] known = unpacked.get(key);
        if (known == null) {
            known = source.block(channel, block).unpack();
            unpacked.put(key, known);
        }
        return known;
    }
}
