package app.frenum.core.stop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.finding.Term;
import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.HealthCode;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Unit;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class StopMeasurerTest {
    private static final AnalysisOptions ONSET_AT_25 = AnalysisOptions.onset(Figure.of(25));

    private static MeasuredStop only(KnownStop stop, AnalysisOptions options) {
        assertThat(stop.measured(options)).hasSize(1);
        return stop.measured(options).get(0);
    }

    private static MeasuredStop only(KnownStop stop) {
        return only(stop, ONSET_AT_25);
    }

    @Test
    void figuresOfAStopKnownByHand() {
        MeasuredStop s = only(KnownStop.logged());
        assertThat(s.kind()).isEqualTo(StopKind.STOP);
        assertThat(s.onsetSource()).isEqualTo(OnsetSource.PRESSURE);
        // Pressure leaves its idle noise within the first samples of the ramp.
        assertThat(s.onsetS()).isCloseTo(KnownStop.ONSET, within(0.02));
        assertThat(s.entrySpeed().value()).isCloseTo(25, within(0.01));
        assertThat(s.distance().value()).isCloseTo(KnownStop.DISTANCE, within(0.5));
        assertThat(s.correctedDistance().value()).isCloseTo(s.distance().value(), within(0.05));
        assertThat(s.endS()).isCloseTo(KnownStop.REST, within(0.02));
        assertThat(s.mfdd().value()).isCloseTo(KnownStop.SLOWING, within(0.01));
        assertThat(s.frontPressureMean().value()).isCloseTo(40, within(0.05));
        assertThat(s.frontShare().value()).isCloseTo(40.0 / 60, within(0.001));
        assertThat(s.effectiveness().value()).isCloseTo(KnownStop.SLOWING / 40, within(0.002));
        // Half the ramp is lost: at 25 m/s the ramp costs 0.15 s less the little it already slows.
        assertThat(s.lostTime().value()).isCloseTo(0.15, within(0.02));
        assertThat(s.buildUp().value()).isBetween(0.24, 0.32);
        assertThat(s.validity()).isEqualTo(Validity.VALID);
    }

    @Test
    void uncertaintiesFollowTheLogger() {
        StopUncertainty u = only(KnownStop.logged()).uncertainty();
        double time = KnownStop.REST - KnownStop.ONSET;
        double logger = Math.hypot(0.03 * time, 25 * 0.005 / Math.sqrt(3));
        double onset = Math.hypot(0.005 / Math.sqrt(3), 0.004);
        double scale = 0.01 * KnownStop.DISTANCE;
        double latency = 25 * 0.012; // a speed that was seen to be prompt
        assertThat(u.shared().value()).isCloseTo(Math.hypot(scale, latency), within(0.02));
        assertThat(u.distance().value())
                .isCloseTo(Math.hypot(Math.hypot(logger, 25 * onset), u.shared().value()), within(0.05));
        assertThat(u.correctedDistance().value()).isGreaterThan(u.distance().value());
        assertThat(u.time().value()).isCloseTo(Math.hypot(0.005 * Math.sqrt(2.0 / 3), onset), within(2e-3));
        assertThat(u.lostTime().isKnown()).isTrue();
    }

    @Test
    void theSpeedWindowLeavesTheBuildUpOut() {
        MeasuredStop s = only(KnownStop.logged(), AnalysisOptions.window(Figure.of(22)));
        assertThat(s.distance().value()).isCloseTo(22 * 22 / (2 * KnownStop.SLOWING), within(0.1));
        assertThat(s.correctedDistance()).isEqualTo(s.distance());
        assertThat(s.lostTime().reason()).contains("window");
        assertThat(s.validity()).isEqualTo(Validity.VALID);
        MeasuredStop slow = only(KnownStop.logged(), AnalysisOptions.window(Figure.of(24.9)));
        assertThat(slow.hasFlag(FlagCode.BELOW_NOMINAL)).isTrue();
        MeasuredStop never = only(KnownStop.logged(), AnalysisOptions.window(Figure.of(30)));
        assertThat(never.distance().reason()).contains("1 km/h above");
        assertThat(slow.distance().isKnown()).isFalse();
    }

    @Test
    void theSquareLawHasItsLimits() {
        MeasuredStop far = only(KnownStop.logged(), AnalysisOptions.onset(Figure.of(27)));
        assertThat(far.hasFlag(FlagCode.ENTRY_SPEED_OUT)).isTrue();
        assertThat(far.correctedDistance().isKnown()).isFalse();
        assertThat(far.validity()).isEqualTo(Validity.REPEAT);
        MeasuredStop none = only(KnownStop.logged(), AnalysisOptions.onset(AnalysisOptions.noNominal()));
        assertThat(none.hasFlag(FlagCode.NO_NOMINAL)).isTrue();
        assertThat(none.distance().isKnown()).isTrue();
    }

    @Test
    void aHoleInTheStopMeansDoItAgain() {
        MeasuredStop s = only(KnownStop.logged().withoutRows(9, 9.8));
        assertThat(s.hasFlag(FlagCode.GAP_IN_STOP)).isTrue();
        assertThat(s.validity()).isEqualTo(Validity.REPEAT);
        assertThat(only(KnownStop.logged().withoutRows(3, 3.8)).hasFlag(FlagCode.GAP_IN_STOP))
                .isFalse();
    }

    @Test
    void theDriverMayNotLift() {
        MeasuredStop lifted = only(KnownStop.logged()
                .with(Role.PRESSURE_FRONT, Unit.BAR, t -> (t > 9 && t < 9.6 ? 20 : 40) * KnownStop.applied(t)));
        assertThat(lifted.hasFlag(FlagCode.DRIVER_LIFTED)).isTrue();
        MeasuredStop eased = only(KnownStop.logged()
                .with(Role.PRESSURE_FRONT, Unit.BAR, t -> (t > 9 && t < 9.6 ? 32 : 40) * KnownStop.applied(t)));
        assertThat(eased.hasFlag(FlagCode.DRIVER_LIFTED)).isFalse();
    }

    @Test
    void aShortReleaseIsAModulationAndALongOneEndsASnub() {
        MeasuredStop modulated = only(KnownStop.logged()
                .with(Role.PRESSURE_FRONT, Unit.BAR, t -> t > 9.5 && t < 9.65 ? 0 : 40 * KnownStop.applied(t)));
        assertThat(modulated.hasFlag(FlagCode.MODULATED)).isTrue();
        assertThat(modulated.kind()).isEqualTo(StopKind.STOP);
        MeasuredStop snub = only(KnownStop.logged()
                .with(Role.SPEED, Unit.METRES_PER_SECOND, t -> KnownStop.speed(Math.min(t, 9.5)))
                .with(Role.PRESSURE_FRONT, Unit.BAR, t -> t > 9.5 ? 0 : 40 * KnownStop.applied(t)));
        assertThat(snub.kind()).isEqualTo(StopKind.SNUB);
        assertThat(snub.hasFlag(FlagCode.SNUB_WINDOW)).isTrue();
        assertThat(snub.exitSpeed().value()).isCloseTo(KnownStop.speed(9.5), within(0.05));
        assertThat(snub.correctedDistance().isKnown()).isFalse();
        assertThat(snub.mfdd().value()).isCloseTo(KnownStop.SLOWING, within(0.1));
    }

    @Test
    void tyresThatSlideSpeakForThemselvesNotForTheBrakes() {
        MeasuredStop s = only(KnownStop.logged()
                .with(Role.WHEEL_SPEED_FRONT_LEFT, Unit.METRES_PER_SECOND, t -> t > 8.5 ? 0 : KnownStop.speed(t))
                .with(Role.WHEEL_SPEED_FRONT_RIGHT, Unit.METRES_PER_SECOND, KnownStop::speed));
        assertThat(s.flags()).extracting(Flag::code).contains(FlagCode.WHEEL_LOCK, FlagCode.GRIP_LIMITED);
        assertThat(s.flags())
                .contains(Flag.of(FlagFinding.WHEELS_LOCKED, Term.names(List.of(WheelPosition.FRONT_LEFT.label()))));
        assertThat(s.gripLimited()).isTrue();
        assertThat(s.effectiveness().reason()).contains("tyres");
    }

    @Test
    void wheelsAloneMeasureButSayWhenTheySlipped() {
        MeasuredStop rolling = only(
                KnownStop.nothingLogged().with(Role.WHEEL_SPEED_REAR_LEFT, Unit.METRES_PER_SECOND, KnownStop::speed));
        // Braked wheels slip by 3 %, so the vehicle went that much further and slowed that much harder than they show.
        assertThat(rolling.mfdd().value()).isCloseTo(KnownStop.SLOWING / 0.97, within(0.05));
        assertThat(rolling.hasFlag(FlagCode.NO_PRESSURE)).isTrue();
        assertThat(rolling.hasFlag(FlagCode.WHEEL_SPEED_SLIP)).isFalse();
        MeasuredStop antiLock = only(KnownStop.nothingLogged()
                .with(Role.WHEEL_SPEED_REAR_LEFT, Unit.METRES_PER_SECOND, KnownStop::speed)
                .with(Role.ABS_ACTIVE, Unit.ONE, t -> t > 8.4 && t < 11 ? 1 : 0));
        assertThat(antiLock.hasFlag(FlagCode.WHEEL_SPEED_SLIP)).isTrue();
    }

    @Test
    void temperaturesAreReadAtTheOnsetAndAtTheirPeak() {
        MeasuredStop s = only(KnownStop.logged()
                .with(
                        Role.DISC_TEMPERATURE_FRONT_LEFT,
                        Unit.CELSIUS,
                        t -> t < 8 ? 90 : 90 + 30 * Math.min(1, (t - 8) / 3)));
        assertThat(s.startTemperatures()).containsEntry(WheelPosition.FRONT_LEFT, 90.0);
        assertThat(s.peakTemperatures().get(WheelPosition.FRONT_LEFT)).isCloseTo(120, within(1.0));
    }

    @Test
    void aRestIsNoStopAndSpeedIsNeeded() {
        assertThat(KnownStop.nothingLogged()
                        .with(Role.SPEED, Unit.METRES_PER_SECOND, t -> 20)
                        .measured(ONSET_AT_25))
                .isEmpty();
        assertThat(KnownStop.logged()
                        .with(Role.SPEED, Unit.METRES_PER_SECOND, t -> KnownStop.speed(t) / 6)
                        .measured(ONSET_AT_25))
                .isEmpty();
        assertThat(catchThrowable(() -> KnownStop.nothingLogged()
                        .with(Role.PRESSURE_FRONT, Unit.BAR, t -> 0)
                        .measured(ONSET_AT_25)))
                .hasMessageContaining("no speed channel");
    }

    private static final Role A = Role.DECELERATION;

    private static List<HealthCode> health(KnownStop stop) {
        MemoryLog log = stop.log();
        return LogAnalysis.of(log, HealthCheck.of(log), ONSET_AT_25).health().stream()
                .map(HealthFinding::code)
                .toList();
    }

    private static double slowing(double t) {
        return (KnownStop.speed(t - 0.005) - KnownStop.speed(t + 0.005)) / 0.01;
    }

    @Test
    void anAccelerometerThatReadsAtRestIsTakenOffAndSaid() {
        assertThat(health(KnownStop.logged().with(A, Unit.METRES_PER_SECOND_SQUARED, t -> slowing(t) + 0.4)))
                .contains(HealthCode.ACCELEROMETER_OFFSET)
                .doesNotContain(HealthCode.SPEED_DISAGREES);
        assertThat(health(KnownStop.logged().with(A, Unit.METRES_PER_SECOND_SQUARED, StopMeasurerTest::slowing)))
                .doesNotContain(HealthCode.ACCELEROMETER_OFFSET, HealthCode.SPEED_DISAGREES);
    }

    @Test
    void anAccelerometerThatMissesTheChangeOfSpeedIsSaid() {
        assertThat(health(KnownStop.logged().with(A, Unit.METRES_PER_SECOND_SQUARED, t -> 0.8 * slowing(t))))
                .contains(HealthCode.SPEED_DISAGREES);
    }

    @Test
    void aSensorThatStandsStillThroughTheStopIsNotBelievedInIt() {
        MeasuredStop held = only(KnownStop.logged().with(Role.DISC_TEMPERATURE_FRONT_LEFT, Unit.CELSIUS, t -> 80));
        assertThat(held.flags()).contains(Flag.of(FlagFinding.DISC_STUCK, Term.name(WheelPosition.FRONT_LEFT.label())));
        assertThat(held.peakTemperatures()).doesNotContainKey(WheelPosition.FRONT_LEFT);
        MeasuredStop railed = only(KnownStop.logged()
                .with(Role.PRESSURE_REAR, Unit.BAR, t -> Math.min(15, 20 * KnownStop.applied(t) + Math.sin(50 * t))));
        assertThat(railed.flags()).extracting(Flag::code).contains(FlagCode.SENSOR_SUSPECT);
        assertThat(railed.validity()).isEqualTo(Validity.NOTE);
    }

    @Test
    void whatIsNotLoggedFromBeforeTheBrakingOnIsSaid() {
        MeasuredStop late = only(KnownStop.logged().withoutRows(-1, KnownStop.ONSET - 0.05));
        assertThat(late.flags()).extracting(Flag::code).contains(FlagCode.NO_COASTING_LEVEL);
    }

    /** Whoever sets both edges before the braking has a "stop" in which nothing slows. */
    @Test
    void wherePlateauThereIsNoneThereIsNoMfdd() {
        MemoryLog log = KnownStop.logged().log();
        LogAnalysis analysis = LogAnalysis.of(log, HealthCheck.of(log), ONSET_AT_25);
        BrakeApplication automatic =
                new BrakeFinder(log, analysis.calibration(), ONSET_AT_25).find().get(0);
        MeasuredStop moved = analysis.remeasured(
                log,
                ONSET_AT_25,
                automatic,
                OptionalDouble.of(KnownStop.ONSET - 2),
                OptionalDouble.of(KnownStop.ONSET - 1));
        assertThat(moved.flags()).extracting(Flag::code).contains(FlagCode.NOT_COMPUTED);
        assertThat(moved.mfdd().isKnown()).isFalse();
        assertThat(moved.mfdd().reason()).contains("never falls");
    }
}
