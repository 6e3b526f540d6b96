package app.frenum.server.disc;

import app.frenum.core.heat.DiscReading;
import app.frenum.core.people.Who;
import java.util.UUID;

/**
 * A reading of a disc as it is shown.
 *
 * @param stopId the stop after which it was read
 * @param by who read it
 */
public record DiscReadingView(UUID id, UUID stopId, DiscReading reading, Who by) {}
