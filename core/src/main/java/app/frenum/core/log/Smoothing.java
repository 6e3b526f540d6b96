package app.frenum.core.log;

import java.util.Arrays;

/**
 * Zero-phase smoothing of signals, never across a gap: 10 Hz for deceleration, 15 Hz for pressure, 2 Hz for
 * disc temperature, but never above a fifth of the sample rate.
 */
public final class Smoothing {
    public static final double DECELERATION_HZ = 10;
    public static final double PRESSURE_HZ = 15;
    public static final double TEMPERATURE_HZ = 2;

    private static final double LARGEST_SHARE_OF_RATE = 0.2;
    private static final double LONGEST_STEP_PERIODS = 3;
    /** Intervals this close to the median (as a share of it) count as an even clock. */
    private static final double EVEN = 0.02;

    private Smoothing() {}

    /** The signal low-passed at {@code cutoffHz}, at its own times, or on an even grid where its clock is uneven. */
    public static Signal lowPass(Signal signal, double cutoffHz) {
        double period = signal.period();
        if (signal.size() < 4 || period <= 0) {
            return signal;
        }
        Butterworth filter = new Butterworth(Math.min(cutoffHz, LARGEST_SHARE_OF_RATE / period), 1 / period);
        double bridge = Signal.longestBridge(period);
        Signal even = isEven(signal, period) ? signal : resampled(signal, period, bridge);
        double[] out = even.v().clone();
        int start = 0;
        for (int i = 1; i <= even.size(); i++) {
            if (i == even.size() || even.t()[i] - even.t()[i - 1] > bridge) {
                smoothPiece(filter, out, start, i);
                start = i;
            }
        }
        return new Signal(even.t(), out);
    }

    /**
     * Deceleration, positive when slowing, from speed by central differences; one-sided at ends, gaps and steps of the
     * clock, over which nobody knows how much time passed.
     */
    public static Signal decelerationOf(Signal speed) {
        int n = speed.size();
        if (n < 2) {
            return Signal.EMPTY;
        }
        double bridge = LONGEST_STEP_PERIODS * speed.period();
        double[] t = speed.t();
        double[] v = speed.v();
        double[] a = new double[n];
        for (int i = 0; i < n; i++) {
            int before = i > 0 && t[i] - t[i - 1] <= bridge ? i - 1 : i;
            int after = i < n - 1 && t[i + 1] - t[i] <= bridge ? i + 1 : i;
            a[i] = before == after ? 0 : (v[before] - v[after]) / (t[after] - t[before]);
        }
        return lowPass(new Signal(t, a), DECELERATION_HZ);
    }

    private static boolean isEven(Signal s, double period) {
        for (int i = 1; i < s.size(); i++) {
            double d = s.t()[i] - s.t()[i - 1];
            if (Math.abs(d - period) > EVEN * period && d <= Signal.longestBridge(period)) {
                return false;
            }
        }
        return true;
    }

    private static Signal resampled(Signal s, double period, double bridge) {
        double[] t = new double[(int) Math.ceil((s.last() - s.first()) / period) + s.size() + 1];
        int n = 0;
        int start = 0;
        for (int i = 1; i <= s.size(); i++) {
            if (i == s.size() || s.t()[i] - s.t()[i - 1] > bridge) {
                for (int k = 0; s.t()[start] + k * period <= s.t()[i - 1]; k++) {
                    t[n++] = s.t()[start] + k * period;
                }
                start = i;
            }
        }
        double[] times = Arrays.copyOf(t, n);
        return new Signal(times, Arrays.stream(times).map(s::at).toArray());
    }

    private static void smoothPiece(Butterworth filter, double[] values, int from, int to) {
        if (to - from >= 4) {
            double[] piece = filter.filter(Arrays.copyOfRange(values, from, to));
            System.arraycopy(piece, 0, values, from, piece.length);
        }
    }
}
