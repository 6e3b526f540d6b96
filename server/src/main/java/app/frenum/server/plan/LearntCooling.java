package app.frenum.server.plan;

import java.util.Optional;
import java.util.UUID;

/** Tells how a vehicle's front discs cooled before. Planning asks; whoever reads the recordings answers. */
public interface LearntCooling {
    /** What the newest cool-downs of this vehicle gave; empty when none could be fitted. */
    Optional<Learnt> of(UUID vehicleId);

    /**
     * A time constant that was measured.
     *
     * @param tauS median while the car rolled, s
     * @param coolDowns how many it is from
     * @param standingTauS median while it stood; empty where it never stood long enough
     */
    record Learnt(double tauS, int coolDowns, Optional<Double> standingTauS) {}
}
