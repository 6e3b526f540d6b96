package app.frenum.core.fade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.PedalCurve;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FadeDifferenceTest {
    private static final double ONSET_C = 300;
    private static final double PER_C = 0.001;

    /** A series whose discs are 25 degrees hotter from stop to stop, from 100 on. */
    private static FadeStudy series(int n, DoubleUnaryOperator levelAtC, double noise, long seed) {
        RandomGenerator random = new SplittableRandom(seed);
        List<FadeStop> stops = IntStream.range(0, n)
                .mapToObj(i -> {
                    double celsius = 100 + 25 * i;
                    double bite = 0.15 * (levelAtC.applyAsDouble(celsius) + noise * random.nextGaussian());
                    Figure none = Figure.unknown("not logged");
                    return new FadeStop(
                            i + 1,
                            "",
                            Figure.of(celsius),
                            Figure.of(celsius),
                            Figure.of(bite),
                            Figure.of(0.001),
                            Figure.of(50 * bite),
                            none,
                            none,
                            none,
                            Figure.of(35),
                            Figure.of(50),
                            PedalCurve.none(),
                            Optional.empty(),
                            Optional.empty(),
                            false);
                })
                .toList();
        return FadeStudy.of(stops, FadeReference.FIRST_THREE_IN_GATE, StartGate.OPEN);
    }

    private static double fading(double celsius) {
        return 1 - PER_C * Math.max(0, celsius - ONSET_C);
    }

    private static double steady(double celsius) {
        return 1;
    }

    @Test
    void isTakenAtLikeStopsAndAtTheHottestThatBothHaveBeen() {
        FadeDifference d = FadeDifference.of(
                series(16, FadeDifferenceTest::fading, 1e-6, 1), series(14, FadeDifferenceTest::steady, 1e-6, 2));
        assertThat(List.of(d.fromStop(), d.toStop())).containsExactly(12, 14);
        // Stops 12 to 14 were at 375 to 425 degrees in both, and the first of them had lost 10 points in the mean.
        assertThat(d.byStop().value()).isCloseTo(0.1, within(1e-4));
        assertThat(d.atC().value()).isEqualTo(425);
        assertThat(d.byTemperature().value()).isCloseTo(0.125, within(1e-3));
        assertThat(d.byTemperatureHalf().value()).isLessThan(0.006);
    }

    /**
     * Nothing fades in either: the interval of a difference that is not there holds nought more often than 95 times in 100,
     * because these stops are independent, which a driver's are not.
     */
    @Test
    void itsIntervalsAreAsWideAsTheySay() {
        int byStop = 0;
        int byHeat = 0;
        int n = 400;
        for (int seed = 0; seed < n; seed++) {
            FadeDifference d = FadeDifference.of(
                    series(12, FadeDifferenceTest::fading, 0.01, seed),
                    series(12, FadeDifferenceTest::fading, 0.01, seed + 1000));
            byStop += Math.abs(d.byStop().value()) <= d.byStopHalf().value() ? 1 : 0;
            byHeat +=
                    Math.abs(d.byTemperature().value()) <= d.byTemperatureHalf().value() ? 1 : 0;
        }
        assertThat(byStop / (double) n).isGreaterThan(0.95);
        assertThat(byHeat / (double) n).isGreaterThan(0.92);
    }

    @Test
    void whatIsMissingHasItsReason() {
        FadeStudy none = series(0, FadeDifferenceTest::steady, 0, 1);
        FadeStudy two = series(2, FadeDifferenceTest::steady, 0, 1);
        assertThat(FadeDifference.of(none, two).byStop().reason()).isNotEmpty();
        FadeDifference thin = FadeDifference.of(two, two);
        assertThat(thin.byStop().value()).isZero();
        assertThat(thin.byTemperature().reason()).contains("temperature is not known");
    }
}
