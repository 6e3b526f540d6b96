package app.frenum.core.series;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.compare.Instrument;
import app.frenum.core.finding.FindingCode;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.series.EntryDoubts.Place;
import app.frenum.core.stop.DistanceBasis;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

/** What a tired person types. */
class EntryDoubtsTest {
    private static final double NOMINAL = 100 / 3.6;
    private static final SaidConditions NOBODY_SAID = new SaidConditions(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    private static Optional<Quantity> maybe(double x, Unit unit) {
        return Double.isNaN(x) ? Optional.empty() : Optional.of(new Quantity(x, unit));
    }

    private static HandEntry entry(double kmh, double m, double s, double beforeC, double afterC, double lateS) {
        return new HandEntry(
                Double.isNaN(m) ? DistanceBasis.TIME_ONLY : DistanceBasis.ONSET_TO_REST,
                Instrument.TAPE,
                Optional.empty(),
                maybe(kmh, Unit.KILOMETRES_PER_HOUR),
                maybe(m, Unit.METRES),
                maybe(s, Unit.SECONDS),
                maybe(beforeC, Unit.CELSIUS)
                        .map(q -> Map.of(WheelPosition.FRONT_LEFT, q))
                        .orElse(Map.of()),
                maybe(afterC, Unit.CELSIUS)
                        .map(q -> Map.of(WheelPosition.FRONT_LEFT, q))
                        .orElse(Map.of()),
                Optional.empty(),
                maybe(lateS, Unit.SECONDS),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                NOBODY_SAID,
                Optional.empty(),
                Optional.empty());
    }

    private static HandEntry metres(double m) {
        return entry(Double.NaN, m, Double.NaN, Double.NaN, Double.NaN, Double.NaN);
    }

    private static List<FindingCode> of(HandEntry doubted, double... beside) {
        List<HandEntry> all = new ArrayList<>(List.of(doubted));
        DoubleStream.of(beside).mapToObj(EntryDoubtsTest::metres).forEach(all::add);
        return EntryDoubts.of(all, Optional.of(NOMINAL)).get(0).stream()
                .map(d -> d.finding().code())
                .toList();
    }

    @Test
    void feetAmongMetresAreUnlikeTheOthers() {
        assertThat(of(metres(144.4), 44, 43.8, 44.3)).contains(EntryDoubt.UNLIKE_THE_OTHERS);
        assertThat(of(metres(46.9), 44, 43.8, 44.3)).isEmpty();
        assertThat(of(metres(60), 44, 43.8)).as("two are no kind").isEmpty();
    }

    @Test
    void onePoorStopDoesNotMakeTheGoodOnesDoubtful() {
        List<HandEntry> all = List.of(metres(44), metres(44.2), metres(43.9), metres(144));
        assertThat(EntryDoubts.of(all, Optional.of(NOMINAL)))
                .extracting(List::isEmpty)
                .containsExactly(true, true, true, false);
    }

    @Test
    void anotherSpeedThanItWasToBeginAt() {
        assertThat(of(entry(88, 44, Double.NaN, Double.NaN, Double.NaN, Double.NaN)))
                .containsExactly(EntryDoubt.ANOTHER_SPEED);
        assertThat(of(entry(91, 44, Double.NaN, Double.NaN, Double.NaN, Double.NaN)))
                .isEmpty();
    }

    @Test
    void whatNoTyreHoldsAndWhatNoBrakeDid() {
        assertThat(of(metres(27))).containsExactly(EntryDoubt.NOTHING_STOPS_SO_HARD);
        assertThat(of(metres(28))).isEmpty();
        assertThat(of(metres(260))).containsExactly(EntryDoubt.HARDLY_BRAKED);
        assertThat(of(metres(250))).isEmpty();
        HandEntry watch = entry(Double.NaN, Double.NaN, 1.9, Double.NaN, Double.NaN, Double.NaN);
        assertThat(EntryDoubts.of(List.of(watch), Optional.of(NOMINAL))
                        .get(0)
                        .get(0)
                        .place())
                .isEqualTo(Place.TIME);
    }

    @Test
    void aTimeThatTheDistanceContradicts() {
        // 44 m in 3.2 s are 27.5 m/s; in 5 s they are 17.6.
        assertThat(of(entry(Double.NaN, 44, 3.2, Double.NaN, Double.NaN, Double.NaN)))
                .isEmpty();
        assertThat(of(entry(Double.NaN, 44, 5, Double.NaN, Double.NaN, Double.NaN)))
                .containsExactly(EntryDoubt.TIME_AND_DISTANCE_DISAGREE);
    }

    @Test
    void discsThatCooledInAStopAndReadingsWithoutATime() {
        assertThat(of(entry(Double.NaN, 44, Double.NaN, 310, 90, 40))).containsExactly(EntryDoubt.COOLER_AFTER);
        assertThat(of(entry(Double.NaN, 44, Double.NaN, 90, 310, Double.NaN))).containsExactly(EntryDoubt.READ_WHEN);
        assertThat(of(entry(Double.NaN, 44, Double.NaN, 90, 310, 40))).isEmpty();
    }

    @Test
    void withoutANominalSpeedNothingIsHeldAgainstIt() {
        assertThat(EntryDoubts.of(List.of(metres(27), metres(260)), Optional.empty()))
                .allSatisfy(doubts -> assertThat(doubts).isEmpty());
    }

    @Test
    void stopsFromAnotherSpeedThanTheirTestAsksFor() {
        assertThat(EntryDoubts.ofAnotherTest(Figure.of(14), NOMINAL)
                        .orElseThrow()
                        .code())
                .isEqualTo(EntryDoubt.OF_ANOTHER_TEST);
        assertThat(EntryDoubts.ofAnotherTest(Figure.of(0.91 * NOMINAL), NOMINAL))
                .isEmpty();
        assertThat(EntryDoubts.ofAnotherTest(Figure.unknown("no stop"), NOMINAL))
                .isEmpty();
    }
}
