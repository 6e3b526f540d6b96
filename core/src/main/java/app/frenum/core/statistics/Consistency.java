package app.frenum.core.statistics;

import app.frenum.core.quantity.Figure;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.hipparchus.stat.inference.OneWayAnova;

/**
 * Whether the candidate repeats itself better or worse than the baseline: a finding of its own, beside the mean.
 *
 * <p>Brown–Forsythe: analysis of variance on absolute deviations from the medians (M. B. Brown, A. B. Forsythe,
 * J. Am. Stat. Assoc. 69 (1974) 364–367). The ratio's interval is a seeded percentile bootstrap; resamples
 * without spread are dropped.
 *
 * @param sdRatio SD of candidate / SD of baseline
 * @param brownForsytheP needs 3 on each side
 * @param interval 95 % of the ratio; needs 4 on each side
 */
public record Consistency(Figure sdRatio, Figure brownForsytheP, Optional<Interval> interval) {
    private static final int RESAMPLES = 10_000;
    /** Of many stops each resample is long, and fewer of them do: their own error shrinks with what is resampled. */
    private static final int FEWEST_RESAMPLES = 1_000;

    private static final long MOST_DRAWN = 4_000_000;

    public static Consistency of(double[] a, double[] b, long seed) {
        Figure sdA = Summary.of(a).sd();
        Figure sdB = Summary.of(b).sd();
        boolean spread = sdA.isKnown() && sdB.isKnown() && sdA.value() > 0;
        Figure ratio = spread ? Figure.of(sdB.value() / sdA.value()) : Figure.unknown("the baseline shows no spread");
        boolean four = Math.min(a.length, b.length) >= 4;
        return new Consistency(ratio, brownForsythe(a, b), four && spread ? bootstrap(a, b, seed) : Optional.empty());
    }

    private static Figure brownForsythe(double[] a, double[] b) {
        if (Math.min(a.length, b.length) < 3) {
            return Figure.unknown("needs 3 stops on each side");
        }
        double[] da = deviations(a);
        double[] db = deviations(b);
        if (Arrays.equals(da, new double[da.length]) && Arrays.equals(db, new double[db.length])) {
            return Figure.unknown("neither side shows any spread");
        }
        return Figure.of(new OneWayAnova().anovaPValue(List.of(da, db)));
    }

    private static double[] deviations(double[] x) {
        double median = Summary.median(x);
        return Arrays.stream(x).map(v -> Math.abs(v - median)).toArray();
    }

    private static Optional<Interval> bootstrap(double[] a, double[] b, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int resamples = (int) Math.max(FEWEST_RESAMPLES, Math.min(RESAMPLES, MOST_DRAWN / (a.length + b.length)));
        double[] ratios = new double[resamples];
        int n = 0;
        for (int i = 0; i < resamples; i++) {
            double sdA = resampledSd(a, random);
            double sdB = resampledSd(b, random);
            if (sdA > 0 && sdB > 0) {
                ratios[n++] = sdB / sdA;
            }
        }
        if (n == 0) {
            return Optional.empty();
        }
        double[] sorted = Arrays.copyOf(ratios, n);
        Arrays.sort(sorted);
        return Optional.of(new Interval(sorted[(int) (0.025 * (n - 1))], sorted[(int) Math.ceil(0.975 * (n - 1))]));
    }

    private static double resampledSd(double[] x, SplittableRandom random) {
        double sum = 0;
        double squares = 0;
        double pivot = x[0];
        for (int i = 0; i < x.length; i++) {
            double v = x[random.nextInt(x.length)] - pivot;
            sum += v;
            squares += v * v;
        }
        return Math.sqrt(Math.max(0, (squares - sum * sum / x.length) / (x.length - 1)));
    }
}
