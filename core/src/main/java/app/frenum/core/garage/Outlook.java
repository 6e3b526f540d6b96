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
 * @param rises one full stop from several speeds, front and rear
 */
public record Outlook(
        Figure brakeForceShare, List<IdealShare> ideal, String idealReason, List<Locking> locking, List<Rise> rises) {
    private static final int STEPS = 24;
    private static final double HARDEST_MPS2 = 12;
    private static final double[] GRIPS = {0.2, 0.4, 0.6, 0.8, 1.0};
    private static final double[] SPEEDS_MPS = {50 / 3.6, 90 / 3.6, 130 / 3.6};

    /** The ideal front share of brake force at a deceleration. */
    public record IdealShare(double decelerationMps2, double share) {}

    /** What locks first on a grip, and at what deceleration. */
    public record Locking(double grip, AxleLoads.Axle first, double decelerationMps2) {}

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
                DoubleStream.of(SPEEDS_MPS)
                        .mapToObj(v -> rise(vehicle, load, share, v))
                        .toList());
    }

    private static List<IdealShare> ideal(AxleLoads loads) {
        return IntStream.rangeClosed(0, STEPS)
                .mapToDouble(i -> HARDEST_MPS2 * i / STEPS)
                .mapToObj(a -> new IdealShare(a, loads.idealShare(a)))
                .toList();
    }

    private static List<Locking> locking(AxleLoads loads, double share) {
        return DoubleStream.of(GRIPS)
                .mapToObj(grip -> {
                    AxleLoads.LockUp lock = loads.lockUp(share, grip);
                    return new Locking(grip, lock.first(), lock.decelerationMps2());
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
        double rise = new DiscRise(mass.value(), share.value(), disc.value(), vehicle.wheelsPerAxle()).of(fromMps, 0);
        // ΔT goes with 1/m, so its relative uncertainty is that of the disc's mass.
        return new Disc(Figure.of(rise), vehicle.uncertainty(discMass).map(u -> rise * u / disc.value()));
    }
}
