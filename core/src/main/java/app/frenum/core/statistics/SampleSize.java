package app.frenum.core.statistics;

import java.util.function.IntToDoubleFunction;

/**
 * How many stops a question needs: power 0.8 at α 0.05, two-sided.
 *
 * <p>The smallest integer n ≥ 3 with {@code n ≥ 2σ²·(t_{0.975, 2n−2} + t_{0.8, 2n−2})²/δ²}. Source: J. Cohen,
 * Statistical Power Analysis for the Behavioral Sciences, 2nd ed. 1988, ch. 2, with central t.
 */
public final class SampleSize {
    private static final double ALPHA = 0.05;
    private static final int FEWEST = 3;
    private static final int MOST = 100_000;

    private SampleSize() {}

    /** Stops per side to find a difference of {@code delta} against a spread of {@code sd}, both &gt; 0. */
    public static int perSide(double delta, double sd) {
        return perSide(delta, sd, n -> ALPHA);
    }

    /** The same where p must be smaller at the planned end, by how many stops are planned of each. */
    public static int perSide(double delta, double sd, IntToDoubleFunction alpha) {
        if (!(delta > 0 && sd >= 0)) {
            throw new IllegalArgumentException(
                    "difference %s must be above 0 and spread %s at least 0".formatted(delta, sd));
        }
        int low = FEWEST;
        int high = FEWEST;
        while (high < MOST && smallestDifference(high, sd, alpha.applyAsDouble(high)) > delta) {
            low = high + 1;
            high *= 2;
        }
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (smallestDifference(middle, sd, alpha.applyAsDouble(middle)) > delta) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return Math.min(low, MOST);
    }

    /** The smallest difference that n stops of each can show. */
    public static double smallestDifference(int n, double sd) {
        return smallestDifference(n, sd, ALPHA);
    }

    /** The same where p must be below {@code alpha}, two-sided. */
    public static double smallestDifference(int n, double sd, double alpha) {
        double df = 2.0 * n - 2;
        return sd * (StudentT.quantile(1 - alpha / 2, df) + StudentT.quantile(0.8, df)) * Math.sqrt(2.0 / n);
    }

    /** How many <em>more</em> stops of each settle a difference of {@code margin}. */
    public static int stopsToSettle(double margin, double pooledSd, int nA, int nB) {
        return Math.max(0, perSide(margin, pooledSd) - Math.min(nA, nB));
    }
}
