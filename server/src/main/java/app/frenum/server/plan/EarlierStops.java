package app.frenum.server.plan;

import app.frenum.core.plan.Forecast;
import java.util.Optional;
import java.util.UUID;

/** Tells how a vehicle stopped before. Planning asks; whoever keeps the stops answers. */
public interface EarlierStops {
    /** The largest series of this vehicle at this speed (m/s). */
    Optional<Forecast.Earlier> of(UUID vehicleId, double speedMps);
}
