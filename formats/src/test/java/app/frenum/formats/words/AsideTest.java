package app.frenum.formats.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Comparisons;
import app.frenum.core.compare.Expected;
import app.frenum.core.compare.Guess;
import app.frenum.core.compare.Instrument;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.Price;
import app.frenum.core.compare.ReferenceMark;
import app.frenum.core.compare.Repeats;
import app.frenum.core.compare.Side;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.WheelLimit;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

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
                        Optional.empty(),
                        1,
                        WheelLimit.NOT_LOGGED,
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

    private static Optional<Guess> shorter(double metres) {
        return Optional.of(new Guess(Guess.Sense.SHORTER, Optional.of(new Quantity(metres, Unit.METRES))));
    }

    @Test
    void anExpectationIsHeldAgainstTheRange() {
        Comparison gain = compared(STEADY, SHORT);
        assertThat(METRIC.text(Expected.scored(shorter(4), gain, STEADY)))
                .startsWith("It came as expected: 4.00 m shorter lies in the range, from 4.2");
        assertThat(METRIC.text(Expected.scored(shorter(1), gain, STEADY)))
                .startsWith("It came otherwise: 1.00 m shorter lies outside the range");
        assertThat(METRIC.text(Expected.scored(Optional.empty(), gain, STEADY)))
                .isEqualTo("No figure was written down, so nothing is scored.");
        Side wet = side("wet", 41, 42, 43);
        assertThat(METRIC.text(Expected.scored(shorter(1), compared(STEADY, wet), STEADY)))
                .isEqualTo("What came cannot be held against it yet.");
        Guess none = new Guess(Guess.Sense.NO_DIFFERENCE, Optional.empty());
        assertThat(METRIC.text(Expected.scored(Optional.of(none), gain, STEADY)))
                .startsWith("It came otherwise: no difference lies outside the range");
        assertThat(METRIC.text(Expected.guesses("Club driver", 3, 4)))
                .isEqualTo("Of 4 guesses of Club driver that could be held against what came, 3 were in the range.");
        assertThat(METRIC.text(Expected.guesses("Club driver", 1, 1))).isEmpty();
    }

    @Test
    void aGuessIsAFigureWithItsSense() {
        Guess ten = new Guess(Guess.Sense.LONGER, Optional.of(new Quantity(10, Unit.FEET)));
        assertThat(ten.difference()).isCloseTo(3.048, within(1e-9));
        assertThat(ten.problems()).isEmpty();
        assertThat(new Guess(Guess.Sense.NO_DIFFERENCE, Optional.empty()).problems())
                .isEmpty();
        assertThat(new Guess(Guess.Sense.NO_DIFFERENCE, ten.size()).problems()).hasSize(1);
        assertThat(new Guess(Guess.Sense.SHORTER, Optional.empty()).problems()).hasSize(1);
    }

    @Test
    void whatOthersGaveIsScaledByTheSquareLawOnlyAndSaysSo() {
        ReferenceMark limit = new ReferenceMark(
                "Limit of the code",
                "club's rules",
                new Quantity(36, Unit.METRES),
                new Quantity(90, Unit.KILOMETRES_PER_HOUR));
        assertThat(limit.from(50)).isCloseTo(144, within(1e-9));
        assertThat(METRIC.text(limit.told(25)))
                .isEqualTo(
                        "Limit of the code: 36.0 m from 90 km/h (club's rules). Measured by others in their own way, so"
                                + " nothing is compared.");
        assertThat(METRIC.text(limit.told(50))).contains("which the square law makes 144.0 m from the speed here");
        ReferenceMark nonsense =
                new ReferenceMark(" ", "", new Quantity(0, Unit.METRES), new Quantity(90, Unit.METRES));
        assertThat(nonsense.problems()).hasSize(4);
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
