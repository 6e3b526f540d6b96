package app.frenum.core.stop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.balance.AxleLoads.Axle;
import app.frenum.core.balance.LockOrder;
import app.frenum.core.log.Calibration;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Unit;
import app.frenum.core.simulate.Approach;
import app.frenum.core.simulate.Hydraulics;
import app.frenum.core.simulate.Rehearsal;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

class LiveStopsTest {
    private static final AnalysisOptions OPTIONS = AnalysisOptions.onset(Figure.of(25));

    private static List<MeasuredStop> over(MemoryLog log, double afterS) {
        return LiveStops.over(log, Calibration.of(log), afterS, OPTIONS);
    }

    @Test
    void aStopIsToldOnceTheCarStandsAndReadsAsInTheWholeLog() {
        Rehearsal drive = new Rehearsal(80, 3);
        drive.car.advance(5);
        drive.car.run(Approach.stop(25, 0));
        int before = 0;
        while (drive.car.isUnderWay()) {
            drive.car.advance(0.5);
            before = Math.max(
                    before, drive.car.isUnderWay() ? 0 : over(drive.log(), 0).size());
        }
        List<MeasuredStop> found = over(drive.log(), 0);
        assertThat(found).hasSize(1);
        MeasuredStop live = found.get(0);
        drive.car.advance(60);
        MeasuredStop whole =
                LogAnalysis.of(drive.log(), List.of(), OPTIONS).stops().get(0);
        assertThat(live.distance().value()).isCloseTo(whole.distance().value(), within(0.05));
        assertThat(live.mfdd().value()).isCloseTo(whole.mfdd().value(), within(0.03));
        assertThat(over(drive.log(), live.endS())).isEmpty();
    }

    @Test
    void whileTheBrakeIsOnNothingIsToldAndASnubOnlyOnceItIsOff() {
        Rehearsal drive = new Rehearsal(80, 4);
        drive.car.advance(3);
        drive.car.run(new Approach(28, 12, 0, Approach.Event.NONE));
        int told = 0;
        while (drive.car.isUnderWay()) {
            drive.car.advance(0.2);
            told += drive.car.isUnderWay() ? over(drive.log(), 0).size() : 0;
        }
        assertThat(told).isZero();
        drive.car.advance(1);
        assertThat(over(drive.log(), 0))
                .singleElement()
                .satisfies(s -> assertThat(s.kind()).isEqualTo(StopKind.SNUB));
    }

    @Test
    void travelAtTheSamePressureGrowsWithVapourAndWithNothingElse() {
        Rehearsal drive = new Rehearsal(80, 5);
        drive.car.advance(3);
        drive.car.run(Approach.stop(25, 0));
        drive.untilOver();
        Hydraulics vapour = new Hydraulics(0.06, 35, 0.35, 20, 0.3, 40);
        drive.car.become(Rehearsal.CAR.with(Rehearsal.CAR.front().pad(), vapour));
        drive.car.run(Approach.stop(25, 0));
        drive.untilOver().car.advance(1);
        List<MeasuredStop> found = over(drive.log(), 0);
        double firm = found.get(0).pedal().at(30).value();
        double soft = found.get(1).pedal().at(30).value();
        assertThat(firm).isCloseTo((20 * (1 - Math.exp(-10)) + 0.3 * 30) / 1000, within(1.5e-3));
        assertThat(soft / firm).isGreaterThan(1.15);
        assertThat(found.get(0).pedal().at(300).reason()).contains("never reached");
    }

    @Test
    void whicheverAxleLocksFirstIsKnown() {
        MeasuredStop rear = locked(Role.WHEEL_SPEED_REAR_LEFT, Role.WHEEL_SPEED_FRONT_LEFT);
        assertThat(rear.rearLockedFirst()).isTrue();
        assertThat(rear.lockedAtS().get(WheelPosition.REAR_LEFT)).isCloseTo(KnownStop.ONSET + 1, within(0.02));
        assertThat(locked(Role.WHEEL_SPEED_FRONT_LEFT, Role.WHEEL_SPEED_REAR_LEFT)
                        .rearLockedFirst())
                .isFalse();
    }

    @Test
    void howMuchLaterTheOtherAxleLocksIsToldInTimeAndInWhatTheVehicleSlowed() {
        double[] t = DoubleStream.iterate(0, x -> x + 0.01).limit(400).toArray();
        double[] slowing = DoubleStream.of(t).map(x -> 5 + x).toArray();
        StopTrace harderAndHarder = new StopTrace(t, t, Map.of("deceleration", slowing));
        LockOrder both = LockOrder.of(locked(Role.WHEEL_SPEED_REAR_LEFT, Role.WHEEL_SPEED_FRONT_LEFT), harderAndHarder)
                .orElseThrow();
        assertThat(both.first()).isEqualTo(Axle.REAR);
        assertThat(both.marginS().value()).isCloseTo(0.2, within(0.03));
        assertThat(both.marginMps2().value()).isCloseTo(0.2, within(0.03));
        MeasuredStop alone = KnownStop.logged()
                .with(Role.WHEEL_SPEED_FRONT_LEFT, Unit.METRES_PER_SECOND, x -> stands(x, 1) ? 0.0 : KnownStop.speed(x))
                .measured(OPTIONS)
                .get(0);
        LockOrder held = LockOrder.of(alone, harderAndHarder).orElseThrow();
        assertThat(held.marginS().isKnown()).isFalse();
        assertThat(held.heldToMps2().value()).isCloseTo(5 + alone.endS() - alone.onsetS(), within(0.02));
    }

    private static MeasuredStop locked(Role first, Role second) {
        return KnownStop.logged()
                .with(first, Unit.METRES_PER_SECOND, t -> stands(t, 1) ? 0.0 : KnownStop.speed(t))
                .with(second, Unit.METRES_PER_SECOND, t -> stands(t, 1.2) ? 0.0 : KnownStop.speed(t))
                .measured(OPTIONS)
                .get(0);
    }

    private static boolean stands(double t, double fromS) {
        return t > KnownStop.ONSET + fromS && t < KnownStop.ONSET + 1.6;
    }

    @Test
    void travelIsReadBetweenTheKeptPressures() {
        double[] t = DoubleStream.iterate(0, x -> x + 0.01).limit(1000).toArray();
        Signal rising = new Signal(t, DoubleStream.of(t).map(x -> 10 * x).toArray());
        assertThat(PedalCurve.of(rising, rising.map(b -> b / 1000), 0, 5)
                        .at(41.3)
                        .value())
                .isCloseTo(0.0413, within(1e-9));
    }
}
