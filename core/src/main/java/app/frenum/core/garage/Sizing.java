package app.frenum.core.garage;

import app.frenum.core.balance.AxleHydraulics;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a layout of the brakes comes to at one deceleration: how force is shared, what it takes at the master cylinder, and
 * when each axle locks. Before any assist and lever: the push is that on the pistons of the cylinders.
 *
 * @param frontShare front share of brake force, 0 to 1
 * @param frontBar line pressure in front that gives the deceleration, bar
 * @param pushN on the cylinders' pistons together, N
 * @param travelM of a piston for a tenth of a millimetre at every pad, m
 * @param locking on several grips; empty when the axle loads are not known
 */
public record Sizing(Figure frontShare, Figure frontBar, Figure pushN, Figure travelM, List<Outlook.Locking> locking) {
    private static final double PASCALS_PER_BAR = 1e5;
    private static final double CLEARANCE_M = 1e-4;

    /** What may be tried otherwise. */
    public static final Set<VehicleField> TRIED = Set.of(
            VehicleField.MASTER_CYLINDER,
            VehicleField.MASTER_CYLINDER_REAR,
            VehicleField.FRONT_PISTON_AREA,
            VehicleField.REAR_PISTON_AREA,
            VehicleField.FRONT_EFFECTIVE_RADIUS,
            VehicleField.REAR_EFFECTIVE_RADIUS,
            VehicleField.PAD_FRICTION_FRONT,
            VehicleField.PAD_FRICTION_REAR,
            VehicleField.TYRE_RADIUS,
            VehicleField.MASS_LIGHT,
            VehicleField.MASS_LADEN,
            VehicleField.FRONT_SHARE_LIGHT,
            VehicleField.FRONT_SHARE_LADEN,
            VehicleField.CG_HEIGHT,
            VehicleField.WHEELBASE);

    /** What cannot be right of other figures. */
    public static List<FieldProblem> problems(Map<VehicleField, Quantity> changes) {
        List<FieldProblem> found = new ArrayList<>();
        changes.forEach((field, q) -> {
            if (TRIED.contains(field)) {
                field.bounds().check(q, "changes." + field, found);
            } else {
                found.add(new FieldProblem("changes." + field, "This is not part of the layout of the brakes."));
            }
        });
        return found;
    }

    /** The same vehicle with some figures changed. */
    public static VehicleSpec with(VehicleSpec vehicle, Map<VehicleField, Quantity> changes) {
        VehicleSpec changed = vehicle;
        for (Map.Entry<VehicleField, Quantity> e : changes.entrySet()) {
            changed = changed.with(e.getKey(), e.getValue());
        }
        return changed;
    }

    /** @param slowingMps2 the deceleration that is wanted, above 0 */
    public static Sizing of(VehicleSpec vehicle, VehicleSpec.Load load, double slowingMps2) {
        return new Writing(vehicle, load, slowingMps2).sizing();
    }

    /** One layout being worked out; the first figure that is missing is told instead of whatever needs it. */
    private record Writing(VehicleSpec vehicle, VehicleSpec.Load load, double slowingMps2) {
        Sizing sizing() {
            Figure missing = missing(
                    VehicleField.FRONT_PISTON_AREA,
                    VehicleField.PAD_FRICTION_FRONT,
                    VehicleField.FRONT_EFFECTIVE_RADIUS,
                    VehicleField.REAR_PISTON_AREA,
                    VehicleField.PAD_FRICTION_REAR,
                    VehicleField.REAR_EFFECTIVE_RADIUS,
                    VehicleField.MASTER_CYLINDER);
            if (!missing.isKnown()) {
                Figure share = vehicle.brakeForceShare();
                return new Sizing(share, missing, missing, missing, locking(share));
            }
            double rearOverFront = rearOverFront();
            AxleHydraulics front = axle(true);
            AxleHydraulics rear = axle(false);
            Figure share = Figure.of(AxleHydraulics.brakeForceShare(front, 1, rear, rearOverFront));
            Figure bar = bar(front, rear, rearOverFront);
            return new Sizing(share, bar, bar.map(this::push), travel(), locking(share));
        }

        private Figure missing(VehicleField... needed) {
            for (VehicleField field : needed) {
                if (!vehicle.figure(field).isKnown()) {
                    return vehicle.figure(field);
                }
            }
            return Figure.of(0);
        }

        private double value(VehicleField field) {
            return vehicle.figure(field).value();
        }

        private AxleHydraulics axle(boolean front) {
            return new AxleHydraulics(
                    value(front ? VehicleField.FRONT_PISTON_AREA : VehicleField.REAR_PISTON_AREA),
                    value(front ? VehicleField.PAD_FRICTION_FRONT : VehicleField.PAD_FRICTION_REAR),
                    value(front ? VehicleField.FRONT_EFFECTIVE_RADIUS : VehicleField.REAR_EFFECTIVE_RADIUS),
                    vehicle.discs(front));
        }

        private static double circle(double boreM) {
            return Math.PI * boreM * boreM / 4;
        }

        private boolean isTwoCylinders() {
            return vehicle.figure(VehicleField.MASTER_CYLINDER_REAR).isKnown();
        }

        /** Two cylinders at a centred bar are pushed alike; one feeds both axles at one pressure. */
        private double rearOverFront() {
            return isTwoCylinders()
                    ? circle(value(VehicleField.MASTER_CYLINDER)) / circle(value(VehicleField.MASTER_CYLINDER_REAR))
                    : 1;
        }

        private Figure bar(AxleHydraulics front, AxleHydraulics rear, double rearOverFront) {
            Figure mass = vehicle.mass(load);
            Figure tyre = vehicle.figure(VehicleField.TYRE_RADIUS);
            if (!mass.isKnown() || !tyre.isKnown()) {
                return mass.isKnown() ? tyre : mass;
            }
            double perBar = front.forceN(1, tyre.value()) + rear.forceN(rearOverFront, tyre.value());
            return Figure.of(mass.value() * slowingMps2 / perBar);
        }

        private double push(double frontBar) {
            double one = frontBar * PASCALS_PER_BAR * circle(value(VehicleField.MASTER_CYLINDER));
            return isTwoCylinders() ? 2 * one : one;
        }

        private Figure travel() {
            double front = 2 * value(VehicleField.FRONT_PISTON_AREA) * vehicle.discs(true) * CLEARANCE_M;
            double rear = 2 * value(VehicleField.REAR_PISTON_AREA) * vehicle.discs(false) * CLEARANCE_M;
            double own = circle(value(VehicleField.MASTER_CYLINDER));
            return Figure.of(
                    isTwoCylinders()
                            ? Math.max(front / own, rear / circle(value(VehicleField.MASTER_CYLINDER_REAR)))
                            : (front + rear) / own);
        }

        private List<Outlook.Locking> locking(Figure share) {
            return share.isKnown()
                    ? vehicle.axleLoads(load)
                            .map(l -> Outlook.locking(l, share.value()))
                            .orElse(List.of())
                    : List.of();
        }
    }
}
