package app.frenum.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class SoundTemperatureTest {
    /** A disc at 120 °C that a stop heats to 300 °C within 2.5 s from 10 s on, and that cools again. */
    private static double disc(double t) {
        return t < 10 ? 120 : t < 12.5 ? 120 + 72 * (t - 10) : 20 + 280 * Math.exp(-(t - 12.5) / 100);
    }

    private static Signal sampled(double hz, DoubleUnaryOperator value) {
        double[] t = new double[(int) (40 * hz)];
        Arrays.setAll(t, i -> i / hz);
        return new Signal(t, Arrays.stream(t).map(value).toArray());
    }

    static Stream<Arguments> faults() {
        return Stream.of(
                Arguments.of("a drop to 0", 0.0, 0.5),
                Arguments.of("a drop to 0 that lasts", 0.0, 3.0),
                Arguments.of("a spike", 1370.0, 0.15),
                Arguments.of("a small spike", 450.0, 0.1),
                Arguments.of("a broken wire's rail", -200.0, 4.0));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("faults")
    void whatNoDiscCanHaveIsLeftOut(String what, double reading, double seconds) {
        for (double at : new double[] {0, 5, 9.8, 11, 20}) {
            Signal raw = sampled(20, t -> t >= at && t < at + seconds ? reading : disc(t));
            SoundTemperature sound = SoundTemperature.of(raw);
            double worst = 0;
            for (int i = 0; i < sound.signal().size(); i++) {
                worst = Math.max(
                        worst,
                        Math.abs(sound.signal().v()[i] - disc(sound.signal().t()[i])));
            }
            assertThat(worst).as("%s at %.1f s", what, at).isLessThan(1e-9);
            assertThat(sound.left().length)
                    .as("%s at %.1f s", what, at)
                    .isBetween((int) (20 * seconds), (int) (20 * seconds) + 2);
        }
    }

    @Test
    void aSoundDiscLosesNothing() {
        for (double hz : new double[] {1, 2, 10, 100}) {
            assertThat(SoundTemperature.of(sampled(hz, SoundTemperatureTest::disc))
                            .left())
                    .isEmpty();
        }
    }

    @Test
    void winterIsNotABrokenWire() {
        assertThat(SoundTemperature.of(sampled(10, t -> t < 10 ? 0 : 8 * (t - 10)))
                        .left())
                .isEmpty();
    }

    @Test
    void aLevelThatLastsIsBelieved() {
        Signal moved = sampled(10, t -> t < 20 ? 120 : 220);
        assertThat(SoundTemperature.of(moved).left()).isEmpty();
    }
}
