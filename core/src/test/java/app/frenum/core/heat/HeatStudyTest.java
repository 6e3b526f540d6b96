package app.frenum.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.heat.HeatStudy.Disc;
import app.frenum.core.heat.HeatStudy.Layout;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.simulate.Approach;
import app.frenum.core.simulate.Rehearsal;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class HeatStudyTest {
    private static final Layout LAYOUT = new Layout(Figure.of(7), Figure.of(5), Figure.of(0.7));
    private static final Figure NOT_READ = Figure.unknown("not read");

    private static Disc disc(double trough, double peak) {
        return new Disc(Figure.of(trough), PeakBelief.of(List.of(PeakClue.sensed(peak))));
    }

    private static HeatStudy.Stop stop(int number, double left, double right, double rear) {
        return new HeatStudy.Stop(
                number,
                Figure.of(500_000),
                true,
                Map.of(
                        WheelPosition.FRONT_LEFT, disc(90, 90 + left),
                        WheelPosition.FRONT_RIGHT, disc(90, 90 + right),
                        WheelPosition.REAR_LEFT, disc(70, 70 + rear),
                        WheelPosition.REAR_RIGHT, disc(70, 70 + rear)));
    }

    @Test
    void heatIsSharedAsTheRisesAndMassesSay() {
        HeatStudy study = HeatStudy.of(List.of(stop(1, 48, 48, 28), stop(2, 47, 47, 28)), LAYOUT);
        assertThat(study.share().measuredFront().value()).isCloseTo((336.0 / 476 + 329.0 / 469) / 2, within(1e-9));
        assertThat(study.corners()
                        .get(WheelPosition.FRONT_LEFT)
                        .predictedRiseC()
                        .value())
                .isCloseTo(0.35 * 0.95 * 500_000 / 3500, within(1e-9));
        assertThat(study.corners().get(WheelPosition.FRONT_LEFT).hottestC().value())
                .isEqualTo(138);
        assertThat(study.remarks()).isEmpty();
        assertThat(study.alike()).hasSize(3);
        assertThat(study.frontRear().peakC().mean().value()).isCloseTo(39.5, within(1e-9));
        assertThat(study.frontRear().troughC().mean().value()).isCloseTo(20, within(1e-9));
    }

    /** They heat the discs, so that the hottest and the last start are theirs, and no mean is. */
    @Test
    void stopsThatAreNotAlikeAreLeftOutOfTheMeans() {
        HeatStudy.Stop other = stop(3, 200, 200, 120);
        HeatStudy study = HeatStudy.of(
                List.of(
                        stop(1, 48, 48, 28),
                        stop(2, 47, 47, 28),
                        new HeatStudy.Stop(3, Figure.of(2e6), false, other.discs())),
                LAYOUT);
        HeatStudy.Corner front = study.corners().get(WheelPosition.FRONT_LEFT);
        assertThat(front.n()).isEqualTo(2);
        assertThat(front.meanRiseC().value()).isCloseTo(47.5, within(1e-9));
        assertThat(front.hottestC().value()).isEqualTo(290);
        assertThat(study.frontRear().peakC().n()).isEqualTo(2);
    }

    @Test
    void oneHotSideIsPointedAtWithLikelyReasons() {
        HeatStudy study = HeatStudy.of(List.of(stop(1, 48, 95, 28), stop(2, 47, 96, 28)), LAYOUT);
        assertThat(study.remarks()).hasSize(2);
        assertThat(study.remarks().get(0).code()).isEqualTo(HeatFinding.SIDE_HOTTER);
        assertThat(study.remarks().get(0).terms().get("disc")).isEqualTo(Term.name("front right"));
        assertThat(study.remarks().get(0).terms().get("apart")).isEqualTo(Term.temperatureApart(48));
        assertThat(study.remarks().get(1).code()).isEqualTo(HeatFinding.RISE_UNLIKE_LAYOUT);
        assertThat(study.alike()).containsExactly(Finding.of(HeatFinding.REARS_AGREE));
        assertThat(study.remarks().get(1).terms()).containsKeys("disc", "times");
    }

    @Test
    void whatWasNotMeasuredIsSaidToBe() {
        HeatStudy.Stop alone = new HeatStudy.Stop(
                1,
                NOT_READ,
                true,
                Map.of(WheelPosition.FRONT_LEFT, new Disc(NOT_READ, PeakBelief.of(List.of(PeakClue.sensed(140))))));
        HeatStudy study = HeatStudy.of(List.of(alone), LAYOUT);
        assertThat(study.alike()).isEmpty();
        assertThat(study.corners().get(WheelPosition.FRONT_LEFT).meanRiseC().reason())
                .contains("both its start and its peak");
        assertThat(study.share().measuredFront().reason()).contains("two stops");
        assertThat(HeatStudy.of(List.of(), LAYOUT).corners()).isEmpty();
    }

    @Test
    void padsAreReadAgainstTheirWindow() {
        PadWindow hot =
                PadWindow.of(List.of(new PadWindow.Work(1000, 200, 280), new PadWindow.Work(1000, 340, 430)), 60, 330);
        assertThat(hot.above().value()).isEqualTo(0.5);
        assertThat(hot.marginC().value()).isEqualTo(-100);
        assertThat(hot.words().code()).isEqualTo(HeatFinding.PADS_TOO_HOT);
        assertThat(hot.asksFor())
                .isEqualTo(Finding.of(HeatFinding.ASKS_FOR_PADS, Term.temperature(200), Term.temperature(430)));
        assertThat(PadWindow.of(List.of(new PadWindow.Work(1000, 40, 90)), 150, 500)
                        .words()
                        .code())
                .isEqualTo(HeatFinding.PADS_TOO_COLD);
        assertThat(PadWindow.of(List.of(new PadWindow.Work(1000, 310, 360)), 60, 330)
                        .words()
                        .code())
                .isEqualTo(HeatFinding.PADS_ENDED_ABOVE);
        assertThat(PadWindow.of(List.of(), 60, 330).below().isKnown()).isFalse();
    }

    @Test
    void theCoolDownOfASimulatedCarGivesItsOwnTimeConstant() {
        Rehearsal drive = new Rehearsal(85, 3);
        drive.car.advance(3);
        IntStream.range(0, 3).forEach(i -> {
            drive.car.run(Approach.stop(25, 0));
            drive.untilOver();
        });
        double from = drive.car.timeS();
        // It stands a moment, then rolls at 13 m/s, where 1/τ = 1/400 + 0.0004·13^0.8.
        drive.car.advance(200);
        MemoryLog log = drive.log();
        List<CoolDowns.CoolDown> downs =
                CoolDowns.of(log, List.of(new CoolDowns.Stretch(from + 20, drive.car.timeS())), OptionalDouble.of(15));
        assertThat(downs).hasSize(4);
        double tau = 1 / (1 / 400.0 + 0.0004 * Math.pow(13, 0.8));
        assertThat(downs).allSatisfy(d -> {
            assertThat(d.fit().tauS().value()).isCloseTo(tau, within(0.05 * tau));
            assertThat(d.meanMps().value()).isCloseTo(13, within(0.5));
        });
        assertThat(CoolDowns.of(log, List.of(new CoolDowns.Stretch(from, from + 14)), OptionalDouble.of(15)))
                .allSatisfy(d -> assertThat(d.fit().tauS().reason()).isNotEmpty());
    }
}
