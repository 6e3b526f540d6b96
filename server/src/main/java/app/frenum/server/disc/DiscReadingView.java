package app.frenum.server.disc;

import app.frenum.core.heat.DiscReading;
import java.util.UUID;

/**
 * A reading of a disc as it is shown.
 *
 * @param stopId the stop after which it was read
 */
public record DiscReadingView(UUID id, UUID stopId, DiscReading reading) {}
