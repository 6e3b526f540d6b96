package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.statistics.WelchTest;
import app.frenum.core.stop.DistanceBasis;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The table of docs/accuracy.md is what {@link #main} prints. */
class PooledTest {
    private static final int TESTS = 2000;

    @Test
    void daysThatAgreeAreWeighedByWhatTheirStopsTell() {
        // Weights 25 and 100; Q = (0.3² · 25·100/125) = 1.8 beyond 1, so a spread of 0.8/(125 − 10625/125) = 0.02.
        Pooled p = Pooled.of(List.of(new Pooled.Day(-1.2, 0.2), new Pooled.Day(-0.9, 0.1)));
        assertThat(p.betweenSd().value()).isCloseTo(Math.sqrt(0.02), within(1e-9));
        double w1 = 1 / 0.06;
        double w2 = 1 / 0.03;
        assertThat(p.difference().value()).isCloseTo((-1.2 * w1 - 0.9 * w2) / (w1 + w2), within(1e-9));
        // Two days leave one degree of freedom, and nearly everything open.
        assertThat(p.interval().orElseThrow().excludesZero()).isFalse();
        assertThat(p.sentences("A", "B", DistanceBasis.ONSET_TO_REST))
                .extracting(f -> f.code().name())
                .containsExactly("TOGETHER_OPEN", "DAYS_ALIKE");
    }

    @Test
    void oneDayIsNotTakenTogetherAndUnlikeDaysSaySo() {
        assertThat(Pooled.of(List.of(new Pooled.Day(1, 0.1))).sentences("A", "B", DistanceBasis.ONSET_TO_REST))
                .isEmpty();
        Pooled unlike = Pooled.of(List.of(
                new Pooled.Day(-3, 0.2), new Pooled.Day(-1, 0.2), new Pooled.Day(-2.2, 0.2), new Pooled.Day(-2, 0.2)));
        assertThat(unlike.sentences("A", "B", DistanceBasis.ONSET_TO_REST))
                .extracting(f -> f.code().name())
                .containsExactly("TOGETHER", "DAYS_VARY");
    }

    @Test
    void testsOfOneDateAreOneDayAndWeighByTheirStops() {
        List<Pooled.Day> days = Pooled.days(List.of(
                new Pooled.Told("2026-06-01", -1, 0.2, 8, 2.5),
                new Pooled.Told("2026-06-01", -2, 0.2, 8, 2.5),
                new Pooled.Told("2026-06-08", -1.2, 0.2, 8, 2.5)));
        assertThat(days).hasSize(2);
        assertThat(days.get(0).difference()).isCloseTo(-1.5, within(1e-9));
        assertThat(days.get(0).standardError()).isCloseTo(0.2 / Math.sqrt(2), within(1e-9));
        assertThat(days.get(1).standardError()).isCloseTo(0.2, within(1e-9));
    }

    /** Share of 95 % intervals of a difference of −1 m that hold it: so many days of so many stops of each. */
    private static double coverage(int days, int stops, double dayToDay) {
        Random random = new Random(days * 1000L + stops);
        int held = 0;
        for (int t = 0; t < TESTS; t++) {
            List<Pooled.Told> told = new ArrayList<>();
            for (int d = 0; d < days; d++) {
                double truth = -1 + dayToDay * random.nextGaussian();
                double[] a = draw(stops, 45, random);
                double[] b = draw(stops, 45 + truth, random);
                WelchTest test = WelchTest.of(a, b, 0.01);
                told.add(new Pooled.Told(
                        "day " + d, test.difference(), test.standardError(), test.degreesOfFreedom(), stops / 2.0));
            }
            Pooled p = Pooled.of(Pooled.days(told));
            held += p.interval().filter(i -> i.low() <= -1 && -1 <= i.high()).isPresent() ? 1 : 0;
        }
        return held / (double) TESTS;
    }

    private static double[] draw(int n, double mean, Random random) {
        return IntStream.range(0, n)
                .mapToDouble(i -> mean + 0.8 * random.nextGaussian())
                .toArray();
    }

    @ParameterizedTest
    @CsvSource({"2, 5, 0.9", "4, 5, 0.9", "4, 8, 0", "8, 5, 0", "8, 5, 0.3"})
    void theIntervalHoldsTheTruthAsOftenAsItSays(int days, int stops, double dayToDay) {
        // At least as often: where days do not differ at all their range is not made narrower for it.
        assertThat(coverage(days, stops, dayToDay)).isBetween(0.93, 1.0);
    }

    public static void main(String... none) {
        System.out.println("| days | stops of each | day to day, m | interval holds it |");
        System.out.println("|---|---|---|---|");
        for (int days : new int[] {2, 3, 4, 8}) {
            for (double dayToDay : new double[] {0, 0.3, 0.9}) {
                System.out.printf(
                        Locale.ROOT, "| %d | 5 | %s | %.1f %% |%n", days, dayToDay, 100 * coverage(days, 5, dayToDay));
            }
        }
    }
}
