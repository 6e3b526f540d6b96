package app.frenum.core.log;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;

/**
 * Samples of one quantity at rising times, none missing. Between samples it is linear (see docs/handbook.md,
 * "Reading a log"); outside its times it has no value. The arrays are not copied: treat them as frozen.
 *
 * @param t times, s, strictly rising
 * @param v values, as many as times
 */
public record Signal(double[] t, double[] v) {
    public static final Signal EMPTY = new Signal(new double[0], new double[0]);
    /** A hole longer than this many sample periods, or {@link #GAP_SECONDS}, whichever is longer, is a gap. */
    private static final int GAP_PERIODS = 5;

    private static final double GAP_SECONDS = 0.5;

    public Signal {
        if (t.length != v.length) {
            throw new IllegalArgumentException("%d times but %d values".formatted(t.length, v.length));
        }
    }

    /** Leaves out the samples that are NaN. */
    public static Signal ofPresent(double[] t, double[] v) {
        int present = 0;
        for (double x : v) {
            present += Double.isNaN(x) ? 0 : 1;
        }
        if (present == v.length) {
            return new Signal(t, v);
        }
        double[] pt = new double[present];
        double[] pv = new double[present];
        int k = 0;
        for (int i = 0; i < v.length; i++) {
            if (!Double.isNaN(v[i])) {
                pt[k] = t[i];
                pv[k++] = v[i];
            }
        }
        return new Signal(pt, pv);
    }

    public int size() {
        return t.length;
    }

    public boolean isEmpty() {
        return t.length == 0;
    }

    public double first() {
        return t[0];
    }

    public double last() {
        return t[t.length - 1];
    }

    public boolean covers(double timeS) {
        return !isEmpty() && timeS >= first() && timeS <= last();
    }

    /** Index of the last sample at or before a time; −1 when there is none. */
    public int indexAtOrBefore(double timeS) {
        int i = Arrays.binarySearch(t, timeS);
        return i >= 0 ? i : -i - 2;
    }

    /** Value by linear interpolation, held constant beyond the ends. */
    public double at(double timeS) {
        int i = indexAtOrBefore(timeS);
        if (i < 0) {
            return v[0];
        }
        if (i >= t.length - 1) {
            return v[t.length - 1];
        }
        return v[i] + (v[i + 1] - v[i]) * (timeS - t[i]) / (t[i + 1] - t[i]);
    }

    /** The samples strictly inside (from, to), with interpolated ones put at both ends. */
    public Signal between(double from, double to) {
        int low = indexAtOrBefore(from) + 1;
        int high = Math.max(low, indexAtOrBefore(Math.nextDown(to)) + 1);
        double[] ct = new double[high - low + 2];
        double[] cv = new double[high - low + 2];
        System.arraycopy(t, low, ct, 1, high - low);
        System.arraycopy(v, low, cv, 1, high - low);
        ct[0] = from;
        cv[0] = at(from);
        ct[ct.length - 1] = to;
        cv[cv.length - 1] = at(to);
        return new Signal(ct, cv);
    }

    /** Trapezoid integral over [from, to], with linear interpolation at both ends. */
    public double integral(double from, double to) {
        Signal cut = between(from, to);
        double sum = 0;
        for (int i = 1; i < cut.size(); i++) {
            sum += (cut.v[i] + cut.v[i - 1]) / 2 * (cut.t[i] - cut.t[i - 1]);
        }
        return sum;
    }

    /** Mean over time. */
    public double mean(double from, double to) {
        return to > from ? integral(from, to) / (to - from) : at(from);
    }

    /** Largest value over [from, to], ends included. */
    public double max(double from, double to) {
        return Arrays.stream(between(from, to).v).max().orElseThrow();
    }

    /** The first instant in [from, to] at which the value has come down to {@code level}; NaN when it never does. */
    public double firstFallTo(double level, double from, double to) {
        Signal cut = between(from, to);
        for (int i = 0; i < cut.size(); i++) {
            if (cut.v[i] <= level) {
                return i == 0 ? from : cut.crossing(i, level);
            }
        }
        return Double.NaN;
    }

    /** The last instant in [from, to] at which the value falls through {@code level}; NaN when it never does. */
    public double lastFallThrough(double level, double from, double to) {
        Signal cut = between(from, to);
        for (int i = cut.size() - 1; i > 0; i--) {
            if (cut.v[i] <= level && cut.v[i - 1] > level) {
                return cut.crossing(i, level);
            }
        }
        return Double.NaN;
    }

    private double crossing(int i, double level) {
        return t[i - 1] + (t[i] - t[i - 1]) * (v[i - 1] - level) / (v[i - 1] - v[i]);
    }

    public Signal map(DoubleUnaryOperator f) {
        return new Signal(t, Arrays.stream(v).map(f).toArray());
    }

    /** Median sample interval, s; 0 with fewer than two samples. */
    public double period() {
        if (t.length < 2) {
            return 0;
        }
        // A thousand intervals place the median of a logger's clock well enough, at any length.
        int step = Math.max(1, (t.length - 1) / 1000);
        double[] d = new double[(t.length - 2) / step + 1];
        for (int i = 0; i < d.length; i++) {
            d[i] = t[i * step + 1] - t[i * step];
        }
        Arrays.sort(d);
        return d[d.length / 2];
    }

    /** The longest hole across which this signal may still be interpolated, s. */
    public double longestBridge() {
        return longestBridge(period());
    }

    static double longestBridge(double period) {
        return Math.max(GAP_PERIODS * period, GAP_SECONDS);
    }

    /** The longest hole between neighbouring samples that touches [from, to], s. */
    public double longestHole(double from, double to) {
        double longest = 0;
        for (int i = Math.max(1, indexAtOrBefore(from)); i < t.length && t[i - 1] < to; i++) {
            if (t[i] > from) {
                longest = Math.max(longest, t[i] - t[i - 1]);
            }
        }
        return longest;
    }
}
