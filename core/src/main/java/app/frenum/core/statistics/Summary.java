package app.frenum.core.statistics;

import app.frenum.core.quantity.Figure;
import java.util.Arrays;
import org.hipparchus.stat.StatUtils;

/**
 * What a handful of values say of themselves.
 *
 * @param n how many
 * @param mean arithmetic mean
 * @param sd sample standard deviation (n − 1)
 * @param median middle value, mean of the middle two
 * @param range largest − smallest
 */
public record Summary(int n, Figure mean, Figure sd, Figure median, Figure range) {
    private static final Figure NONE = Figure.unknown("there is no valid stop");

    public static Summary of(double... values) {
        if (values.length == 0) {
            return new Summary(0, NONE, NONE, NONE, NONE);
        }
        Figure sd = values.length > 1
                ? Figure.of(Math.sqrt(StatUtils.variance(values)))
                : Figure.unknown("one stop has no spread");
        return new Summary(
                values.length,
                Figure.of(StatUtils.mean(values)),
                sd,
                Figure.of(median(values)),
                Figure.of(StatUtils.max(values) - StatUtils.min(values)));
    }

    /** Standard error of the mean, {@code sd/√n}. */
    public Figure se() {
        return sd.map(s -> s / Math.sqrt(n));
    }

    /** Coefficient of variation as a fraction. */
    public Figure cv() {
        return sd.map(s -> s / mean.value());
    }

    /** Half-width of the 95 % confidence interval of the mean, by Student's t. */
    public Figure halfWidth95() {
        return se().map(se -> StudentT.quantile(0.975, n - 1.0) * se);
    }

    public static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }
}
