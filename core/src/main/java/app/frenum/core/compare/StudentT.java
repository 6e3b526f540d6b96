package app.frenum.core.compare;

import org.hipparchus.distribution.continuous.TDistribution;

/** Student's t by the statistics library, with real-valued degrees of freedom. */
final class StudentT {
    private StudentT() {}

    static double quantile(double probability, double degreesOfFreedom) {
        return new TDistribution(degreesOfFreedom).inverseCumulativeProbability(probability);
    }

    /** Two-sided p of a statistic. */
    static double twoSidedP(double t, double degreesOfFreedom) {
        return 2 * new TDistribution(degreesOfFreedom).cumulativeProbability(-Math.abs(t));
    }
}
