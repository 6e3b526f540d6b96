package app.frenum.core.plan;

import app.frenum.core.balance.AxleLoads;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.procedure.BrakeSystem;
import app.frenum.core.procedure.Phase;
import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.Optional;

/**
 * What one phase of a procedure takes of a lane: from its own speed, with the deceleration it asks for or that what works of
 * the brakes and the grip of its surface can give, whichever is less.
 *
 * @param phase its name
 * @param speedMps at the start of each of its stops or snubs
 * @param slowingMps2 that is reckoned with
 * @param because why it is not what the whole brakes give on a dry lane; empty where it is
 * @param check the lane it takes
 */
public record PhaseLane(String phase, double speedMps, double slowingMps2, String because, LaneCheck check) {
    /** Rear brakes alone, front brakes alone, and without assist, m/s², where the vehicle's own figures do not tell. */
    private static final double REAR_ALONE_MPS2 = 3.0;

    private static final double FRONT_ALONE_MPS2 = 5.0;
    private static final double NO_ASSIST_MPS2 = 3.5;
    private static final double STRONGER_AXLE = 0.75;
    private static final double DRY_GRIP = 0.9;
    private static final double LOST_S = 0.25;

    /**
     * What the lanes of a plan are reckoned from.
     *
     * @param accelerationMps2 on the way to a speed
     * @param settleS held at it
     * @param wholeMps2 what the whole brakes give on the plan's own surface, build-up apart
     */
    public record Basis(VehicleSpec vehicle, double accelerationMps2, double settleS, double wholeMps2) {}

    /** Empty for a phase that does not brake. */
    static Optional<PhaseLane> of(Phase phase, Basis basis) {
        if (!phase.kind().isBraking()) {
            return Optional.empty();
        }
        return Optional.of(at(phase, basis, phase.from().inside()));
    }

    /** The phase from another speed. */
    private static PhaseLane at(Phase phase, Basis basis, double v) {
        double can = can(phase, basis);
        double slowing = asked(phase).map(a -> Math.min(a, can)).orElse(can);
        double v2 = Math.min(v, phase.to().inside());
        double brakingM = (v * v - v2 * v2) / (2 * slowing) + LOST_S * v;
        // Half of what works, and no more than half the whole brakes.
        double half = Math.min(LaneCheck.HALF_SYSTEM_MPS2, can / 2);
        LaneCheck check =
                LaneCheck.of(new LaneCheck.Needs(v, basis.accelerationMps2(), basis.settleS(), brakingM, half));
        return new PhaseLane(phase.name(), v, slowing, because(phase, asked(phase), can), check);
    }

    private static Optional<Double> asked(Phase phase) {
        return phase.target()
                .filter(t -> t.unit().dimension() == Dimension.DECELERATION)
                .map(Quantity::inside);
    }

    /** The most that this phase's brakes and surface can give, m/s². */
    private static double can(Phase phase, Basis basis) {
        double grip = phase.grip().map(Quantity::inside).orElse(DRY_GRIP);
        Optional<AxleLoads> loads =
                basis.vehicle().axleLoads(VehicleSpec.Load.valueOf(phase.load().name()));
        double system = switch (phase.system()) {
            case WHOLE -> basis.wholeMps2();
            case FRONT_CIRCUIT_OFF ->
                loads.map(l -> l.lockUp(0, grip).rearG().value() * Unit.G).orElse(REAR_ALONE_MPS2);
            case REAR_CIRCUIT_OFF ->
                loads.filter(l -> l.lockUp(1, grip).frontG().isKnown())
                        .map(l -> l.lockUp(1, grip).frontG().value() * Unit.G)
                        .orElse(FRONT_ALONE_MPS2);
            case ASSIST_OFF -> NO_ASSIST_MPS2;
            default -> basis.wholeMps2() * left(phase.system(), basis.vehicle());
        };
        double surface = phase.grip().isEmpty() ? Double.POSITIVE_INFINITY : onSurface(basis.vehicle(), loads, grip);
        double lifts = loads.map(AxleLoads::rearLiftsMps2).orElse(Double.POSITIVE_INFINITY);
        return Math.min(Math.min(basis.wholeMps2(), lifts), Math.min(system, surface));
    }

    /** How much of the whole brakes is left with wheels taken out, the axle that is short reckoned as the stronger one. */
    private static double left(BrakeSystem system, VehicleSpec vehicle) {
        double front = vehicle.brakeForceShare().orElse(system.works(true) < 1 ? STRONGER_AXLE : 1 - STRONGER_AXLE);
        return front * system.works(true) + (1 - front) * system.works(false);
    }

    /** Until the first axle locks, where the vehicle's own figures tell; else all of the grip. */
    private static double onSurface(VehicleSpec vehicle, Optional<AxleLoads> loads, double grip) {
        return loads.filter(l -> vehicle.brakeForceShare().isKnown())
                .map(l -> l.lockUp(vehicle.brakeForceShare().value(), grip).decelerationMps2())
                .orElse(grip * Unit.G);
    }

    private static String because(Phase phase, Optional<Double> asked, double can) {
        if (phase.system() != BrakeSystem.WHOLE) {
            return switch (phase.system()) {
                case FRONT_CIRCUIT_OFF -> "rear brakes alone";
                case REAR_CIRCUIT_OFF -> "front brakes alone";
                case ASSIST_OFF -> "without assist";
                default -> phase.system().label();
            };
        }
        if (phase.grip().isPresent()) {
            return "low grip";
        }
        return asked.isPresent() && asked.get() < can ? "as gently as the phase asks" : "";
    }

    public double missingM(double lengthM, double runOffM) {
        return check.missingM(lengthM, runOffM);
    }

    /** The fastest start, m/s, at which the phase fits a lane; 0 where none does. */
    static double fastestThatFits(Phase phase, Basis basis, double lengthM, double runOffM) {
        double low = 0;
        double high = phase.from().inside();
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (at(phase, basis, Math.max(middle, 0.1)).missingM(lengthM, runOffM) > 0) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return low;
    }
}
