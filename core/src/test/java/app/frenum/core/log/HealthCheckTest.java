package app.frenum.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Unit;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.function.IntUnaryOperator;
import org.junit.jupiter.api.Test;

class HealthCheckTest {
    private static final int ROWS = 3000;

    private static MemoryLog log(
            IntToDoubleFunction time, IntToDoubleFunction speed, IntToDoubleFunction other, Role role, Unit unit) {
        double[] t = new double[ROWS];
        double[][] v = new double[2][ROWS];
        for (int i = 0; i < ROWS; i++) {
            t[i] = time.applyAsDouble(i);
            v[0][i] = speed.applyAsDouble(i);
            v[1][i] = other.applyAsDouble(i);
        }
        return new MemoryLog(
                List.of(new Channel("speed", Role.SPEED, Unit.METRES_PER_SECOND), new Channel("other", role, unit)),
                t,
                v);
    }

    private static List<HealthCode> codes(MemoryLog log) {
        return HealthCheck.of(log).stream().map(HealthFinding::code).distinct().toList();
    }

    private static double wobble(int i) {
        return 20 + Math.sin(i * 0.7) / 10;
    }

    private static MemoryLog withOther(IntToDoubleFunction other, Role role, Unit unit) {
        return log(i -> i * 0.01, HealthCheckTest::wobble, other, role, unit);
    }

    @Test
    void aSoundLogHasNothingToSay() {
        assertThat(codes(withOther(HealthCheckTest::wobble, Role.PRESSURE_FRONT, Unit.BAR)))
                .isEmpty();
    }

    @Test
    void findsGapsAndAnUnevenClock() {
        assertThat(codes(log(
                        i -> i * 0.01 + (i > 1500 ? 2 : 0),
                        HealthCheckTest::wobble,
                        HealthCheckTest::wobble,
                        Role.EXTRA,
                        Unit.ONE)))
                .containsExactly(HealthCode.GAP);
        IntUnaryOperator late = i -> i % 2;
        assertThat(codes(log(
                        i -> i * 0.01 + late.applyAsInt(i) * 0.006,
                        HealthCheckTest::wobble,
                        HealthCheckTest::wobble,
                        Role.EXTRA,
                        Unit.ONE)))
                .containsExactly(HealthCode.JITTER);
    }

    @Test
    void findsASensorThatStandsStillWhileTheCarMoves() {
        assertThat(codes(withOther(
                        i -> i > 1000 && i < 1400 ? 5 : wobble(i), Role.DECELERATION, Unit.METRES_PER_SECOND_SQUARED)))
                .contains(HealthCode.STUCK);
    }

    @Test
    void aLockedWheelIsNotAStuckSensor() {
        assertThat(codes(withOther(
                        i -> i > 1000 && i < 1400 ? 0 : wobble(i),
                        Role.WHEEL_SPEED_FRONT_LEFT,
                        Unit.METRES_PER_SECOND)))
                .isEmpty();
    }

    @Test
    void findsARailAnOpenThermocoupleAndMissingCells() {
        assertThat(codes(withOther(
                        i -> Math.min(20.05, wobble(i) + (i % 500 < 20 ? 1 : 0)), Role.PRESSURE_FRONT, Unit.BAR)))
                .containsExactly(HealthCode.SATURATED);
        assertThat(codes(withOther(i -> i == 700 ? 1370 : 80, Role.DISC_TEMPERATURE_FRONT_LEFT, Unit.CELSIUS)))
                .containsExactly(HealthCode.OPEN_THERMOCOUPLE);
        assertThat(codes(withOther(i -> i % 9 == 0 ? Double.NaN : wobble(i), Role.PRESSURE_REAR, Unit.BAR)))
                .containsExactly(HealthCode.MISSING_CELLS);
    }

    @Test
    void aSlowChannelIsNotAMissingOne() {
        MemoryLog log = withOther(
                i -> i % 10 == 0 ? 80 + i / 1000.0 : Double.NaN, Role.DISC_TEMPERATURE_REAR_LEFT, Unit.CELSIUS);
        assertThat(codes(log)).isEmpty();
        assertThat(HealthCheck.rateHz(log, 1)).isBetween(9.9, 10.1);
    }

    @Test
    void findsWhatNoSensorInOrderTells() {
        assertThat(codes(withOther(i -> i == 700 ? 450 : wobble(i), Role.PRESSURE_FRONT, Unit.BAR)))
                .containsExactly(HealthCode.IMPLAUSIBLE_VALUE);
        assertThat(codes(withOther(i -> i == 700 ? 395 : wobble(i), Role.PRESSURE_FRONT, Unit.BAR)))
                .as("a hard press is none")
                .isEmpty();
        assertThat(codes(log(
                        i -> i * 0.01,
                        i -> i > 2000 && i < 2010 ? -0.5 : wobble(i),
                        HealthCheckTest::wobble,
                        Role.EXTRA,
                        Unit.ONE)))
                .containsExactly(HealthCode.NEGATIVE_SPEED);
        assertThat(codes(log(
                        i -> i * 0.01,
                        i -> i == 2000 ? -0.5 : wobble(i),
                        HealthCheckTest::wobble,
                        Role.EXTRA,
                        Unit.ONE)))
                .as("one sample below nought is noise")
                .isEmpty();
    }

    @Test
    void sensorsThatCannotBeBelievedDiscreditOnlyTheirOwnTime() {
        HealthFinding stuck = HealthFinding.of("speed", 3, 5, LogFinding.ONE_VALUE, Term.at(3), Term.at(5));
        assertThat(stuck.discredits(4, 8)).isTrue();
        assertThat(stuck.discredits(5.01, 8)).isFalse();
        assertThat(HealthFinding.of("speed", 3, 5, LogFinding.NO_ROWS, Term.at(3), Term.at(5))
                        .discredits(4, 8))
                .as("a hole is no wrong value")
                .isFalse();
    }
}
