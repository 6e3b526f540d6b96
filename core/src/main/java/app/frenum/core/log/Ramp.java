package app.frenum.core.log;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * Where the deceleration of a stop begins: the bend at which a straight line through its ramp meets the level before it.
 * The ramp is fitted to the signal as it was logged, by least squares over where it begins and how long it lasts: a level, a
 * line up, and the level that it reaches. Fitted to speed, that is the same one integration further.
 *
 * @param bendS where it begins, s
 * @param uncertaintyS standard uncertainty (k = 1) of that, from what the fit leaves unexplained, s
 * @param lengthS how long it rises, s
 */
public record Ramp(double bendS, double uncertaintyS, double lengthS) {
    /** No fit of speed places a bend better than this, s; one integration nearer, an accelerometer does. */
    private static final double LEAST_UNCERTAINTY_S = 0.02;

    private static final double LEAST_BY_ACCELEROMETER_S = 0.01;

    /** Real ramps are rounded, which places the bend of a straight one by a share of its length wrongly. */
    private static final double ROUNDED_SHARE = 0.06;

    private static final double BEND_STEP_S = 0.01;
    private static final double SEARCH_S = 0.4;
    private static final double SHORTEST_RAMP_S = 0.04;
    private static final double LONGEST_RAMP_S = 1.0;
    private static final double RAMP_GROWTH = 1.3;

    /** What is fitted: speed, m/s, or a sensor's deceleration, m/s². */
    public enum Of {
        SPEED {
            @Override
            double ramp(double x, double length) {
                double y = Math.max(0, x);
                return y < length ? y * y / (2 * length) : y - length / 2;
            }
        },
        DECELERATION {
            @Override
            double ramp(double x, double length) {
                return Math.min(1, Math.max(0, x) / length);
            }
        };

        abstract double ramp(double x, double length);
    }

    /**
     * Fits the ramp that begins near an instant.
     *
     * @param signal as logged
     * @param nearS about where it begins, s
     * @param fromS from when on the car was as it was just before the ramp, s
     * @param toS until when the deceleration that the ramp reached was held, s
     * @return null where the samples do not show one
     */
    public static @Nullable Ramp fit(Signal signal, Of what, double nearS, double fromS, double toS) {
        int low = signal.indexAtOrBefore(fromS) + 1;
        int high = signal.indexAtOrBefore(toS) + 1;
        if (high - low < 6) {
            return null;
        }
        return new Fitting(signal, what, low, high)
                .best(Math.max(fromS, nearS - SEARCH_S), Math.min(toS, nearS + SEARCH_S));
    }

    private static final class Fitting {
        private final Of what;
        private final double[] t;
        private final double[] v;
        private final double middle;

        Fitting(Signal signal, Of what, int low, int high) {
            this.what = what;
            t = Arrays.copyOfRange(signal.t(), low, high);
            v = Arrays.copyOfRange(signal.v(), low, high);
            middle = (t[0] + t[t.length - 1]) / 2;
        }

        @Nullable
        Ramp best(double from, double to) {
            int n = (int) Math.ceil((to - from) / BEND_STEP_S) + 1;
            double[] left = new double[n];
            int best = 0;
            for (int k = 0; k < n; k++) {
                left[k] = unexplained(from + k * BEND_STEP_S);
                best = left[k] < left[best] ? k : best;
            }
            if (best == 0 || best == n - 1 || Double.isInfinite(left[best])) {
                return null;
            }
            double least = what == Of.SPEED ? LEAST_UNCERTAINTY_S : LEAST_BY_ACCELEROMETER_S;
            double curve = left[best - 1] - 2 * left[best] + left[best + 1];
            double shift = curve > 0 ? (left[best - 1] - left[best + 1]) / (2 * curve) : 0;
            double length = length(from + best * BEND_STEP_S);
            double u = Math.hypot(Math.max(least, spread(left, best)), ROUNDED_SHARE * length);
            return new Ramp(from + (best + shift) * BEND_STEP_S, u, length);
        }

        /** Half the width over which the fit is no worse than one standard error: s² more of the sum of squares. */
        private double spread(double[] left, int best) {
            double worse = left[best] * (1 + 1.0 / Math.max(1, t.length - 5));
            int low = best;
            int high = best;
            while (low > 0 && left[low] < worse) {
                low--;
            }
            while (high < left.length - 1 && left[high] < worse) {
                high++;
            }
            // The length of the ramp was chosen by the same samples, which makes the profile too narrow.
            return 2.2 * (high - low) * BEND_STEP_S / 2;
        }

        /** The least that any length of ramp from this bend leaves. */
        private double unexplained(double bend) {
            return unexplained(bend, length(bend));
        }

        /** The length of ramp from this bend that leaves least. */
        private double length(double bend) {
            double least = Double.POSITIVE_INFINITY;
            double best = SHORTEST_RAMP_S;
            for (double length = SHORTEST_RAMP_S; length < LONGEST_RAMP_S; length *= RAMP_GROWTH) {
                double left = unexplained(bend, length);
                best = left < least ? length : best;
                least = Math.min(least, left);
            }
            return best;
        }

        private double unexplained(double bend, double length) {
            if (bend + length > t[t.length - 1]) {
                return Double.POSITIVE_INFINITY;
            }
            double[][] x = new double[t.length][];
            for (int i = 0; i < t.length; i++) {
                double ramp = what.ramp(t[i] - bend, length);
                x[i] = what == Of.SPEED ? new double[] {1, t[i] - middle, -ramp} : new double[] {1, ramp};
            }
            LeastSquares fit = LeastSquares.of(x, v);
            boolean slows = fit.coefficients().length > 0 && fit.coefficients()[fit.coefficients().length - 1] > 0;
            return slows ? fit.residualSquares() : Double.POSITIVE_INFINITY;
        }
    }
}
