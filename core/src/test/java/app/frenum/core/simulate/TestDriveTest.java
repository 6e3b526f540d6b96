package app.frenum.core.simulate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.OnsetSource;
import app.frenum.core.stop.StopKind;
import java.util.List;
import org.junit.jupiter.api.Test;

class TestDriveTest {
    private static final AxleBrake FRONT = new AxleBrake(new Pad(0.40, 0, 60, 300, 0.002), 360, 7, 1 / 400.0, 0.0004);
    private static final AxleBrake REAR = new AxleBrake(new Pad(0.38, 0, 60, 400, 0.001), 160, 5, 1 / 400.0, 0.0004);
    private static final SimulatedCar CAR =
            new SimulatedCar(1500, 2.6, 0.55, 0.56, 0.4, FRONT, REAR, new Hydraulics(0.06, 35, 0.35, 20, 0.3, 200));
    private static final LaneConditions LANE = new LaneConditions(1.0, 0.75, 0, 15);
    private static final DriverHabits STEADY = new DriverHabits(55, 0.5, 0.25, 0.02, 0.1);

    private static MemoryLog drive(List<Approach> approaches, double discC, long seed) {
        return TestDrive.log(CAR, LANE, STEADY, Sensors.USUAL, discC, approaches, seed);
    }

    private static List<MeasuredStop> stops(MemoryLog log) {
        return LogAnalysis.of(log, HealthCheck.of(log), AnalysisOptions.onset(Figure.of(25)))
                .stops();
    }

    @Test
    void sameSeedSameLogOtherSeedOtherLog() {
        List<Approach> two = TestDrive.repeated(2, Approach.stop(20, 0));
        assertThat(drive(two, 80, 3).samples()).isDeepEqualTo(drive(two, 80, 3).samples());
        assertThat(drive(two, 80, 3).samples()[1])
                .isNotEqualTo(drive(two, 80, 4).samples()[1]);
    }

    @Test
    void everyStopIsFoundAndBroughtToRest() {
        List<MeasuredStop> found = stops(drive(TestDrive.repeated(4, Approach.stop(25, 20)), 80, 5));
        assertThat(found).hasSize(4).allSatisfy(s -> {
            assertThat(s.kind()).isEqualTo(StopKind.STOP);
            assertThat(s.onsetSource()).isEqualTo(OnsetSource.SWITCH);
            assertThat(s.entrySpeed().value()).isCloseTo(25, within(0.7));
            assertThat(s.lostTime().value()).isBetween(0.05, 0.4);
        });
    }

    @Test
    void hotPadsFadeAndTheEffectivenessShowsIt() {
        List<MeasuredStop> found = stops(drive(TestDrive.repeated(16, Approach.stop(38, 0)), 150, 6));
        double first = found.get(0).effectiveness().value();
        double last = found.get(found.size() - 1).effectiveness().value();
        assertThat(found.get(found.size() - 1).startTemperatures().get(WheelPosition.FRONT_LEFT))
                .isGreaterThan(330);
        assertThat(last / first).isLessThan(0.9);
    }

    @Test
    void aSlammedPedalLocksAndALiftedOneIsSeen() {
        DriverHabits hard = new DriverHabits(66, 0, 0.25, 0, 0.05);
        MemoryLog log = TestDrive.log(
                CAR,
                LANE,
                hard,
                Sensors.USUAL,
                80,
                List.of(
                        Approach.stop(25, 0).with(Approach.Event.LOCK),
                        Approach.stop(25, 0).with(Approach.Event.LIFT)),
                9);
        List<MeasuredStop> found = stops(log);
        assertThat(found.get(0).hasFlag(FlagCode.WHEEL_LOCK)).isTrue();
        assertThat(found.get(1).hasFlag(FlagCode.DRIVER_LIFTED)).isTrue();
    }

    @Test
    void aReleaseAboveWalkingPaceIsASnub() {
        List<MeasuredStop> found =
                stops(drive(TestDrive.repeated(2, new Approach(28, 12, 0, Approach.Event.NONE)), 80, 8));
        assertThat(found).hasSize(2).allSatisfy(s -> {
            assertThat(s.kind()).isEqualTo(StopKind.SNUB);
            assertThat(s.correctedDistance().isKnown()).isFalse();
            assertThat(s.exitSpeed().value()).isBetween(10.0, 12.1);
        });
    }
}
