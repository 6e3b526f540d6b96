package app.frenum.core.statistics;

import org.hipparchus.special.Gamma;

/**
 * Difference of two means without assuming equal spread.
 *
 * <p>{@code t = (x̄_B − x̄_A)/√(s_A²/n_A + s_B²/n_B)}, degrees of freedom after Welch–Satterthwaite. Source:
 * B. L. Welch, Biometrika 34 (1947) 28–35. Where neither side shows any spread, the reading's resolution stands
 * in for it as {@code resolution/√12}.
 *
 * @param difference x̄_B − x̄_A
 * @param standardError of the difference
 * @param degreesOfFreedom Welch–Satterthwaite
 * @param pooledSd √(((n_A−1)s_A² + (n_B−1)s_B²)/(n_A+n_B−2))
 * @param hedgesG difference/pooledSd, corrected for small samples by J with the exact gamma function
 */
public record WelchTest(
        double difference, double standardError, double degreesOfFreedom, double pooledSd, double hedgesG) {

    /**
     * @param a baseline, at least two values
     * @param b candidate, at least two values
     * @param resolution of the readings, in their unit
     */
    public static WelchTest of(double[] a, double[] b, double resolution) {
        Summary sa = Summary.of(a);
        Summary sb = Summary.of(b);
        double varA = sa.sd().value() * sa.sd().value();
        double varB = sb.sd().value() * sb.sd().value();
        if (varA == 0 && varB == 0) {
            varA = resolution * resolution / 12;
            varB = varA;
        }
        double seA = varA / a.length;
        double seB = varB / b.length;
        double pooled = Math.sqrt(((a.length - 1) * varA + (b.length - 1) * varB) / (a.length + b.length - 2));
        double difference = sb.mean().value() - sa.mean().value();
        return new WelchTest(
                difference,
                Math.sqrt(seA + seB),
                satterthwaite(seA, a.length, seB, b.length),
                pooled,
                difference / pooled * smallSample(a.length + b.length - 2));
    }

    private static double satterthwaite(double seA, int nA, double seB, int nB) {
        return (seA + seB) * (seA + seB) / (seA * seA / (nA - 1) + seB * seB / (nB - 1));
    }

    /** Hedges' J: {@code Γ(m/2)/(√(m/2)·Γ((m−1)/2))}. Source: L. V. Hedges, J. Educ. Stat. 6 (1981) 107–128. */
    private static double smallSample(int m) {
        return Math.exp(Gamma.logGamma(m / 2.0) - Gamma.logGamma((m - 1) / 2.0)) / Math.sqrt(m / 2.0);
    }

    public double t() {
        return difference / standardError;
    }

    public double p() {
        return StudentT.twoSidedP(t(), degreesOfFreedom);
    }

    /** Half-width of the interval of a level, such as 0.95. */
    public double halfWidth(double level) {
        return StudentT.quantile(1 - (1 - level) / 2, degreesOfFreedom) * standardError;
    }

    public Interval interval(double level) {
        return new Interval(difference - halfWidth(level), difference + halfWidth(level));
    }
}
