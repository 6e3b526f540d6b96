package app.frenum.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.balance.LiveShare.Reading;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class LiveShareTest {
    private static final double ROW_S = 0.01;
    private final LiveShare live = new LiveShare();
    private double t;

    /** So many seconds with both lines at so many bar, each sensor reading beside the truth as two that were not zeroed do. */
    private void held(double seconds, double front, double rear) {
        for (int i = 0; i < Math.round(seconds / ROW_S); i++) {
            t += ROW_S;
            double noise = 0.05 * Math.sin(50 * t);
            live.add(t, front + 0.8 + noise, rear - 0.4 - noise);
        }
    }

    @Test
    void itIsCountedFromWhatTheSensorsReadWithThePedalFreeAndHeldAfterTheRelease() {
        held(3, 0, 0);
        assertThat(live.reading()).isEqualTo(new Reading(false, OptionalDouble.empty(), List.of()));
        held(1.5, 60, 30);
        assertThat(live.reading().braking()).isTrue();
        assertThat(live.reading().share().orElseThrow()).isCloseTo(2 / 3.0, within(0.002));
        held(2, 0, 0);
        assertThat(live.reading().braking()).isFalse();
        assertThat(live.reading().share().orElseThrow()).isCloseTo(2 / 3.0, within(0.002));
        assertThat(live.reading().last()).hasSize(1);
    }

    @Test
    void theLastThreeStopsStandNewestFirstAndATouchOfThePedalIsNone() {
        held(2, 0, 0);
        for (double rear : new double[] {20, 30, 40, 50}) {
            held(1.2, 50, rear);
            held(1, 0, 0);
        }
        held(0.4, 50, 10);
        held(1, 0, 0);
        assertThat(live.reading().last()).hasSize(3);
        assertThat(live.reading().last().get(0)).isCloseTo(0.5, within(0.003));
        assertThat(live.reading().last().get(2)).isCloseTo(50 / 80.0, within(0.003));
    }

    @Test
    void aSlippingWheelEndsNoStopButAHoleInTheRowsDoes() {
        held(2, 0, 0);
        held(0.6, 50, 25);
        held(0.1, 50, 0.2);
        held(0.6, 50, 25);
        assertThat(live.reading().last()).as("still the same stop").isEmpty();
        t += 5;
        held(0.05, 0, 0);
        assertThat(live.reading().last()).hasSize(1);
        live.add(t + 1, Double.NaN, 3);
        assertThat(live.reading().braking()).isFalse();
    }
}
