package app.frenum.formats.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.heat.DuctOpening;
import app.frenum.core.heat.HeatAnswer;
import app.frenum.core.heat.HeatStudy;
import app.frenum.core.heat.PeakBelief;
import app.frenum.core.heat.PeakClue;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What a series read for heat comes to, in words. */
class HeatAnswerTest {
    private static final Wording METRIC = Wording.in(UnitSystem.METRIC);
    private static final Wording IMPERIAL = Wording.in(UnitSystem.IMPERIAL);
    private static final HeatStudy.Layout LAYOUT = new HeatStudy.Layout(Figure.of(7), Figure.of(5), Figure.of(0.7));

    private static HeatStudy.Disc disc(double troughC, double peakC) {
        return new HeatStudy.Disc(Figure.of(troughC), PeakBelief.of(List.of(PeakClue.sensed(peakC))));
    }

    private static HeatStudy.Stop stop(int number, double left, double right, double rear) {
        return new HeatStudy.Stop(
                number,
                Figure.of(4e5),
                true,
                Map.of(
                        WheelPosition.FRONT_LEFT, disc(90, left),
                        WheelPosition.FRONT_RIGHT, disc(110, right),
                        WheelPosition.REAR_LEFT, disc(80, rear)));
    }

    private static final HeatStudy SERIES =
            HeatStudy.of(List.of(stop(1, 280, 290, 150), stop(2, 340, 352, 170), stop(3, 320, 325, 160)), LAYOUT);

    @Test
    void namesTheHottestDiscAndCountsTheStopsOverItsPadsWindow() {
        assertThat(METRIC.text(
                        HeatAnswer.of(SERIES, "A", OptionalDouble.of(330)).hottest()))
                .isEqualTo("A reached 352 °C (front right, stop 2), 1 of 3 stops peaked over its pads’ window.");
        assertThat(IMPERIAL.text(
                        HeatAnswer.of(SERIES, "B", OptionalDouble.of(352)).hottest()))
                .isEqualTo("B reached 666 °F (front right, stop 2), never over its pads’ window.");
        assertThat(METRIC.text(
                        HeatAnswer.of(SERIES, "A", OptionalDouble.empty()).hottest()))
                .isEqualTo("A reached 352 °C (front right, stop 2).");
    }

    @Test
    void saysWhenItIsReadyAgainByItsOwnTimeConstantAndNothingWithoutOne() {
        HeatAnswer answer = HeatAnswer.of(SERIES, "A", OptionalDouble.empty());
        Figure tau = Figure.of(200);
        OptionalDouble gate = OptionalDouble.of(100);
        // 200 s·ln((352 − 20)/(100 − 20)) = 284.6 s
        assertThat(METRIC.text(answer.readyAgain("A", gate, 20, tau, Figure.of(180), Figure.of(230))))
                .isEqualTo("From there A is ready again, at 100 °C, after 4.7 min of rolling (4.3 min to 5.5 min).");
        assertThat(IMPERIAL.text(answer.readyAgain("A", gate, 20, tau, Figure.unknown("once"), Figure.unknown("once"))))
                .isEqualTo("From there A is ready again, at 212 °F, after about 4.7 min of rolling.");
        assertThat(METRIC.text(answer.readyAgain("A", gate, 20, Figure.unknown("no log"), tau, tau)))
                .isEmpty();
        assertThat(METRIC.text(answer.readyAgain("A", OptionalDouble.of(400), 20, tau, tau, tau)))
                .isEmpty();
        assertThat(METRIC.text(answer.readyAgain("A", OptionalDouble.of(15), 20, tau, tau, tau)))
                .isEmpty();
    }

    @Test
    void ofManyTheHottestIsNamedAndWhereTheOthersGot() {
        HeatStudy cooler = HeatStudy.of(List.of(stop(1, 280, 290, 150), stop(2, 240, 252, 120)), LAYOUT);
        HeatStudy coolest = HeatStudy.of(List.of(stop(1, 180, 190, 90)), LAYOUT);
        HeatStudy none = HeatStudy.of(List.of(), LAYOUT);
        List<HeatAnswer> all = List.of(
                HeatAnswer.of(cooler, "A", OptionalDouble.empty()),
                HeatAnswer.of(SERIES, "B", OptionalDouble.empty()),
                HeatAnswer.of(coolest, "C", OptionalDouble.empty()),
                HeatAnswer.of(none, "D", OptionalDouble.empty()));
        List<Finding> ready = all.stream()
                .map(a -> a.readyAgain("A", OptionalDouble.of(100), 20, Figure.of(200), Figure.of(180), Figure.of(220)))
                .toList();
        assertThat(HeatAnswer.together(all, ready))
                .extracting(METRIC::text)
                .containsExactly(
                        "B reached 352 °C (front right, stop 2).",
                        "The others reached 190 °C to 290 °C.",
                        "No disc temperature is known of D.");
        assertThat(HeatAnswer.together(all.subList(1, 3), ready.subList(1, 3)))
                .extracting(METRIC::text)
                .containsExactly(
                        "B reached 352 °C (front right, stop 2).",
                        "From there A is ready again, at 100 °C, after 4.7 min of rolling (4.3 min to 5.2 min).",
                        "C reached 190 °C (front right, stop 1).",
                        "From there A is ready again, at 100 °C, after 2.5 min of rolling (2.3 min to 2.8 min).");
    }

    @Test
    void withoutAReadingNothingIsClaimed() {
        HeatAnswer none = HeatAnswer.of(HeatStudy.of(List.of(), LAYOUT), "A", OptionalDouble.of(330));
        assertThat(METRIC.text(none.hottest())).isEqualTo("A: no disc temperature is known.");
        assertThat(METRIC.text(none.frontRear())).isEmpty();
        assertThat(METRIC.text(none.bareReadLow())).isEmpty();
        assertThat(METRIC.text(none.share()))
                .isEqualTo("Front share of the heat: not known, rises of front and rear discs are needed in two stops"
                        + " or more, 70.0 % by the layout.");
    }

    @Test
    void theAxlesAreHeldAgainstEachOtherStopByStop() {
        // Front means 285, 346, 322.5 over rear 150, 170, 160: 135, 176, 162.5; SD 20.8. Starts 100 over 80, always.
        HeatAnswer told = HeatAnswer.of(SERIES, "A", OptionalDouble.empty());
        assertThat(METRIC.text(told.frontRear()))
                .isEqualTo(
                        "The front discs peak 158 °C hotter (SD 21 °C, n 3) than the rear, and begin 20 °C hotter (SD 0 °C, n 3).");
        assertThat(IMPERIAL.text(told.frontRear())).contains("284 °F hotter (SD 38 °F");
        assertThat(METRIC.text(told.share()))
                .matches("Front share of the heat: \\d\\d\\.\\d ± \\d+\\.\\d % measured, 70.0 % by the layout\\.");
    }

    @Test
    void saysOverWhichStopsMeansAreWhereOthersOnlyHeatedTheDiscs() {
        assertThat(METRIC.text(HeatAnswer.averaged(25, "", 0))).isEmpty();
        assertThat(METRIC.text(HeatAnswer.averaged(25, "", 5)))
                .isEqualTo("Means are over stops from 90 km/h; 5 others are drawn, but not averaged.");
        assertThat(IMPERIAL.text(HeatAnswer.averaged(25, "laden", 1)))
                .isEqualTo("Means are over stops from 56 mph, laden; another one is drawn, but not averaged.");
    }

    @Test
    void aPercentOfDuctIsWorthDegreesInTheReadersUnit() {
        List<DuctOpening.Driven> driven = List.of(at(0, 300), at(0.5, 250), at(1, 200));
        DuctOpening ducts = DuctOpening.of(driven, Optional.of(230.0)).orElseThrow();
        assertThat(METRIC.text(ducts.worth()))
                .startsWith("Each % more opening changes the start by −1.00 °C (")
                .contains("and the peak by −1.00 °C");
        assertThat(IMPERIAL.text(ducts.worth())).startsWith("Each % more opening changes the start by −1.80 °F (");
        assertThat(METRIC.text(ducts.wanted().orElseThrow())).isEqualTo("Leave 70 % of the duct open.");
    }

    private static DuctOpening.Driven at(double opening, double troughC) {
        HeatStudy.Stop only = new HeatStudy.Stop(
                1, Figure.of(4e5), true, Map.of(WheelPosition.FRONT_LEFT, disc(troughC, troughC + 120)));
        return new DuctOpening.Driven(opening, HeatStudy.of(List.of(only), LAYOUT));
    }
}
