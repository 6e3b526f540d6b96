package app.frenum.core.heat;

import app.frenum.core.log.Signal;
import app.frenum.core.quantity.Figure;

/**
 * Finds the length of a lap from speed alone: the shortest way after which the speed is again what it was, by the
 * correlation of speed over distance with itself.
 */
public final class LapLength {
    private static final double EVERY_M = 10;
    private static final double SHORTEST_M = 300;
    /** Two whole laps are needed; what is compared must not be only their end. */
    private static final double LONGEST_SHARE = 0.55;
    /** Laps of one circuit are at least so alike. */
    private static final double ALIKE = 0.75;
    /** A whole lap repeats about as well as two; half of one does not. */
    private static final double OF_BEST = 0.93;

    private static final double STANDING_MPS = 1;

    private LapLength() {}

    /** Distance driven since the first sample, m, at the samples of a speed. */
    public static Signal driven(Signal speed) {
        double[] d = new double[speed.size()];
        for (int i = 1; i < d.length; i++) {
            double mean = (speed.v()[i] + speed.v()[i - 1]) / 2;
            d[i] = d[i - 1] + (mean > STANDING_MPS ? mean * (speed.t()[i] - speed.t()[i - 1]) : 0);
        }
        return new Signal(speed.t(), d);
    }

    /**
     * The lap's length, m.
     *
     * @param speed m/s
     * @param driven distance at the same samples, m
     */
    public static Figure of(Signal speed, Signal driven) {
        double[] v = overDistance(speed, driven);
        int from = (int) (SHORTEST_M / EVERY_M);
        int to = (int) (v.length * LONGEST_SHARE);
        double[] r = new double[Math.max(to, 0)];
        double best = 0;
        for (int lag = from; lag < to; lag++) {
            r[lag] = correlation(v, lag);
            best = Math.max(best, r[lag]);
        }
        for (int lag = from + 1; lag < to - 1; lag++) {
            boolean peak = r[lag] >= r[lag - 1] && r[lag] > r[lag + 1];
            if (peak && r[lag] >= Math.max(ALIKE, OF_BEST * best)) {
                return Figure.of(EVERY_M * (lag + top(r[lag - 1], r[lag], r[lag + 1])));
            }
        }
        return Figure.unknown("the speed does not repeat itself as it would over two laps or more");
    }

    private static double[] overDistance(Signal speed, Signal driven) {
        int n = driven.isEmpty() ? 0 : (int) (driven.v()[driven.size() - 1] / EVERY_M);
        double[] v = new double[n];
        int at = 0;
        for (int i = 0; i < n; i++) {
            while (driven.v()[at] < i * EVERY_M) {
                at++;
            }
            v[i] = speed.v()[at];
        }
        return v;
    }

    private static double correlation(double[] v, int lag) {
        int n = v.length - lag;
        double a = 0;
        double b = 0;
        for (int i = 0; i < n; i++) {
            a += v[i];
            b += v[i + lag];
        }
        a /= n;
        b /= n;
        double ab = 0;
        double aa = 0;
        double bb = 0;
        for (int i = 0; i < n; i++) {
            double x = v[i] - a;
            double y = v[i + lag] - b;
            ab += x * y;
            aa += x * x;
            bb += y * y;
        }
        return aa > 0 && bb > 0 ? ab / Math.sqrt(aa * bb) : 0;
    }

    /** Where the parabola through three neighbours has its top, in steps from the middle one. */
    private static double top(double before, double at, double after) {
        double bend = before - 2 * at + after;
        return bend == 0 ? 0 : (before - after) / (2 * bend);
    }
}
