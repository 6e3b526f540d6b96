package app.frenum.server.photo;

import java.util.UUID;

/**
 * A picture of a stop or a trial; its bytes are at {@code /api/photos/{id}}.
 *
 * @param subjectId the stop or trial it is of
 * @param by who sent it
 */
public record PhotoView(UUID id, UUID subjectId, String by) {}
