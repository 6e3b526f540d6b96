package app.frenum.core.garage;

import app.frenum.core.balance.AxleLoads;
import app.frenum.core.heat.DiscRise;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * What the figures of a vehicle say before anything is driven: which axle locks first on which grip, what front share
 * of brake force would be ideal, and by how much one stop heats a disc.
 *
 * @param brakeForceShare front share of brake force at equal line pressures, 0 to 1
 * @param ideal front share against deceleration; empty when the axle loads are not known
 * @param idealReason why it is not known; empty when it is
 * @param locking on several grips; empty when either is not known
 * @param rearLiftsMps2 at what deceleration the rear wheels leave the ground
 * @param rises one full stop from several speeds, front and rear
 */
public record Outlook(
        Figure brakeForceShare,
        List<IdealShare> ideal,
        String idealReason,
        List<Locking> locking,
        Figure rearLiftsMps2,
        List<Rise> rises) {
    private static final int STEPS = 24;
    private static final double HARDEST_MPS2 = 12;
    private static final double[] GRIPS = {0.2, 0.4, 0.6, 0.8, 1.0};
    private static final double[] SPEEDS_MPS = {50 / 3.6, 90 / 3.6, 130 / 3.6};

    /** The ideal front share of brake force at a deceleration. */
    public record IdealShare(double decelerationMps2, double share) {}

    /** What locks first on a grip, and at what deceleration. */
    public record Locking(double grip, AxleLoads.Axle first, boolean rearLifts, double decelerationMps2) {}

    /**
     * By how much one stop heats one disc of each axle.
     *
     * @param frontC °C
     * @param frontUncertaintyC from the disc's mass alone
     * @param rearC °C
     * @param rearUncertaintyC from the disc's mass alone
     */
    public record Rise(
            double fromMps, Figure frontC, Figure frontUncertaintyC, Figure rearC, Figure rearUncertaintyC) {}

    public static Outlook of(VehicleSpec vehicle, VehicleSpec.Load load) {
        Optional<AxleLoads> loads = vehicle.axleLoads(load);
        Figure share = vehicle.brakeForceShare();
        return new Outlook(
                share,
                loads.map(Outlook::ideal).orElse(List.of()),
                loads.isPresent() ? "" : vehicle.axleLoadsReason(load),
                loads.isPresent() && share.isKnown() ? locking(loads.get(), share.value()) : List.of(),
                loads.map(l -> Figure.of(l.rearLiftsMps2())).orElse(Figure.unknown(vehicle.axleLoadsReason(load))),
                DoubleStream.of(SPEEDS_MPS)
                        .mapToObj(v -> rise(vehicle, load, share, v))
                        .toList());
    }

    private static List<IdealShare> ideal(AxleLoads loads) {
        // Beyond the deceleration at which the rear lifts there is nothing to share.
        double hardest = Math.min(HARDEST_MPS2, loads.rearLiftsMps2());
        return IntStream.rangeClosed(0, STEPS)
                .mapToDouble(i -> hardest * i / STEPS)
                .mapToObj(a -> new IdealShare(a, loads.idealShare(a)))
                .toList();
    }

    static List<Locking> locking(AxleLoads loads, double share) {
        return DoubleStream.of(GRIPS)
                .mapToObj(grip -> {
                    AxleLoads.LockUp lock = loads.lockUp(share, grip);
                    return new Locking(grip, lock.first(), lock.rearLifts(), lock.decelerationMps2());
                })
                .toList();
    }

    private static Rise rise(VehicleSpec vehicle, VehicleSpec.Load load, Figure share, double fromMps) {
        Disc front = disc(vehicle, load, share, VehicleField.FRONT_DISC_MASS, fromMps);
        Disc rear = disc(vehicle, load, share.map(s -> 1 - s), VehicleField.REAR_DISC_MASS, fromMps);
        return new Rise(fromMps, front.rise(), front.uncertainty(), rear.rise(), rear.uncertainty());
    }

    private record Disc(Figure rise, Figure uncertainty) {}

    private static Disc disc(
            VehicleSpec vehicle, VehicleSpec.Load load, Figure share, VehicleField discMass, double fromMps) {
        Figure mass = vehicle.mass(load);
        Figure disc = vehicle.figure(discMass);
        for (Figure needed : List.of(mass, share, disc)) {
            if (!needed.isKnown()) {
                return new Disc(needed, needed);
            }
        }
        int discs = vehicle.discs(discMass == VehicleField.FRONT_DISC_MASS);
        double rise = new DiscRise(mass.value(), share.value(), disc.value(), discs).of(fromMps, 0);
        // ΔT goes with 1/m, so its relative uncertainty is that of the disc's mass.
        return new Disc(Figure.of(rise), vehicle.uncertainty(discMass).map(u -> rise * u / disc.value()));
    }
}
