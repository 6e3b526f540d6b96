package app.frenum.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.compare.Look;
import app.frenum.core.statistics.Summary;
import app.frenum.core.statistics.WelchTest;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Whether a plan's stops find a difference as large as its margin, where nobody knows the spread but from a few earlier
 * stops. The table of docs/accuracy.md is what {@link #main} prints.
 */
class PlannedPowerTest {
    private static final double SPREAD_M = 0.8;
    private static final double MARGIN_M = 1;

    private static double[] driven(Random random, int n, double meanM) {
        return IntStream.range(0, n)
                .mapToDouble(i -> meanM + SPREAD_M * random.nextGaussian())
                .toArray();
    }

    /** Share of tests that show it at their planned end, and the mean number of stops of each. */
    private static double[] shown(int earlier, int tests) {
        Random random = new Random(41);
        int shown = 0;
        double stops = 0;
        for (int i = 0; i < tests; i++) {
            double seen = Summary.of(driven(random, earlier, 48)).sd().value();
            int n = new StopsNeeded(StopsNeeded.bound(seen, earlier), StopsNeeded.Source.OWN_SERIES, MARGIN_M)
                    .perSide();
            WelchTest test = WelchTest.of(driven(random, n, 48), driven(random, n, 48 - MARGIN_M), 0.01);
            shown += test.p() < new Look(n).alpha(n) ? 1 : 0;
            stops += n / (double) tests;
        }
        return new double[] {shown / (double) tests, stops};
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 5, 8, 12})
    void aPlanFindsItsMarginInFourOfFiveTests(int earlier) {
        assertThat(shown(earlier, 500)[0]).isGreaterThan(0.80);
    }

    public static void main(String[] arguments) {
        System.out.println("| earlier stops | finds the margin | stops of each, on average |");
        System.out.println("|---|---|---|");
        for (int earlier : new int[] {3, 5, 8, 12}) {
            double[] seen = shown(earlier, 5000);
            System.out.printf(Locale.ROOT, "| %d | %.1f %% | %.1f |%n", earlier, 100 * seen[0], seen[1]);
        }
    }
}
