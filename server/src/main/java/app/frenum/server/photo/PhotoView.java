package app.frenum.server.photo;

import java.util.UUID;

/**
 * A picture of a stop; its bytes are at {@code /api/photos/{id}}.
 *
 * @param stopId the stop it is of
 * @param by who sent it
 */
public record PhotoView(UUID id, UUID stopId, String by) {}
