package app.frenum.server.device;

import app.frenum.core.quantity.Figure;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What the weather was over a stretch of time: means of a mast's readings, in inside units.
 *
 * @param readings how many, of all four together
 * @param lastAt the last of them; null when there are none
 */
public record Weather(
        Figure airC,
        Figure trackC,
        Figure windMps,
        Figure humidity,
        int readings,
        @Nullable Instant lastAt) {}
