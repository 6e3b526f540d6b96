package app.frenum.server.device;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Unit;

/** What a stand-alone reading may be of, and between what it makes sense. */
public enum ReadQuantity {
    AIR_TEMPERATURE(Bounds.of(-60, 60, Unit.CELSIUS)),
    TRACK_TEMPERATURE(Bounds.of(-60, 100, Unit.CELSIUS)),
    /** Positive against the driving direction. */
    WIND_ALONG_LANE(Bounds.of(-60, 60, Unit.METRES_PER_SECOND)),
    HUMIDITY(Bounds.of(0, 100, Unit.PERCENT));

    private final Bounds bounds;

    ReadQuantity(Bounds bounds) {
        this.bounds = bounds;
    }

    Bounds bounds() {
        return bounds;
    }
}
