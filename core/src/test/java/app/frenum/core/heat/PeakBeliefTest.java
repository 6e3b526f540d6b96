package app.frenum.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.log.DiscFace;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PeakBeliefTest {
    private static final Regimes COOLING = Regimes.of(200);
    private static final double AIR = 15;
    private static final List<Double> RUNGS = List.of(300.0, 430.0, 550.0);

    private static PeakClue read(PeakSource source, double celsius, double lateS) {
        return PeakClue.read(source, Optional.empty(), celsius, lateS, COOLING, AIR);
    }

    private static PeakClue face(DiscFace face, double celsius) {
        return PeakClue.read(PeakSource.BLACKENED, Optional.of(face), celsius, 0, COOLING, AIR);
    }

    @Test
    void aLateReadingGoesBackToThePeakAndIsLessSureTheLater() {
        PeakClue late = read(PeakSource.BLACKENED, 371, 60);
        double rolled = 15 + 356 * Math.exp(60 / 200.0);
        double stood = 15 + 356 * Math.exp(60 / 600.0);
        assertThat(late.peakC().value()).isCloseTo((rolled + stood) / 2, within(8.0));
        assertThat(late.atLeastC().value()).isLessThan(stood);
        assertThat(late.belowC().value()).isGreaterThan(rolled);
        assertThat(late.peakU().value())
                .isGreaterThan(read(PeakSource.BLACKENED, 371, 10).peakU().value());
        assertThat(read(PeakSource.BARE, 400, 0).peakU().value()).isCloseTo(20, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0, , 300", "1, 300, 430", "2, 430, 550", "3, 550, "})
    void aLadderIsTheIntervalFromTheHighestChangedToTheLowestNotChanged(int changed, Double from, Double below) {
        PeakClue ladder = PeakClue.ladder(RUNGS, changed);
        assertThat(ladder.atLeastC().orNull()).isEqualTo(from);
        assertThat(ladder.belowC().orNull()).isEqualTo(below);
        PeakBelief alone = PeakBelief.of(List.of(ladder));
        assertThat(alone.peakC().orNull()).isEqualTo(from == null || below == null ? null : (from + below) / 2);
        assertThat(alone.peakU().isKnown()).isEqualTo(alone.peakC().isKnown());
    }

    @Test
    void whatAgreesIsBelievedByTheSurestAndLeavesNoDoubt() {
        PeakBelief belief = PeakBelief.of(
                List.of(read(PeakSource.BLACKENED, 405, 0), PeakClue.sensed(412), PeakClue.ladder(RUNGS, 1)));
        assertThat(belief.source()).contains(PeakSource.SENSOR);
        assertThat(belief.peakC().value()).isEqualTo(412);
        assertThat(belief.doubts()).isEmpty();
    }

    @Test
    void bareMetalIsNotBelievedAgainstABlackenedPatch() {
        PeakBelief belief = PeakBelief.of(List.of(read(PeakSource.BARE, 250, 0), read(PeakSource.BLACKENED, 400, 60)));
        assertThat(belief.source()).contains(PeakSource.BLACKENED);
        assertThat(belief.doubts()).singleElement().asString().contains("BARE_READS_LOW");
    }

    @Test
    void aLadderThatChangedIsBelievedOverALoneSensorButNotOverTwoThatAgree() {
        PeakClue changed = PeakClue.ladder(RUNGS, 2);
        PeakBelief against = PeakBelief.of(List.of(PeakClue.sensed(350), changed));
        assertThat(against.source()).contains(PeakSource.LADDER);
        assertThat(against.peakC().value()).isEqualTo(490);
        assertThat(against.doubts()).singleElement().asString().contains("LADDER_BELIEVED", "SENSOR_READS_LOW");
        PeakBelief two = PeakBelief.of(List.of(PeakClue.sensed(350), read(PeakSource.BLACKENED, 352, 0), changed));
        assertThat(two.source()).contains(PeakSource.SENSOR);
        assertThat(two.doubts()).singleElement().asString().contains("LADDER_NOT_BELIEVED");
        assertThat(PeakBelief.of(List.of(PeakClue.sensed(500), PeakClue.ladder(RUNGS, 1)))
                        .source())
                .contains(PeakSource.SENSOR);
    }

    @Test
    void allThresholdsChangedOverALoneReadingLeavesNoTemperatureButALimit() {
        PeakBelief belief = PeakBelief.of(List.of(read(PeakSource.BARE, 300, 0), PeakClue.ladder(RUNGS, 3)));
        assertThat(belief.peakC().reason()).contains("a lower limit only");
        assertThat(belief.doubts()).singleElement().asString().contains("LADDER_BELIEVED", "inside=550.0");
    }

    @Test
    void aLadderAloneWithoutAChangeOrWithoutARestSaysItsLimit() {
        assertThat(PeakBelief.of(List.of(PeakClue.ladder(RUNGS, 3))).doubts())
                .containsExactly(Finding.of(HeatFinding.LADDER_ALL_CHANGED, Term.temperature(550)));
        assertThat(PeakBelief.of(List.of(PeakClue.ladder(RUNGS, 0))).doubts())
                .containsExactly(Finding.of(HeatFinding.LADDER_NONE_CHANGED, Term.temperature(300)));
    }

    @Test
    void aLadderThatAnEarlierStopChangedSaysNothingAgainstACoolerOne() {
        PeakHistory disc = new PeakHistory();
        assertThat(disc.next(List.of(PeakClue.sensed(440), PeakClue.ladder(RUNGS, 2)))
                        .doubts())
                .isEmpty();
        PeakBelief cooler = disc.next(List.of(PeakClue.sensed(320), PeakClue.ladder(RUNGS, 2)));
        assertThat(cooler.doubts()).isEmpty();
        assertThat(cooler.peakC().value()).isEqualTo(320);
        disc.painted();
        assertThat(disc.next(List.of(PeakClue.sensed(320), PeakClue.ladder(RUNGS, 2)))
                        .doubts())
                .hasSize(1);
    }

    /** Whatever tells of a true peak within its own uncertainty is believed to something near that peak. */
    @Test
    void honestCluesLeadToTheTruth() {
        Random random = new Random(5);
        long within = IntStream.range(0, 500)
                .filter(i -> {
                    double truth = 100 + 500 * random.nextDouble();
                    double lateS = 120 * random.nextDouble();
                    double hand = new Cooling(200, AIR).after(truth, lateS) + 5 * random.nextGaussian();
                    int changed = (int) RUNGS.stream().filter(r -> r <= truth).count();
                    PeakBelief belief = PeakBelief.of(List.of(
                            read(PeakSource.BLACKENED, hand, lateS),
                            PeakClue.sensed(truth + 2 * random.nextGaussian()),
                            PeakClue.ladder(RUNGS, changed)));
                    return Math.abs(belief.peakC().value() - truth)
                            <= 2 * belief.peakU().value();
                })
                .count();
        assertThat(within / 500.0).isBetween(0.92, 0.99);
    }

    @Test
    void facesOfADiscAreComparedWhereBothWereRead() {
        List<HeatStudy.Stop> stops = Stream.of(1, 2, 3)
                .map(n -> new HeatStudy.Stop(
                        n,
                        Figure.of(4e5),
                        true,
                        Map.of(
                                WheelPosition.FRONT_LEFT,
                                new HeatStudy.Disc(
                                        Figure.of(100),
                                        PeakBelief.of(List.of(
                                                face(DiscFace.OUTER, 300),
                                                face(DiscFace.INNER, 338 + n),
                                                read(PeakSource.BARE, 240, 0)))))))
                .toList();
        HeatStudy study = HeatStudy.of(stops, new HeatStudy.Layout(Figure.of(7), Figure.of(5), Figure.of(0.7)));
        assertThat(study.corners()
                        .get(WheelPosition.FRONT_LEFT)
                        .innerOverC()
                        .mean()
                        .value())
                .isEqualTo(40);
        assertThat(study.remarks())
                .contains(Finding.of(
                        HeatFinding.FACE_HOTTER,
                        Term.name("inner"),
                        Term.name("front left"),
                        Term.temperatureApart(40),
                        Term.name("outer")));
        assertThat(study.bareBelowC().n()).isEqualTo(3);
        assertThat(study.bareBelowC().mean().value()).isCloseTo(80, within(0.01));
    }

    @Test
    void aLadderThatCannotBeIsRefused() {
        assertThatThrownBy(() -> PeakClue.ladder(RUNGS, 4)).hasMessageContaining("4 of 3");
        assertThat(PeakBelief.of(List.of()).peakC().reason()).isEqualTo("not read after the stop");
        assertThat(PeakBelief.of(List.of(PeakClue.ladder(List.of(500.0), 1), PeakClue.ladder(List.of(400.0), 0)))
                        .doubts())
                .hasSize(1);
    }
}
