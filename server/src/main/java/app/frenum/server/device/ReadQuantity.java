package app.frenum.server.device;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Unit;
import java.util.Optional;

/** What a stand-alone reading may be of, and between what it makes sense. */
public enum ReadQuantity {
    AIR_TEMPERATURE(Bounds.of(-60, 60, Unit.CELSIUS)),
    TRACK_TEMPERATURE(Bounds.of(-60, 100, Unit.CELSIUS)),
    /** Positive against the driving direction. */
    WIND_ALONG_LANE(Bounds.of(-60, 60, Unit.METRES_PER_SECOND)),
    HUMIDITY(Bounds.of(0, 100, Unit.PERCENT)),
    DISC_TEMPERATURE_FRONT_LEFT(Limits.DISC),
    DISC_TEMPERATURE_FRONT_RIGHT(Limits.DISC),
    DISC_TEMPERATURE_REAR_LEFT(Limits.DISC),
    DISC_TEMPERATURE_REAR_RIGHT(Limits.DISC),
    /** Of one wheel on the rollers. */
    BRAKE_FORCE_FRONT_LEFT(Limits.FORCE),
    BRAKE_FORCE_FRONT_RIGHT(Limits.FORCE),
    BRAKE_FORCE_REAR_LEFT(Limits.FORCE),
    BRAKE_FORCE_REAR_RIGHT(Limits.FORCE);

    private static final String DISC_PREFIX = "DISC_TEMPERATURE_";

    private final Bounds bounds;

    ReadQuantity(Bounds bounds) {
        this.bounds = bounds;
    }

    Bounds bounds() {
        return bounds;
    }

    /** The wheel whose disc was read; empty for everything else. */
    public Optional<WheelPosition> disc() {
        return name().startsWith(DISC_PREFIX)
                ? Optional.of(WheelPosition.valueOf(name().substring(DISC_PREFIX.length())))
                : Optional.empty();
    }

    /** Bounds that several share. */
    private static final class Limits {
        static final Bounds DISC = Bounds.of(-40, 1200, Unit.CELSIUS);
        static final Bounds FORCE = Bounds.of(0, 60_000, Unit.NEWTONS);
    }
}
