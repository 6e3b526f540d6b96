package app.frenum.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.frenum.core.log.Channel;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Unit;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class CoolDownsTest {
    private static final Cooling DISC = new Cooling(150, 15);
    private static final double UNTIL_S = 600;

    /** One front disc, read so often, with so much noise. */
    private static CoolDowns.CoolDown coolDown(DoubleUnaryOperator celsius, double rateHz, double noiseC, long seed) {
        List<CoolDowns.CoolDown> all = CoolDowns.of(
                log(celsius, rateHz, noiseC, seed), List.of(new CoolDowns.Stretch(0, UNTIL_S)), OptionalDouble.of(15));
        assertThat(all).hasSize(1);
        return all.get(0);
    }

    private static MemoryLog log(DoubleUnaryOperator celsius, double rateHz, double noiseC, long seed) {
        Random random = new Random(seed);
        int n = (int) (UNTIL_S * rateHz);
        double[] t = IntStream.range(0, n).mapToDouble(i -> i / rateHz).toArray();
        double[] c = IntStream.range(0, n)
                .mapToDouble(i -> celsius.applyAsDouble(t[i]) + noiseC * random.nextGaussian())
                .toArray();
        Role role = Role.discTemperature(WheelPosition.FRONT_LEFT);
        return new MemoryLog(List.of(new Channel("disc", role, Unit.CELSIUS)), t, new double[][] {c});
    }

    private static double lastAge(CoolDowns.CoolDown down) {
        return down.left().get(down.left().size() - 1).ageS();
    }

    @Test
    void endsWhereSomebodyBrakedAgain() {
        // Braked to turn round at 400 s, which warms the disc by 25 degrees.
        CoolDowns.CoolDown down =
                coolDown(t -> DISC.after(400, t) + (t < 400 ? 0 : 25 * Math.exp(-(t - 400) / 150)), 10, 0.5, 1);
        assertThat(down.fit().tauS().value()).isCloseTo(150, withinPercentage(0.5));
        assertThat(lastAge(down)).isCloseTo(395 - 10, within(10.0));
        assertThat(down.left()).allMatch(step -> Math.abs(step.leftC()) < 1);
        assertThat(down.meanMps().reason()).contains("no speed was logged");
    }

    @Test
    void aNoisySensorDoesNotEndIt() {
        for (long seed = 0; seed < 20; seed++) {
            CoolDowns.CoolDown down = coolDown(t -> DISC.after(400, t), 1, 4, seed);
            assertThat(lastAge(down)).as("seed %d", seed).isGreaterThan(UNTIL_S - 30);
            assertThat(down.fit().tauS().value()).isCloseTo(150, withinPercentage(3));
        }
    }

    @Test
    void aFewSecondsTellNothing() {
        CoolDowns.CoolDown down = coolDown(t -> DISC.after(400, t) + (t < 27 ? 0 : t), 10, 0.2, 3);
        assertThat(down.fit().tauS().reason()).contains("span");
        assertThat(down.left()).isEmpty();
        List<CoolDowns.CoolDown> none = CoolDowns.of(
                log(t -> DISC.after(400, t), 10, 0, 1),
                List.of(new CoolDowns.Stretch(0, 27), new CoolDowns.Stretch(30, 46)),
                OptionalDouble.of(15));
        assertThat(none).hasSize(1);
        assertThat(none.get(0).fit().tauS().reason()).contains("the cool-downs are too short");
    }

    /** Rolls for 250 s with a short halt at a turn, then is parked. */
    @Test
    void rollingAndStandingAreFittedApart() {
        Cooling parked = new Cooling(480, 15);
        double rest = 250;
        int n = 6000;
        double[] t = IntStream.range(0, n).mapToDouble(i -> i / 10.0).toArray();
        double[] c = IntStream.range(0, n)
                .mapToDouble(
                        i -> t[i] < rest ? DISC.after(400, t[i]) : parked.after(DISC.after(400, rest), t[i] - rest))
                .toArray();
        double[] v = IntStream.range(0, n)
                .mapToDouble(i -> t[i] > rest || t[i] > 100 && t[i] < 106 ? 0 : 15)
                .toArray();
        MemoryLog log = new MemoryLog(
                List.of(
                        new Channel("disc", Role.discTemperature(WheelPosition.FRONT_LEFT), Unit.CELSIUS),
                        new Channel("speed", Role.SPEED, Unit.METRES_PER_SECOND)),
                t,
                new double[][] {c, v});
        List<CoolDowns.CoolDown> all =
                CoolDowns.of(log, List.of(new CoolDowns.Stretch(0, UNTIL_S)), OptionalDouble.of(15));
        assertThat(all).extracting(CoolDowns.CoolDown::stood).containsExactly(false, true);
        assertThat(all.get(0).fit().tauS().value()).isCloseTo(150, withinPercentage(0.5));
        assertThat(all.get(1).fit().tauS().value()).isCloseTo(480, withinPercentage(1));
    }
}
