package app.frenum.core.statistics;

import app.frenum.core.quantity.Figure;
import java.util.Arrays;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Whether a series of stops drifts in the order it was driven.
 *
 * <p>Theil–Sen: median of the slopes between all pairs (P. K. Sen, J. Am. Stat. Assoc. 63 (1968) 1379–1389); of more
 * than 300 values between those half a series apart (H. Theil, Indag. Math. 12 (1950) 85–91).
 * Mann–Kendall: exact for up to 10 values without ties (M. G. Kendall, Rank Correlation Methods, 4th ed. 1970,
 * ch. 5), else normal with tie correction and |S| − 1.
 *
 * @param perStop Theil–Sen slope per stop
 * @param p Mann–Kendall, two-sided
 */
public record Trend(Figure perStop, Figure p) {
    private static final int MOST_EXACT = 10;
    private static final int MOST_PAIRED = 300;

    public static Trend of(double... y) {
        if (y.length < 3) {
            Figure few = Figure.unknown("a trend needs 3 stops");
            return new Trend(few, few);
        }
        return new Trend(Figure.of(theilSen(y)), Figure.of(mannKendall(y)));
    }

    private static double theilSen(double[] y) {
        int n = y.length;
        if (n > MOST_PAIRED) {
            return farApart(y);
        }
        double[] slopes = new double[n * (n - 1) / 2];
        int k = 0;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                slopes[k++] = (y[j] - y[i]) / (j - i);
            }
        }
        return Summary.median(slopes);
    }

    /** Of many values, those half a series apart tell the slope as well, in time that grows with their number alone. */
    private static double farApart(double[] y) {
        int half = y.length / 2;
        double[] slopes = new double[y.length - half];
        Arrays.setAll(slopes, i -> (y[i + half] - y[i]) / half);
        return Summary.median(slopes);
    }

    private static double mannKendall(double[] y) {
        int s = 0;
        for (int i = 0; i < y.length; i++) {
            for (int j = i + 1; j < y.length; j++) {
                s += (int) Math.signum(y[j] - y[i]);
            }
        }
        boolean ties = Arrays.stream(y).distinct().count() < y.length;
        return y.length <= MOST_EXACT && !ties ? exactP(Math.abs(s), y.length) : normalP(Math.abs(s), y);
    }

    /** Share of all orders with |S| at least this large, counting orders by their inversions. */
    private static double exactP(int s, int n) {
        int most = n * (n - 1) / 2;
        double[] orders = new double[most + 1];
        orders[0] = 1;
        for (int size = 2; size <= n; size++) {
            double[] next = new double[most + 1];
            for (int inversions = 0; inversions <= most; inversions++) {
                for (int added = 0; added < size && added <= inversions; added++) {
                    next[inversions] += orders[inversions - added];
                }
            }
            orders = next;
        }
        double extreme = 0;
        double all = 0;
        for (int inversions = 0; inversions <= most; inversions++) {
            all += orders[inversions];
            extreme += Math.abs(most - 2 * inversions) >= s ? orders[inversions] : 0;
        }
        return extreme / all;
    }

    private static double normalP(int s, double[] y) {
        int n = y.length;
        double[] sorted = y.clone();
        Arrays.sort(sorted);
        double ties = 0;
        for (int i = 0; i < n; ) {
            int j = i;
            while (j < n && sorted[j] == sorted[i]) {
                j++;
            }
            double t = j - i;
            ties += t * (t - 1) * (2 * t + 5);
            i = j;
        }
        double variance = (n * (n - 1.0) * (2 * n + 5) - ties) / 18;
        double z = variance > 0 ? Math.max(0, s - 1) / Math.sqrt(variance) : 0;
        return 2 * new NormalDistribution().cumulativeProbability(-z);
    }
}
