package app.frenum.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.balance.RollerReading.Bound;
import app.frenum.core.balance.RollerReading.Bounded;
import app.frenum.core.balance.RollerReading.Wheel;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Iterator;
import java.util.Map;
import org.junit.jupiter.api.Test;

class RollerReadingTest {
    /** Forces in N, front left to rear right; what is below zero stands for one that locked. */
    private static RollerReading read(double... forces) {
        Map<WheelPosition, Wheel> wheels = new EnumMap<>(WheelPosition.class);
        Iterator<WheelPosition> next = EnumSet.allOf(WheelPosition.class).iterator();
        for (double force : forces) {
            wheels.put(next.next(), new Wheel(Math.abs(force), force < 0));
        }
        return new RollerReading(wheels);
    }

    private static void is(Bounded bounded, double value, Bound bound) {
        assertThat(bounded.figure().value()).isCloseTo(value, within(1e-9));
        assertThat(bounded.bound()).isEqualTo(bound);
    }

    @Test
    void ofFourWheelsThatTurned() {
        RollerReading r = read(3000, 2700, 1500, 1500);
        is(r.imbalance(true), 0.1, Bound.EXACT);
        is(r.imbalance(false), 0, Bound.EXACT);
        is(r.frontShare(), 5700.0 / 8700, Bound.EXACT);
        is(r.efficiency(Figure.of(1500)), 8700 / (1500 * 9.80665), Bound.EXACT);
    }

    @Test
    void aWheelThatLockedGivesABoundInTheSenseItHas() {
        RollerReading frontLocked = read(-3000, 2700, 1500, 1500);
        is(frontLocked.imbalance(true), 0.1, Bound.AT_LEAST);
        is(frontLocked.frontShare(), 5700.0 / 8700, Bound.AT_LEAST);
        is(frontLocked.efficiency(Figure.of(1500)), 8700 / (1500 * 9.80665), Bound.AT_LEAST);
        is(read(3000, 2700, -1500, 1500).frontShare(), 5700.0 / 8700, Bound.AT_MOST);
        // The weaker of the two may be the stronger really.
        assertThat(read(3000, -2700, 1500, 1500).imbalance(true).figure().reason())
                .contains("locked");
        assertThat(read(-3000, 2700, -1500, 1500).frontShare().figure().reason())
                .contains("both axles");
    }

    @Test
    void whatWasNotReadIsNotMadeUp() {
        RollerReading fronts = read(3000, 2700);
        assertThat(fronts.frontShare().figure().isKnown()).isFalse();
        assertThat(fronts.imbalance(false).figure().isKnown()).isFalse();
        assertThat(fronts.efficiency(Figure.of(1500)).figure().isKnown()).isFalse();
        assertThat(read(0, 0, 0, 0).imbalance(true).figure().isKnown()).isFalse();
        assertThat(read(0, 0, 0, 0).frontShare().figure().isKnown()).isFalse();
        assertThat(read(1, 1, 1, 1)
                        .efficiency(Figure.unknown("not weighed"))
                        .figure()
                        .reason())
                .isEqualTo("not weighed");
        assertThatThrownBy(RollerReadingTest::read).isInstanceOf(IllegalArgumentException.class);
    }
}
