package app.frenum.formats.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Comparisons;
import app.frenum.core.compare.Expected;
import app.frenum.core.compare.Instrument;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.Price;
import app.frenum.core.compare.Repeats;
import app.frenum.core.compare.Side;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said beside a verdict: consistency, expectation, price. */
class AsideTest {
    private static final Wording METRIC = Wording.in(UnitSystem.METRIC);
    private static final Figure NONE = Figure.unknown("not recorded");

    private static Side side(String surface, double... metres) {
        return new Side(
                surface,
                DistanceBasis.ONSET_TO_REST,
                Figure.of(25),
                Figure.of(0),
                Map.of(),
                Set.of(),
                Arrays.stream(metres).mapToObj(m -> stop(m, surface)).toList());
    }

    private static ComparedStop stop(double metres, String surface) {
        return new ComparedStop(
                Figure.of(metres),
                Figure.of(0.02),
                Figure.of(25),
                NONE,
                NONE,
                NONE,
                NONE,
                NONE,
                ComparedStop.Status.COUNTS,
                Set.of(),
                new Circumstances(
                        Optional.of("mark"),
                        Instrument.TAPE,
                        Optional.empty(),
                        Optional.of(surface),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        1,
                        false,
                        0,
                        Optional.empty()));
    }

    private static Comparison compared(Side a, Side b) {
        return Comparisons.of(a, List.of(b), new Margin(1, false)).get(0);
    }

    private static final Side SCATTERED = side("dry", 41, 49, 44, 47, 43, 50, 40, 46);
    private static final Side STEADY = side("dry", 45, 45.4, 44.8, 45.2, 44.9, 45.1, 45.3, 44.7);
    private static final Side SHORT = side("dry", 41, 41.4, 40.8, 41.2, 40.9, 41.1, 41.3, 40.7);

    @Test
    void repeatingItselfBetterIsAFindingAlsoWhereTheMeansAreTheSameOrMayNotBeCompared() {
        assertThat(METRIC.text(Repeats.of(compared(SCATTERED, STEADY), "A", "B", SCATTERED, STEADY)))
                .isEqualTo("B repeats itself better than A: spread 0.2 m against 3.6 m.");
        assertThat(METRIC.text(Repeats.of(compared(STEADY, SCATTERED), "A", "B", STEADY, SCATTERED)))
                .isEqualTo("B repeats itself worse than A: spread 3.6 m against 0.2 m.");
        assertThat(METRIC.text(Repeats.of(compared(STEADY, SHORT), "A", "B", STEADY, SHORT)))
                .isEmpty();
        Side wet = side("wet", 41, 49, 44, 47, 43, 50, 40, 46);
        assertThat(METRIC.text(Repeats.of(compared(wet, STEADY), "A", "B", wet, STEADY)))
                .startsWith("B repeats itself better");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    B stops 3 m shorter      | -3
                    2,5 m longer, I fear     | 2.5
                    10 ft less               | -3.048
                    somewhat shorter         |
                    3 m                      |
                    3 m shorter, not 5 m     |
                    3 m shorter or longer    |
                    more grip, 3 m shorter   |
                    """)
    void wordsAreAFigureOnlyWhereTheyTellOne(String words, Double metres) {
        OptionalDouble told = Expected.difference(words);
        if (metres == null) {
            assertThat(told).isEmpty();
        } else {
            assertThat(told.orElseThrow()).isEqualTo(metres);
        }
    }

    @Test
    void anExpectationIsHeldAgainstTheRange() {
        Comparison gain = compared(STEADY, SHORT);
        assertThat(METRIC.text(Expected.scored("4 m shorter", gain, STEADY)))
                .startsWith("It came as expected: 4.00 m shorter lies in the range, from 4.2");
        assertThat(METRIC.text(Expected.scored("1 m shorter", gain, STEADY)))
                .startsWith("It came otherwise: 1.00 m shorter lies outside the range");
        assertThat(METRIC.text(Expected.scored("better", gain, STEADY)))
                .isEqualTo("It named no length, so nothing is scored.");
        Side wet = side("wet", 41, 42, 43);
        assertThat(METRIC.text(Expected.scored("1 m shorter", compared(STEADY, wet), STEADY)))
                .isEqualTo("What came cannot be held against it yet.");
        assertThat(METRIC.text(Expected.guesses("Club driver", 3, 4)))
                .isEqualTo("Of 4 guesses of Club driver that could be held against what came, 3 were in the range.");
        assertThat(METRIC.text(Expected.guesses("Club driver", 1, 1))).isEmpty();
    }

    @Test
    void aMetreHasAPriceOnlyWhereOneWasGained() {
        assertThat(METRIC.text(
                        Price.of(compared(STEADY, SHORT), STEADY, Figure.of(160), Optional.of("€"), Figure.of(1.5))))
                .isEqualTo("The changed parts cost 160 € and 1.5 hours: 40 € for each 1.0 m gained (38 to 43).");
        assertThat(METRIC.text(Price.of(compared(SHORT, STEADY), SHORT, Figure.of(160), Optional.of("€"), NONE)))
                .isEmpty();
        assertThat(METRIC.text(Price.of(compared(STEADY, SHORT), STEADY, NONE, Optional.empty(), NONE)))
                .isEmpty();
    }
}
