package app.frenum.core.plan;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.heat.Cooling;
import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The figures that a plan goes by: of the car and its earlier stops, or assumed, and then said so. */
final class PlanFigures {
    private static final double ASSUMED_MPS2 = 8;
    static final double ASSUMED_LOST_S = 0.25;
    private static final double ASSUMED_ACCELERATION = 2.5;
    private static final double ASSUMED_TAU_S = 200;
    private static final double ASSUMED_SHARE = 0.70;
    private static final double ASSUMED_DISC_KG = 7;
    private static final double ASSUMED_REAR_DISC_KG = 5;
    /** Digits that a plan's figures deserve. */
    private static final double SHOWN_M = 0.1;

    private static final double HUNDREDTH = 0.01;
    private static final double SHARE_STEP = 0.001;

    private final Forecast.Inputs in;
    private final List<Finding> assumptions = new ArrayList<>();
    /** From the brake point, m. */
    final double stopM;

    PlanFigures(Forecast.Inputs in) {
        this.in = in;
        stopM = expectedStop();
    }

    List<Finding> assumptions() {
        return List.copyOf(assumptions);
    }

    private double expectedStop() {
        if (in.expectedStopM().isPresent()) {
            return in.expectedStopM().get();
        }
        if (in.earlier().isPresent()) {
            return in.earlier().get().meanM();
        }
        double v = in.speedMps();
        double assumed = v * v / (2 * ASSUMED_MPS2) + ASSUMED_LOST_S * v;
        assume(Finding.of(
                PlanFinding.ASSUMED_STOP,
                Term.distance(assumed, 1),
                new Term.Amount(AmountKind.DECELERATION, ASSUMED_MPS2, 1),
                new Term.Amount(AmountKind.TIME, ASSUMED_LOST_S, HUNDREDTH)));
        return assumed;
    }

    StopsNeeded stopsNeeded() {
        if (in.earlier().isPresent() && in.earlier().get().sdM() > 0) {
            Forecast.Earlier earlier = in.earlier().get();
            double bound = StopsNeeded.bound(earlier.sdM(), earlier.stops());
            assumptions.add(Finding.of(
                    PlanFinding.SPREAD_OF_EARLIER_STOPS,
                    Term.distance(bound, HUNDREDTH),
                    Term.count(earlier.stops()),
                    Term.distance(earlier.sdM(), HUNDREDTH)));
            return new StopsNeeded(bound, StopsNeeded.Source.OWN_SERIES, in.marginM());
        }
        double sd = StopsNeeded.ASSUMED_CV * stopM;
        assume(Finding.of(
                PlanFinding.ASSUMED_SPREAD,
                Term.distance(sd, SHOWN_M),
                new Term.Amount(AmountKind.SHARE, StopsNeeded.ASSUMED_CV, SHARE_STEP)));
        return new StopsNeeded(sd, StopsNeeded.Source.ASSUMED, in.marginM());
    }

    double acceleration() {
        return orAssumed(
                in.vehicle().figure(VehicleField.ACCELERATION),
                ASSUMED_ACCELERATION,
                PlanFinding.ASSUMED_ACCELERATION,
                AmountKind.DECELERATION,
                SHOWN_M);
    }

    Optional<Day.Heat> front() {
        return disc(
                true,
                orAssumed(
                        in.vehicle().figure(VehicleField.FRONT_DISC_MASS),
                        ASSUMED_DISC_KG,
                        PlanFinding.ASSUMED_FRONT_DISCS,
                        AmountKind.MASS,
                        1),
                frontShare());
    }

    Optional<Day.Heat> rear() {
        return in.vehicle().rearBrake() == VehicleSpec.BrakeKind.NONE
                ? Optional.empty()
                : disc(
                        false,
                        orAssumed(
                                in.vehicle().figure(VehicleField.REAR_DISC_MASS),
                                ASSUMED_REAR_DISC_KG,
                                PlanFinding.ASSUMED_REAR_DISCS,
                                AmountKind.MASS,
                                1),
                        1 - frontShare());
    }

    private double frontShare() {
        return orAssumed(
                in.vehicle().brakeForceShare(), ASSUMED_SHARE, PlanFinding.ASSUMED_SHARE, AmountKind.SHARE, HUNDREDTH);
    }

    private Optional<Day.Heat> disc(boolean front, double discKg, double axleShare) {
        Figure mass = in.vehicle().mass(in.load());
        if (!mass.isKnown()) {
            return Optional.empty();
        }
        double tau = orAssumed(
                in.vehicle().figure(VehicleField.COOLING_TIME),
                ASSUMED_TAU_S,
                PlanFinding.ASSUMED_COOLING,
                AmountKind.TIME,
                1);
        return Optional.of(new Day.Heat(
                in.vehicle().mass(VehicleSpec.Load.LIGHT).orElse(mass.value()),
                mass.value(),
                front,
                axleShare,
                discKg,
                in.vehicle().discs(front),
                new Cooling(tau, in.ambientC())));
    }

    private double orAssumed(Figure known, double assumed, PlanFinding code, AmountKind kind, double step) {
        if (!known.isKnown()) {
            assume(Finding.of(code, new Term.Amount(kind, assumed, step)));
        }
        return known.orElse(assumed);
    }

    void assume(Finding assumption) {
        if (!assumptions.contains(assumption)) {
            assumptions.add(assumption);
        }
    }
}
