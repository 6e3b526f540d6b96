package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.statistics.Equivalence;
import app.frenum.core.statistics.Holm;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.WelchTest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.DoubleSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * How often a verdict is wrong in tests of which the truth is known, whatever the stops look like and however often somebody
 * looks. The tables of docs/accuracy.md are what {@link #main} prints.
 */
class HonestVerdictsTest {
    private static final int PLANNED = 8;

    private static double[] draw(int n, DoubleSupplier stop) {
        double[] v = new double[n];
        Arrays.setAll(v, i -> stop.getAsDouble());
        return v;
    }

    private static double rounded(double x, double step) {
        return Math.round(x / step) * step;
    }

    /** Skewed to the right, mean 0, SD 1. */
    private static double skewed(Random random) {
        double s = 0.5;
        double m = Math.exp(s * s / 2);
        return (Math.exp(s * random.nextGaussian()) - m) / (m * Math.sqrt(Math.exp(s * s) - 1));
    }

    /** Share of 95 % intervals of a difference of −1 that hold it. */
    static double coverage(String kind, int n, int tests) {
        Random random = new Random(n);
        int held = 0;
        for (int i = 0; i < tests; i++) {
            double spread = kind.contains("1:3") ? 3 : 1;
            double step = kind.contains("0.5") ? 0.5 : kind.contains("0.1") ? 0.1 : 1e-9;
            DoubleSupplier noise = kind.contains("skewed") ? () -> skewed(random) : random::nextGaussian;
            double[] a = draw(n, () -> rounded(45 + noise.getAsDouble(), step));
            double[] b = draw(n, () -> rounded(44 + spread * noise.getAsDouble(), step));
            Interval ci = WelchTest.of(a, b, Math.max(step, 0.01)).interval(0.95);
            held += ci.low() <= -1 && ci.high() >= -1 ? 1 : 0;
        }
        return held / (double) tests;
    }

    /** Share of tests without any difference in which somebody who looks after every stop is ever told of one. */
    static double falseVerdicts(int candidates, int driven, int tests) {
        Random random = new Random(candidates * 100L + driven);
        Look look = new Look(PLANNED);
        int wrong = 0;
        for (int i = 0; i < tests; i++) {
            double[] a = draw(driven, random::nextGaussian);
            List<double[]> others = new ArrayList<>();
            for (int c = 0; c < candidates; c++) {
                others.add(draw(driven, random::nextGaussian));
            }
            boolean told = false;
            for (int n = 3; n <= driven && !told; n++) {
                int now = n;
                double[] p = others.stream()
                        .mapToDouble(b -> WelchTest.of(Arrays.copyOf(a, now), Arrays.copyOf(b, now), 0.01)
                                .p())
                        .toArray();
                told = Arrays.stream(Holm.adjusted(p)).anyMatch(x -> x <= look.alpha(now));
            }
            wrong += told ? 1 : 0;
        }
        return wrong / (double) tests;
    }

    /** Share of tests, all of A and then all of B, in which a drift alone is told above "leaning"; and whether ORDER stands. */
    static double driftTold(double perStop, int n, int tests) {
        Random random = new Random(n + Math.round(1000 * perStop));
        int told = 0;
        for (int i = 0; i < tests; i++) {
            int[] at = {0};
            double[] a = draw(n, () -> 45 + random.nextGaussian() + perStop * at[0]++);
            double[] b = draw(n, () -> 45 + random.nextGaussian() + perStop * at[0]++);
            Comparison c = Comparisons.of(
                            Sides.inOrder("A", a, 1, 1), List.of(Sides.inOrder("B", b, n + 1, 1)), Margin.DEFAULT)
                    .get(0);
            assertThat(c.checks()).anyMatch(k -> k.code() == CheckCode.ORDER && k.level() == Check.Level.CAUTION);
            boolean shown = c.verdict() == Verdict.GAIN_SHOWN || c.verdict() == Verdict.LOSS_SHOWN;
            told += shown && c.howSure().compareTo(HowSure.LEANING) < 0 ? 1 : 0;
        }
        return told / (double) tests;
    }

    /** Share of A-B-A tests without any drift that are cautioned of one. */
    static double driftCried(int n, int tests) {
        Random random = new Random(n);
        int cried = 0;
        for (int i = 0; i < tests; i++) {
            Side first = Sides.inOrder("A", draw(n, () -> 45 + random.nextGaussian()), 1, 1);
            Side again = Sides.inOrder("A", draw(n, () -> 45 + random.nextGaussian()), 2 * n + 1, 2);
            List<ComparedStop> both = new ArrayList<>(first.stops());
            both.addAll(again.stops());
            Side a = Sides.of("A", both);
            Side b = Sides.inOrder("B", draw(n, () -> 43.5 + random.nextGaussian()), n + 1, 1);
            cried += Comparisons.of(a, List.of(b), Margin.DEFAULT).get(0).checks().stream()
                            .anyMatch(k -> k.code() == CheckCode.DRIFT && k.level() == Check.Level.CAUTION)
                    ? 1
                    : 0;
        }
        return cried / (double) tests;
    }

    @ParameterizedTest
    @ValueSource(strings = {"normal", "rounded to 0.1", "rounded to 0.5", "skewed", "1:3"})
    void intervalsHoldTheTruth(String kind) {
        assertThat(coverage(kind, 5, 2000)).isBetween(0.925, 0.98);
        assertThat(coverage(kind, 8, 2000)).isBetween(0.925, 0.98);
    }

    @Test
    void skewedAndUnequalTogetherHoldItNineTimesInTen() {
        assertThat(coverage("skewed 1:3", 6, 2000)).isGreaterThan(0.885);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void lookingAfterEveryStopBreedsNoFalseVerdictsNorDoesDrivingOn(int candidates) {
        // Three standard errors above 5 %.
        assertThat(falseVerdicts(candidates, PLANNED, 2000)).isLessThan(0.065);
        assertThat(falseVerdicts(candidates, 2 * PLANNED, 2000)).isLessThan(0.065);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.2})
    void aDriftAloneIsNeverToldAsSure(double perStop) {
        for (int n : new int[] {3, 5, 8}) {
            assertThat(driftTold(perStop, n, 120)).as("%d stops", n).isLessThan(0.12);
        }
    }

    /** Worked by hand: A 10, 11, 12 at 1 to 3 and B 14, 15, 17 at 4 to 6; slopes within are 1 and 1.5, together 1.25. */
    @Test
    void theTrendIsTakenOutOfTheDifference() {
        DrivingOrder order = DrivingOrder.of(
                        Sides.inOrder("A", new double[] {10, 11, 12}, 1, 1),
                        Sides.inOrder("B", new double[] {14, 15, 17}, 4, 1))
                .orElseThrow();
        double plain = 46 / 3.0 - 11;
        assertThat(order.difference()).isCloseTo(plain - 3 * 1.25, within(1e-9));
        assertThat(order.driftPerStop()).isCloseTo(plain / 3, within(1e-9));
        // What the common slope leaves of both, over 3 degrees of freedom; the difference's variance is s²·(1/3 + 1/3 +
        // 3²/4).
        double squares = 2 + 14 / 3.0 - 1.25 * 1.25 * 4;
        double se = Math.sqrt(squares / 3 * (2 / 3.0 + 9 / 4.0));
        assertThat(order.interval().high() - order.difference()).isCloseTo(3.1824463 * se, within(1e-5));
    }

    @Test
    void aReturnThatShowsNoDriftIsSeldomCautionedOfOne() {
        assertThat(driftCried(4, 150)).isLessThan(0.16);
    }

    /** Candidates that are all just as much worse as is worthwhile: none may be called alike, or seldom. */
    private static double falselyAlike(int candidates, int n, int tests) {
        Random random = new Random(100 + candidates);
        int claimed = 0;
        for (int t = 0; t < tests; t++) {
            double[] a = draw(n, () -> 45 + 0.5 * random.nextGaussian());
            double[] p = new double[candidates];
            Arrays.setAll(
                    p, c -> Equivalence.p(WelchTest.of(a, draw(n, () -> 46 + 0.5 * random.nextGaussian()), 0.01), 1));
            claimed += Arrays.stream(Holm.adjusted(p)).anyMatch(q -> q <= 0.05) ? 1 : 0;
        }
        return claimed / (double) tests;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4, 8})
    void severalCandidatesAreNotCalledAlikeMoreOftenThanOne(int candidates) {
        assertThat(falselyAlike(candidates, 8, 4_000)).isLessThan(0.06);
    }

    public static void main(String[] arguments) {
        System.out.println("| stops | n = 3 | 5 | 8 | 12 |");
        System.out.println("|---|---|---|---|---|");
        for (String kind : List.of("normal", "rounded to 0.1", "rounded to 0.5", "skewed", "1:3", "skewed 1:3")) {
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %.1f %% | %.1f %% | %.1f %% | %.1f %% |%n",
                    kind,
                    100 * coverage(kind, 3, 4000),
                    100 * coverage(kind, 5, 4000),
                    100 * coverage(kind, 8, 4000),
                    100 * coverage(kind, 12, 4000));
        }
        System.out.println("| candidates | to the planned end | driven to twice the plan |");
        System.out.println("|---|---|---|");
        for (int c = 1; c <= 4; c++) {
            System.out.printf(
                    Locale.ROOT,
                    "| %d | %.1f %% | %.1f %% |%n",
                    c,
                    100 * falseVerdicts(c, PLANNED, 4000),
                    100 * falseVerdicts(c, 2 * PLANNED, 4000));
        }
        System.out.println("| drift, SD per stop | n = 3 | 5 | 8 | 12 |");
        System.out.println("|---|---|---|---|---|");
        for (double d : new double[] {0, 0.1, 0.2}) {
            System.out.printf(
                    Locale.ROOT,
                    "| %.1f | %.1f %% | %.1f %% | %.1f %% | %.1f %% |%n",
                    d,
                    100 * driftTold(d, 3, 600),
                    100 * driftTold(d, 5, 600),
                    100 * driftTold(d, 8, 600),
                    100 * driftTold(d, 12, 300));
        }
        System.out.printf(Locale.ROOT, "A-B-A cautions without drift: %.1f %%%n", 100 * driftCried(4, 1000));
    }
}
