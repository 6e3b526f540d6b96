package app.frenum.server.recording;

/**
 * Which file something came from.
 *
 * @param name as the browser gave it, for showing only
 * @param sha256 of its bytes
 * @param bytes how many
 */
public record StoredFile(String name, String sha256, long bytes) {}
