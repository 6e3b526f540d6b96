package app.frenum.core.statistics;

import java.util.Optional;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;

/**
 * A straight model of several things at once, by ordinary least squares (QR, by the statistics library). Coefficient 0 is the
 * intercept.
 *
 * @param coefficients in the order of the columns, the intercept first
 * @param inverse their variances and covariances for an error of 1 in each value
 * @param sigma standard deviation of what the model leaves over
 * @param degreesOfFreedom values less coefficients, above 0
 */
@SuppressWarnings("ArrayRecordComponent")
public record LeastSquares(double[] coefficients, double[][] inverse, double sigma, int degreesOfFreedom) {
    /** Columns that others tell to this, relative to their own size, tell nothing of their own. */
    private static final double SINGULAR = 1e-7;

    /**
     * @param rows what goes with each value, without the intercept
     * @param leastSigma what the error is at least, such as the rounding of the values
     * @return empty where the values are too few, or some columns tell the others
     */
    public static Optional<LeastSquares> of(double[][] rows, double[] values, double leastSigma) {
        int df = values.length - rows[0].length - 1;
        if (df < 1) {
            return Optional.empty();
        }
        try {
            OLSMultipleLinearRegression fit = new OLSMultipleLinearRegression(SINGULAR);
            fit.newSampleData(values, rows);
            double sigma = Math.max(fit.estimateRegressionStandardError(), leastSigma);
            return Optional.of(new LeastSquares(
                    fit.estimateRegressionParameters(), fit.estimateRegressionParametersVariance(), sigma, df));
        } catch (MathIllegalArgumentException singular) {
            return Optional.empty();
        }
    }

    /** The interval of one coefficient, by Student's t. */
    public Interval interval(int coefficient, double level) {
        double half = StudentT.quantile(0.5 + level / 2, degreesOfFreedom)
                * sigma
                * Math.sqrt(inverse[coefficient][coefficient]);
        return new Interval(coefficients[coefficient] - half, coefficients[coefficient] + half);
    }

    /**
     * Where {@code b[offset] + x·b[slope]} is 0: every x at which it cannot be told from 0 (E. C. Fieller, J. R. Stat. Soc. B
     * 16 (1954) 175–185).
     *
     * @return empty where the slope itself cannot be told from 0, and x could be anything
     */
    public Optional<Interval> zeroOf(int offset, int slope, double level) {
        double t = StudentT.quantile(0.5 + level / 2, degreesOfFreedom) * sigma;
        double g = t * t;
        double a = coefficients[slope] * coefficients[slope] - g * inverse[slope][slope];
        if (a <= 0) {
            return Optional.empty();
        }
        double b = 2 * (coefficients[offset] * coefficients[slope] - g * inverse[offset][slope]);
        double c = coefficients[offset] * coefficients[offset] - g * inverse[offset][offset];
        double root = Math.sqrt(Math.max(0, b * b - 4 * a * c));
        return Optional.of(new Interval((-b - root) / (2 * a), (-b + root) / (2 * a)));
    }
}
