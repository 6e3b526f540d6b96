package app.frenum.core.fade;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Neighbours;
import app.frenum.core.statistics.Summary;
import java.util.Arrays;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * A slope that single stops cannot pull away: Theil–Sen, with the interval between the slopes of ranks
 * {@code (N ∓ z·√Var S)/2}: P. K. Sen, J. Am. Stat. Assoc. 63 (1968) 1379–1389, eq. 2.6.
 *
 * @param slope median of the slopes between all pairs
 * @param low lower end of its 95 % interval
 * @param high upper end
 */
public record TrendLine(Figure slope, Figure low, Figure high) {
    private static final int FEWEST = 4;

    /** @param x and y as many of each; pairs at the same x are left out */
    public static TrendLine of(double[] x, double[] y) {
        return of(x, y, 1);
    }

    /** The same of stops in order, whose neighbours resemble each other, which widens the interval. */
    public static TrendLine ofStops(double[] x, double[] y) {
        TrendLine plain = of(x, y);
        if (!plain.slope.isKnown()) {
            return plain;
        }
        double[] level = new double[x.length];
        Arrays.setAll(level, i -> y[i] - plain.slope.value() * x[i]);
        double middle = Summary.of(level).median().value();
        double[] left = Arrays.stream(level).map(v -> v - middle).toArray();
        return of(x, y, Math.sqrt(Neighbours.inflation(Neighbours.ofStops(left))));
    }

    private static TrendLine of(double[] x, double[] y, double wider) {
        int n = x.length;
        if (n < FEWEST) {
            Figure few = Figure.unknown("a trend with an interval needs %d stops, not %d".formatted(FEWEST, n));
            return new TrendLine(few, few, few);
        }
        double[] slopes = new double[n * (n - 1) / 2];
        int k = 0;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                if (x[i] != x[j]) {
                    slopes[k++] = (y[j] - y[i]) / (x[j] - x[i]);
                }
            }
        }
        double[] sorted = Arrays.copyOf(slopes, k);
        Arrays.sort(sorted);
        if (k == 0) {
            Figure same = Figure.unknown("all stops were alike in what the trend is over");
            return new TrendLine(same, same, same);
        }
        double c = new NormalDistribution().inverseCumulativeProbability(0.975)
                * wider
                * Math.sqrt(n * (n - 1.0) * (2 * n + 5) / 18);
        int low = (int) Math.max(0, Math.floor((k - c) / 2) - 1);
        int high = (int) Math.min(k - 1, Math.ceil((k + c) / 2));
        double median = k % 2 == 1 ? sorted[k / 2] : (sorted[k / 2 - 1] + sorted[k / 2]) / 2;
        return new TrendLine(Figure.of(median), Figure.of(sorted[low]), Figure.of(sorted[high]));
    }
}
