package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.SampleSize;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.WheelLimit;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ComparisonsTest {
    private static final Figure NONE = Figure.unknown("not recorded");

    private static ComparedStop stop(double value, String surface, Instrument instrument) {
        return new ComparedStop(
                Figure.of(value),
                Figure.of(0.1),
                Figure.of(25),
                NONE,
                NONE,
                Figure.of(90),
                Figure.of(15),
                NONE,
                Status.COUNTS,
                Set.of(),
                new Circumstances(
                        Optional.of("mark"),
                        instrument,
                        Optional.empty(),
                        Optional.of(surface),
                        Optional.empty(),
                        Optional.of("2026-06-20"),
                        Optional.empty(),
                        Optional.empty(),
                        1,
                        WheelLimit.NOT_LOGGED,
                        0,
                        Optional.empty()));
    }

    private static Side side(String name, double... values) {
        return side(name, DistanceBasis.ONSET_TO_REST, "dry", values);
    }

    private static Side side(String name, DistanceBasis basis, String surface, double... values) {
        List<ComparedStop> stops = Arrays.stream(values)
                .mapToObj(v -> stop(v, surface, Instrument.TAPE))
                .toList();
        return new Side(name, basis, Figure.of(25), NONE, Map.of(), Set.of(), stops);
    }

    private static Comparison compare(Side a, Side b) {
        return Comparisons.of(a, List.of(b), Margin.DEFAULT).get(0);
    }

    @Nested
    class ABlocker {
        @Test
        void keepsDifferentBasesApart() {
            Comparison c =
                    compare(side("A", 40, 41, 40, 41), side("B", DistanceBasis.SPEED_WINDOW, "dry", 38, 38, 39, 38));
            assertThat(c.verdict()).isEqualTo(Verdict.NOT_COMPARABLE);
            assertThat(c.checks().get(0))
                    .extracting(Check::code, Check::level)
                    .containsExactly(CheckCode.BASIS, Check.Level.BLOCK);
            assertThat(c.test()).isEmpty();
        }

        @Test
        void keepsWetFromDry() {
            Comparison c = compare(side("A", 40, 41, 40), side("B", DistanceBasis.ONSET_TO_REST, "wet", 38, 38, 39));
            assertThat(c.checks().get(0).code()).isEqualTo(CheckCode.SURFACE);
        }

        @Test
        void needsThreeStopsOfEach() {
            assertThat(compare(side("A", 40, 41, 40), side("B", 38, 38))
                            .checks()
                            .get(0)
                            .code())
                    .isEqualTo(CheckCode.TOO_FEW);
            assertThat(compare(side("A", 40, 41, 40), side("B", 38, 38.1, 38.2)).verdict())
                    .isEqualTo(Verdict.GAIN_SHOWN);
        }
    }

    @Test
    void readingsWithoutAnySpreadStandOnTheirResolution() {
        Comparison c = compare(side("A", 40, 40, 40), side("B", 39, 39, 39));
        assertThat(c.test().orElseThrow().standardError())
                .isCloseTo(0.01 / Math.sqrt(12) * Math.sqrt(2.0 / 3), within(1e-12));
        assertThat(c.consistency().orElseThrow().sdRatio().isKnown()).isFalse();
    }

    @Test
    void aDifferenceBelowTheInstrumentsIsNotAGain() {
        Comparison c = compare(side("A", 40.00, 40.01, 40.02, 40.01), side("B", 39.93, 39.94, 39.95, 39.94));
        assertThat(c.interval95().orElseThrow().excludesZero()).isTrue();
        assertThat(c.verdict()).isEqualTo(Verdict.NO_WORTHWHILE_DIFFERENCE);
        assertThat(c.checks())
                .anyMatch(k -> k.code() == CheckCode.INSTRUMENT_FLOOR && k.level() == Check.Level.CAUTION);
    }

    @Test
    void theOtherWayRoundItIsALoss() {
        Side a = side("A", 40.1, 40.4, 40.2, 40.6);
        Side b = side("B", 37.9, 38.2, 38.4, 38.1);
        assertThat(compare(a, b).verdict()).isEqualTo(Verdict.GAIN_SHOWN);
        assertThat(compare(b, a).verdict()).isEqualTo(Verdict.LOSS_SHOWN);
        assertThat(compare(b, a).test().orElseThrow().difference())
                .isCloseTo(-compare(a, b).test().orElseThrow().difference(), within(1e-12));
    }

    /** With no true difference, gain or loss must be shown in no more than 5 % of tests, however many candidates there are. */
    @ParameterizedTest
    @ValueSource(ints = {1, 5})
    void equalConfigurationsSeldomShowADifference(int candidates) {
        Random random = new Random(7);
        int shown = 0;
        int tests = 200;
        for (int i = 0; i < tests; i++) {
            Side a = side("A", drawn(random));
            List<Side> others = IntStream.range(0, candidates)
                    .mapToObj(k -> side("B" + k, drawn(random)))
                    .toList();
            shown += Comparisons.of(a, others, Margin.DEFAULT).stream()
                            .anyMatch(c -> c.verdict() == Verdict.GAIN_SHOWN || c.verdict() == Verdict.LOSS_SHOWN)
                    ? 1
                    : 0;
        }
        assertThat(shown / (double) tests).isLessThan(0.08);
    }

    private static double[] drawn(Random random) {
        return random.doubles(6).map(x -> 40 + random.nextGaussian()).toArray();
    }

    @Test
    void moreNoiseNeverNeedsFewerStops() {
        int before = 0;
        for (double sd = 0.1; sd < 3; sd += 0.1) {
            int n = SampleSize.perSide(0.8, sd);
            assertThat(n).isGreaterThanOrEqualTo(before);
            assertThat(SampleSize.smallestDifference(n, sd)).isLessThanOrEqualTo(0.8);
            before = n;
        }
    }
}
