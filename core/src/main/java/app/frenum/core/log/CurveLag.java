package app.frenum.core.log;

import java.util.Optional;

/** The lag at which speed follows the running integral of what slows the car best, over one braking. */
final class CurveLag {
    private static final double LEAST_S = -0.7;
    private static final double STEP_S = 0.02;
    private static final int STEPS = 71;
    private static final double MOST_S = LEAST_S + (STEPS - 1) * STEP_S;
    private static final double BEFORE_S = 1.2;
    private static final double AFTER_S = 0.6;
    private static final double SLOWEST_MPS = 3;
    /** Share of a braking's change of speed that may stay unexplained before its lag is not believed. */
    private static final double UNEXPLAINED = 0.03;

    private CurveLag() {}

    /** The lag; empty where none explains the speed, or it stays unclear. What it leaves of speed is its doubt. */
    static Optional<BrakingLag> of(Signal speed, Signal slowing, double from, double to) {
        double begin = Math.max(from - BEFORE_S, Math.max(speed.first(), slowing.first() + MOST_S));
        double until =
                speed.firstFallTo(SLOWEST_MPS, Math.max(begin, speed.first()), Math.min(to + AFTER_S, speed.last()));
        Signal seen = speed.between(begin, Double.isNaN(until) ? to + AFTER_S : until);
        boolean whole = begin < from - BEFORE_S / 2
                && seen.size() >= 8
                && seen.last() <= Math.min(speed.last(), slowing.last())
                && seen.v()[0] - seen.v()[seen.size() - 1] > SLOWEST_MPS;
        if (!whole) {
            return Optional.empty();
        }
        Signal integral =
                runningIntegral(slowing.between(begin - MOST_S, Math.min(slowing.last(), seen.last() - LEAST_S)));
        double[] left = new double[STEPS];
        int best = 0;
        for (int k = 0; k < STEPS; k++) {
            left[k] = unexplained(seen, integral, LEAST_S + k * STEP_S);
            best = left[k] < left[best] ? k : best;
        }
        double change = seen.v()[0] - seen.v()[seen.size() - 1];
        if (best == 0 || best == STEPS - 1 || Math.sqrt(left[best] / seen.size()) > UNEXPLAINED * change) {
            return Optional.empty();
        }
        double curve = left[best - 1] - 2 * left[best] + left[best + 1];
        double shift = curve > 0 ? (left[best - 1] - left[best + 1]) / (2 * curve) : 0;
        double perSecond = change / (seen.last() - from);
        return Optional.of(new BrakingLag(
                LEAST_S + STEP_S * (best + shift), Math.sqrt(left[best] / seen.size()) / perSecond, false));
    }

    private static Signal runningIntegral(Signal s) {
        double[] sum = new double[s.size()];
        for (int i = 1; i < sum.length; i++) {
            sum[i] = sum[i - 1] + (s.v()[i] + s.v()[i - 1]) / 2 * (s.t()[i] - s.t()[i - 1]);
        }
        return new Signal(s.t(), sum);
    }

    /** Sum of squares of speed that a level, a slope, a bend (drag that changes with speed) and the lagged integral leave. */
    private static double unexplained(Signal seen, Signal integral, double lag) {
        int n = seen.size();
        double middle = (seen.first() + seen.last()) / 2;
        double[][] x = new double[n][];
        for (int i = 0; i < n; i++) {
            double t = seen.t()[i];
            x[i] = new double[] {1, t - middle, (t - middle) * (t - middle), integral.at(t - lag)};
        }
        return LeastSquares.of(x, seen.v()).residualSquares();
    }
}
