package app.frenum.server.device;

import app.frenum.core.log.Channel;
import app.frenum.core.quantity.Quantity;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** What devices say, told to whoever in the application listens, one after another. */
public sealed interface Heard {
    UUID deviceId();

    /** It said hello. */
    record Connected(UUID deviceId) implements Heard {}

    /** It is gone, for now. */
    record Lost(UUID deviceId) implements Heard {}

    /** A reading that is kept. */
    record Read(UUID deviceId, Instant at, ReadQuantity quantity, Quantity value) implements Heard {}

    /**
     * Rows that are kept.
     *
     * @param startedAt what the device's clock said at time 0
     * @param columns the times, then one array per channel in its own unit, NaN where a sample is missing
     */
    record Logged(UUID deviceId, UUID recordingId, Instant startedAt, List<Channel> channels, double[][] columns)
            implements Heard {}
}
