package app.frenum.core.statistics;

import java.util.Arrays;

/**
 * Stops that stand apart: pointed at, never removed. Grubbs' test at 2.5 % for a series, so that two clean normal series are
 * pointed at in at most one comparison in twenty, whatever their length. Source: F. E. Grubbs, Technometrics 11 (1969) 1–21.
 */
public final class Outliers {
    private static final double ALPHA = 0.025;
    /** Of fewer none can be told from chance. */
    private static final int FEWEST = 5;

    private Outliers() {}

    /** How many lie further from the mean than the furthest of so many normal values would. */
    public static long count(double... x) {
        if (x.length < FEWEST) {
            return 0;
        }
        Summary s = Summary.of(x);
        double sd = s.sd().orElse(0);
        double limit = limit(x.length, ALPHA) * sd;
        return sd == 0
                ? 0
                : Arrays.stream(x)
                        .filter(v -> Math.abs(v - s.mean().value()) > limit)
                        .count();
    }

    /** Critical distance from the mean of the furthest of n values, in standard deviations, two-sided. */
    static double limit(int n, double alpha) {
        double t = StudentT.quantile(1 - alpha / (2 * n), n - 2.0);
        return (n - 1) / Math.sqrt(n) * Math.sqrt(t * t / (n - 2 + t * t));
    }
}
