package app.frenum.core.statistics;

import org.hipparchus.distribution.continuous.TDistribution;

/** Student's t by the statistics library, with real-valued degrees of freedom. */
public final class StudentT {
    private StudentT() {}

    public static double quantile(double probability, double degreesOfFreedom) {
        return new TDistribution(degreesOfFreedom).inverseCumulativeProbability(probability);
    }

    /** Two-sided p of a statistic. */
    public static double twoSidedP(double t, double degreesOfFreedom) {
        return 2 * new TDistribution(degreesOfFreedom).cumulativeProbability(-Math.abs(t));
    }
}
