package app.frenum.core.fade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.fade.PressureCurve.AtPressure;
import app.frenum.core.fade.PressureCurve.CurvePoint;
import app.frenum.core.stop.PedalCurve;
import app.frenum.core.stop.StopTrace;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PressureCurveTest {
    private static StopTrace trace(double[] front, double[] slowing) {
        double[] time = new double[front.length];
        for (int i = 0; i < time.length; i++) {
            time[i] = (i - 2) / 10.0;
        }
        return new StopTrace(time, time, Map.of("front", front, "deceleration", slowing));
    }

    @Test
    void theBiteIsTheMeanDecelerationAtEachPressureFromTheOnsetOn() {
        // The first two rows are before the onset; 60 bar is only passed.
        List<CurvePoint> bite = PressureCurve.bite(trace(
                new double[] {20, 20, 19, 20, 21, 20, 60, 40, 41, 39, 40},
                new double[] {99, 99, 1.9, 2.1, 2.0, 2.0, 9, 4.1, 3.9, 4.0, 4.0}));
        assertThat(bite).extracting(CurvePoint::bar).containsExactly(20.0, 40.0);
        assertThat(bite.get(0).value()).isCloseTo(2.0, within(1e-9));
        assertThat(bite.get(1).value()).isCloseTo(4.0, within(1e-9));
    }

    @Test
    void aStopWithoutPressureHasNoBite() {
        double[] time = {0, 0.1};
        assertThat(PressureCurve.bite(new StopTrace(time, time, Map.of("deceleration", new double[] {5, 5}))))
                .isEmpty();
    }

    @Test
    void stopsAreAveragedAtAPressureThatTheyHaveInCommonWithTheirSpread() {
        PressureCurve curve = PressureCurve.of(List.of(
                List.of(new CurvePoint(4, 1), new CurvePoint(8, 2), new CurvePoint(60, 7)),
                List.of(new CurvePoint(8, 4)),
                List.of()));
        assertThat(curve.stops()).hasSize(2);
        assertThat(curve.at()).extracting(AtPressure::bar).containsExactly(4.0, 8.0, 60.0);
        AtPressure eight = curve.at().get(1);
        assertThat(eight.mean().value()).isEqualTo(3);
        assertThat(eight.sd().value()).isCloseTo(Math.sqrt(2), within(1e-12));
        assertThat(eight.n()).isEqualTo(2);
        assertThat(curve.at().get(2).sd().isKnown())
                .as("one stop has no spread")
                .isFalse();
    }

    @Test
    void travelIsTakenAsItWasReadInRisingPressure() {
        assertThat(PressureCurve.travel(new PedalCurve(List.of(5.0, 2.5), List.of(0.03, 0.02))))
                .containsExactly(new CurvePoint(2.5, 0.02), new CurvePoint(5, 0.03));
        assertThat(PressureCurve.travel(PedalCurve.none())).isEmpty();
    }
}
