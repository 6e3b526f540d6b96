package app.frenum.formats.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Comparisons;
import app.frenum.core.compare.Conclusion;
import app.frenum.core.compare.InProportion;
import app.frenum.core.compare.Instrument;
import app.frenum.core.compare.Look;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.Side;
import app.frenum.core.compare.Verdict;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.WheelLimit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is said of a comparison, in words, against the figures that it is said of. */
class ConclusionTest {
    private static final Figure NONE = Figure.unknown("not recorded");
    private static final Wording METRIC = Wording.in(UnitSystem.METRIC);
    private static final Wording IMPERIAL = Wording.in(UnitSystem.IMPERIAL);
    private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");

    private static Side side(String name, DistanceBasis basis, String surface, int firstOrder, double... values) {
        List<ComparedStop> stops = IntStream.range(0, values.length)
                .mapToObj(i -> new ComparedStop(
                        Figure.of(values[i]),
                        Figure.of(0.05),
                        Figure.of(25),
                        NONE,
                        NONE,
                        Figure.of(90),
                        Figure.of(15),
                        NONE,
                        ComparedStop.Status.COUNTS,
                        Set.of(),
                        new Circumstances(
                                Optional.of("mark"),
                                Instrument.TAPE,
                                Optional.empty(),
                                Optional.of(surface),
                                Optional.empty(),
                                Optional.of("2026-06-20"),
                                Optional.empty(),
                                Optional.empty(),
                                1,
                                WheelLimit.NOT_LOGGED,
                                firstOrder == 0 ? 0 : firstOrder + i,
                                Optional.empty())))
                .toList();
        return new Side(name, basis, Figure.of(25), NONE, Map.of(), Set.of(), stops);
    }

    private static Side side(String name, double... values) {
        return side(name, DistanceBasis.ONSET_TO_REST, "dry", 0, values);
    }

    private static Comparison compared(Side a, Side b, Look look) {
        return Comparisons.of(a, List.of(b), new Margin(1, false), look).get(0);
    }

    private static Conclusion of(Side a, Side b) {
        return Conclusion.of(compared(a, b, Look.COMPLETE), "A", "B", a, b);
    }

    @Test
    void aGainIsSaidWithItsSignInWordsAndNoMoreDigitsThanWereMeasured() {
        Conclusion c = of(side("a", 42.1, 42.3, 42.2, 42.0), side("b", 40.1, 40.2, 40.1, 40.2));
        assertThat(METRIC.text(c.sentence())).startsWith("B stops 2.0 m shorter than A from 90 km/h.");
        assertThat(IMPERIAL.text(c.sentence())).startsWith("B stops 7 ft shorter than A from 56 mph.");
        assertThat(METRIC.text(c.howSure())).isEqualTo("Fairly sure");
        assertThat(METRIC.text(c.range())).contains("95 % range", "m shorter; by chance alone,");
        assertThat(METRIC.text(c.next())).startsWith("B against A is settled, and all of the range is worth having");
    }

    @Test
    void aShownDifferenceIsAShareOfTheBaselineAndLengthsOfTheCar() {
        Side a = side("a", 42.1, 42.3, 42.2, 42.0);
        Side b = side("b", 40.1, 40.2, 40.1, 40.2);
        Comparison gain = compared(a, b, Look.COMPLETE);
        assertThat(METRIC.text(InProportion.of(gain, "A", a, Figure.of(4.6))))
                .isEqualTo("That is 4.7 % of A’s distance, 0.4 lengths of the vehicle.");
        assertThat(METRIC.text(InProportion.of(gain, "A", a, NONE))).isEqualTo("That is 4.7 % of A’s distance.");
        Comparison loss = compared(b, a, Look.COMPLETE);
        assertThat(METRIC.text(InProportion.of(loss, "A", b, Figure.of(4.6))))
                .isEqualTo("That is 5.0 % of A’s distance, 0.4 lengths of the vehicle.");
        assertThat(METRIC.text(InProportion.of(compared(a, a, Look.COMPLETE), "A", a, Figure.of(4.6))))
                .as("nothing is shown")
                .isEmpty();
    }

    @Test
    void whatIsOnlyLeantTowardsIsNotCalledSettled() {
        Conclusion c = of(side("a", 42.1, 42.3, 42.2), side("b", 40.1, 40.2, 40.0));
        assertThat(METRIC.text(c.howSure())).isEqualTo("Leaning");
        assertThat(METRIC.text(c.next()))
                .startsWith("The stops only lean that way for B against A")
                .doesNotContain("settled");
    }

    @Test
    void aBlockerStandsInThePlaceOfTheVerdict() {
        Conclusion c = of(
                side("a", DistanceBasis.ONSET_TO_REST, "dry", 0, 42.1, 42.3, 42.2),
                side("b", DistanceBasis.ONSET_TO_REST, "wet", 0, 40.1, 40.2, 40.0));
        assertThat(METRIC.text(c.sentence()))
                .isEqualTo("No verdict: “Same surface” is not met, surface dry against wet.");
        assertThat(METRIC.text(c.range())).contains("nothing is claimed");
        assertThat(METRIC.text(c.next())).startsWith("Mend what blocks it");
    }

    @Test
    void anOrderThatCouldHaveMadeItIsTheDoubtThatMatters() {
        Conclusion c = of(
                side("a", DistanceBasis.ONSET_TO_REST, "dry", 1, 42.4, 42.0, 42.2, 41.8),
                side("b", DistanceBasis.ONSET_TO_REST, "dry", 5, 41.4, 41.0, 41.2, 40.7));
        assertThat(METRIC.text(c.sentence())).endsWith("a drift of the day could do this.");
        assertThat(METRIC.text(c.next())).startsWith("Drive three stops of A again");
    }

    @Test
    void whoLooksBeforeTheEndIsToldWhyTheRangeIsWider() {
        Side a = side("a", 42.1, 42.3, 42.2);
        Side b = side("b", 40.1, 40.2, 40.0);
        assertThat(METRIC.text(Conclusion.of(compared(a, b, new Look(8)), "A", "B", a, b)
                        .range()))
                .contains("wider because it was looked at before the planned end");
        assertThat(METRIC.text(Conclusion.of(compared(a, b, new Look(2)), "A", "B", a, b)
                        .sentence()))
                .endsWith("It was driven past its plan, which this allows for.");
    }

    @Test
    void wordsNeverContradictFiguresWhateverWasMeasured() {
        Random random = new Random(20261129);
        Set<Verdict> seen = new TreeSet<>();
        for (int i = 0; i < 600; i++) {
            boolean timed = i % 4 == 0;
            double scale = timed ? 0.2 : 1;
            double level = timed ? 8 : 42;
            double difference = scale * 2 * random.nextGaussian() * (i % 3);
            double spread = scale * Math.exp(random.nextGaussian() - 1);
            int n = 3 + random.nextInt(5);
            DistanceBasis basis = timed ? DistanceBasis.TIME_ONLY : DistanceBasis.ONSET_TO_REST;
            Side a = side("a", basis, "dry", 0, normal(random, n, level, spread));
            Side b = side("b", basis, "dry", 0, normal(random, n, level + difference, spread));
            Comparison c = compared(a, b, Look.COMPLETE);
            seen.add(c.verdict());
            Conclusion said = Conclusion.of(c, "A", "B", a, b);
            for (Wording words : List.of(METRIC, IMPERIAL)) {
                holds(c, said, words, timed);
            }
            assertThat(everything(said, IMPERIAL)).doesNotContainPattern("\\d m\\b|km/h|m/s²");
        }
        assertThat(seen).contains(Verdict.GAIN_SHOWN, Verdict.LOSS_SHOWN, Verdict.NOT_SETTLED);
    }

    private static void holds(Comparison c, Conclusion said, Wording words, boolean timed) {
        double d = c.test().orElseThrow().difference();
        String which = timed ? d > 0 ? " harder" : "less hard" : d < 0 ? "shorter" : "longer";
        String sentence = words.text(said.sentence());
        assertThat(everything(said, words)).doesNotContain("NaN", "null", "−", "Infinity", " 0 more");
        if (c.verdict() == Verdict.GAIN_SHOWN || c.verdict() == Verdict.LOSS_SHOWN) {
            assertThat(sentence).contains(which);
            String range = words.text(said.range()).replaceAll(";.*", "").replaceAll(".* range ", "");
            assertThat(range).contains(which.strip());
            Matcher numbers = NUMBER.matcher(range);
            assertThat(numbers.find()).isTrue();
            double near = Double.parseDouble(numbers.group());
            assertThat(numbers.find()).isTrue();
            assertThat(near).isLessThanOrEqualTo(Double.parseDouble(numbers.group()));
        }
        if (words.text(said.next()).contains("more stop")) {
            assertThat(c.stopsToSettle().value()).isPositive();
        }
    }

    private static String everything(Conclusion said, Wording words) {
        return String.join(" ", words.text(said.sentence()), words.text(said.range()), words.text(said.next()));
    }

    private static double[] normal(Random random, int n, double mean, double sd) {
        return random.doubles(n).map(x -> mean + sd * random.nextGaussian()).toArray();
    }
}
