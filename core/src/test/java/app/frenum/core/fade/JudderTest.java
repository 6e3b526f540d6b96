package app.frenum.core.fade;

import static app.frenum.core.Vectors.named;
import static app.frenum.core.Vectors.out;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.frenum.core.log.Channel;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Unit;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class JudderTest {
    private static final double RADIUS = 0.31;
    private static final double V0 = 30;
    private static final double SLOWING = 7;

    @Test
    void howOftenAWheelTurns() {
        for (JsonNode v : named("order_hz")) {
            double hz = Judder.turnsHz(
                    v.get("in").get("v").asDouble(), v.get("in").get("r").asDouble());
            assertThat(hz).isCloseTo(out(v, "hz"), withinPercentage(1e-5));
        }
    }

    /** A stop from 30 m/s at 7 m/s² whose deceleration swings by so much with an order of the wheel. */
    private static Judder judder(int order, double amplitude, double rateHz) {
        double end = V0 / SLOWING;
        double[] t = IntStream.range(0, (int) (end * rateHz))
                .mapToDouble(i -> i / rateHz)
                .toArray();
        DoubleUnaryOperator turns = x -> (V0 * x - SLOWING * x * x / 2) / (2 * Math.PI * RADIUS);
        double[] speed = IntStream.range(0, t.length)
                .mapToDouble(i -> V0 - SLOWING * t[i])
                .toArray();
        double[] slowing = IntStream.range(0, t.length)
                .mapToDouble(i -> SLOWING
                        + 0.4 * t[i]
                        + amplitude * Math.sin(2 * Math.PI * order * turns.applyAsDouble(t[i]) + 0.7))
                .toArray();
        MemoryLog log = new MemoryLog(
                List.of(
                        new Channel("v", Role.SPEED, Unit.METRES_PER_SECOND),
                        new Channel("a", Role.DECELERATION, Unit.METRES_PER_SECOND_SQUARED)),
                t,
                new double[][] {speed, slowing});
        return Judder.of(log, 0, end, RADIUS);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void anOrderIsFoundInTheOthersAreNot(int order) {
        Judder judder = judder(order, 0.3, 400);
        List<Figure> found = judder.deceleration();
        assertThat(judder.noise()).as("what does not go round with the wheel").allMatch(f -> f.value() < 0.06);
        for (int k = 1; k <= Judder.ORDERS; k++) {
            assertThat(found.get(k - 1).value()).as("order %d", k).isCloseTo(k == order ? 0.3 : 0, within(0.03));
        }
    }

    @Test
    void whatTheLogCannotShowIsSaidAndNotGuessed() {
        Judder slow = judder(2, 0.3, 100);
        assertThat(slow.deceleration().get(1).value())
                .as("read where it is slow enough")
                .isCloseTo(0.3, within(0.04));
        assertThat(judder(1, 0.3, 12).deceleration().get(3).reason()).isEqualTo("too few samples or turns for order 4");
        assertThat(slow.pressure().get(0).reason()).isEqualTo("no line pressure was logged");
    }
}
