package app.frenum.core.log;

import java.util.List;
import java.util.Optional;

/**
 * A recorded log: rows of samples with strictly rising times, which count from the first row. It may be far
 * larger than memory, so it is read a window at a time.
 */
public interface Log {

    List<Channel> channels();

    /** How many rows there are, at least one. */
    int rows();

    /** Times of rows {@code from} (inclusive) to {@code to} (exclusive), s from the first row. */
    double[] times(int from, int to);

    /** Samples of one channel in the inside unit of its dimension; NaN where the cell was empty. */
    double[] values(int channel, int from, int to);

    /** The first row at or after a time, or {@link #rows()} when there is none. */
    default int rowAt(double timeS) {
        int low = 0;
        int high = rows();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (times(middle, middle + 1)[0] < timeS) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    default double durationS() {
        return times(rows() - 1, rows())[0];
    }

    /** The index of the channel that has a role. */
    default Optional<Integer> channel(Role role) {
        for (int i = 0; i < channels().size(); i++) {
            if (channels().get(i).role() == role) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** The present samples of a channel within [fromS, toS]. */
    default Signal signal(int channel, double fromS, double toS) {
        int from = rowAt(fromS);
        int to = Math.max(from, rowAt(Math.nextUp(toS)));
        return Signal.ofPresent(times(from, to), values(channel, from, to));
    }

    /** As {@link #signal(int, double, double)}; an empty signal when no channel has the role. */
    default Signal signal(Role role, double fromS, double toS) {
        return channel(role).map(c -> signal(c, fromS, toS)).orElse(Signal.EMPTY);
    }
}
