package app.frenum.core.statistics;

import java.util.Optional;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;

/**
 * A straight model of several things at once, by ordinary least squares (QR, by the statistics library). Coefficient 0 is the
 * intercept.
 *
 * @param coefficients in the order of the columns, the intercept first
 * @param unitErrors their standard errors for an error of 1 in each value
 * @param sigma standard deviation of what the model leaves over
 * @param degreesOfFreedom values less coefficients, above 0
 */
@SuppressWarnings("ArrayRecordComponent")
public record LeastSquares(double[] coefficients, double[] unitErrors, double sigma, int degreesOfFreedom) {
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
            double[] b = fit.estimateRegressionParameters();
            double[][] inverse = fit.estimateRegressionParametersVariance();
            double[] unit = new double[b.length];
            for (int i = 0; i < b.length; i++) {
                unit[i] = Math.sqrt(inverse[i][i]);
            }
            double sigma = Math.max(fit.estimateRegressionStandardError(), leastSigma);
            return Optional.of(new LeastSquares(b, unit, sigma, df));
        } catch (MathIllegalArgumentException singular) {
            return Optional.empty();
        }
    }

    /** The interval of one coefficient, by Student's t. */
    public Interval interval(int coefficient, double level) {
        double half = StudentT.quantile(0.5 + level / 2, degreesOfFreedom) * sigma * unitErrors[coefficient];
        return new Interval(coefficients[coefficient] - half, coefficients[coefficient] + half);
    }
}
