package app.frenum.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DuctOpeningTest {
    private static HeatStudy.Disc disc(double troughC, double peakC) {
        return new HeatStudy.Disc(Figure.of(troughC), PeakBelief.of(List.of(PeakClue.sensed(peakC))));
    }

    /** Two stops of which the last counts; the front discs stand apart by 10 °C, and a rear one that is none of it. */
    private static HeatStudy study(double troughC, double peakC) {
        HeatStudy.Stop first =
                new HeatStudy.Stop(1, Figure.of(3e5), true, Map.of(WheelPosition.FRONT_LEFT, disc(40, 90)));
        HeatStudy.Stop last = new HeatStudy.Stop(
                2,
                Figure.of(3e5),
                true,
                Map.of(
                        WheelPosition.FRONT_LEFT, disc(troughC - 5, peakC - 5),
                        WheelPosition.FRONT_RIGHT, disc(troughC + 5, peakC + 5),
                        WheelPosition.REAR_LEFT, disc(999, 999)));
        HeatStudy.Stop left =
                new HeatStudy.Stop(3, Figure.of(3e5), false, Map.of(WheelPosition.FRONT_LEFT, disc(1, 2)));
        return HeatStudy.of(
                List.of(first, last, left), new HeatStudy.Layout(Figure.of(7), Figure.of(5), Figure.of(0.7)));
    }

    private static DuctOpening.Driven at(double percent, double troughC, double peakC) {
        return new DuctOpening.Driven(percent / 100, study(troughC, peakC));
    }

    @Test
    void eachPercentMoreOpeningIsWorthWhatTheLineSays() {
        DuctOpening ducts = DuctOpening.of(
                        List.of(at(0, 300, 420), at(50, 250, 380), at(100, 200, 340)), Optional.of(230.0))
                .orElseThrow();
        assertThat(ducts.troughPer().value()).isCloseTo(-1.0, within(1e-9));
        assertThat(ducts.peakPer().value()).isCloseTo(-0.8, within(1e-9));
        assertThat(ducts.openingFor().orElseThrow().value()).isCloseTo(70, within(1e-9));
        assertThat(ducts.fromOpening()).isZero();
        assertThat(ducts.toOpening()).isEqualTo(100);
    }

    @Test
    void twoOpeningsOrThreeAlikeSayNothing() {
        assertThat(DuctOpening.of(List.of(at(0, 300, 420), at(100, 200, 340)), Optional.empty()))
                .isEmpty();
        assertThat(DuctOpening.of(List.of(at(50, 300, 420), at(50, 250, 380), at(50, 200, 340)), Optional.empty()))
                .isEmpty();
    }

    @Test
    void whatNobodyWantsIsNotAnswered() {
        assertThat(DuctOpening.of(List.of(at(0, 300, 420), at(50, 250, 380), at(100, 200, 340)), Optional.empty())
                        .orElseThrow()
                        .openingFor())
                .isEmpty();
    }
}
