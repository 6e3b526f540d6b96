package app.frenum.core.plan;

import static app.frenum.core.procedure.Phases.kmh;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.procedure.BrakeSystem;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Phases;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** On a lane of 320 m with 90 m of run-off, which is enough for straight stops from 90 km/h. */
class PhaseLaneTest {
    private static final double LENGTH = 320;
    private static final double RUN_OFF = 90;
    private static final PhaseLane.Basis CAR = new PhaseLane.Basis(VehicleSpec.unknown(), 2.5, 2, 8);

    private static PhaseLane of(Phase phase) {
        return PhaseLane.of(phase, CAR).orElseThrow();
    }

    private static Phase stop(double from, BrakeSystem system) {
        return Phases.phase(Phase.Kind.STOP, kmh(from), kmh(0), system, 4, Phases.hottest(100), false);
    }

    private static Phase onGrip(Phase p, double grip) {
        return new Phase(
                p.name(),
                p.kind(),
                p.from(),
                p.to(),
                p.target(),
                p.gear(),
                p.load(),
                p.system(),
                p.gate(),
                p.repeats(),
                p.mostExtra(),
                p.lockForbidden(),
                p.adjuster(),
                p.provesBack(),
                p.whose(),
                Optional.of(new Quantity(grip, Unit.ONE)));
    }

    @Test
    void straightStopsFit() {
        assertThat(of(stop(90, BrakeSystem.WHOLE)).missingM(LENGTH, RUN_OFF)).isZero();
    }

    @Test
    void rearBrakesAloneFromAHundredDoNot() {
        PhaseLane lane = of(stop(100, BrakeSystem.FRONT_CIRCUIT_OFF));
        assertThat(lane.slowingMps2()).isCloseTo(3, within(1e-9));
        assertThat(lane.missingM(LENGTH, RUN_OFF)).isGreaterThan(80);
        assertThat(lane.because()).isEqualTo("rear brakes alone");
    }

    @Test
    void lowGripDoesNot() {
        PhaseLane lane = of(onGrip(stop(90, BrakeSystem.WHOLE), 0.25));
        assertThat(lane.check().stopM() / 1.25).isCloseTo(130, within(5.0));
        assertThat(lane.missingM(LENGTH, RUN_OFF)).isGreaterThan(50);
    }

    @Test
    void snubsThatNeedTheWholeLaneToReachTheirSpeedDoNot() {
        PhaseLane lane = of(Phases.phase(Phase.Kind.SNUB, kmh(160), kmh(60), 1, Phases.hottest(100)));
        assertThat(lane.check().reachM()).isGreaterThan(LENGTH);
        assertThat(lane.missingM(LENGTH, RUN_OFF)).isGreaterThan(300);
    }

    @Test
    void theCureFits() {
        Phase partial = stop(100, BrakeSystem.FRONT_CIRCUIT_OFF);
        double fits = PhaseLane.fastestThatFits(partial, CAR, LENGTH, RUN_OFF);
        Quantity slower = new Quantity(fits, Unit.METRES_PER_SECOND);
        assertThat(of(partial.from(slower)).missingM(LENGTH, RUN_OFF)).isCloseTo(0, within(0.01));
        assertThat(fits).isBetween(15.0, 27.0);
    }

    @Test
    void aVehiclesOwnFiguresCountWhereTheyAreKnown() {
        VehicleSpec nose = VehicleSpec.unknown()
                .with(VehicleField.FRONT_SHARE_LADEN, new Quantity(70, Unit.PERCENT))
                .with(VehicleField.CG_HEIGHT, new Quantity(0.7, Unit.METRES))
                .with(VehicleField.WHEELBASE, new Quantity(2.4, Unit.METRES));
        PhaseLane lane = PhaseLane.of(stop(60, BrakeSystem.FRONT_CIRCUIT_OFF), new PhaseLane.Basis(nose, 2.5, 2, 8))
                .orElseThrow();
        // Rear axle on grip 0.9: 0.9 · 0.3 / (1 + 0.9 · 0.7/2.4) g.
        assertThat(lane.slowingMps2()).isCloseTo(Unit.G * 0.27 / (1 + 0.63 / 2.4), within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void moreGripNeverNeedsMoreLaneAndLosingACircuitNeverLess(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            double speed = 20 + 130 * random.nextDouble();
            double grip = 0.1 + random.nextDouble();
            Phase whole = stop(speed, BrakeSystem.WHOLE);
            double less = of(onGrip(whole, grip)).check().totalM();
            assertThat(of(onGrip(whole, grip * 1.2)).check().totalM()).isLessThanOrEqualTo(less + 1e-9);
            for (BrakeSystem system : BrakeSystem.values()) {
                assertThat(of(stop(speed, system)).check().totalM())
                        .isGreaterThanOrEqualTo(of(whole).check().totalM() - 1e-9);
            }
        }
    }
}
