package app.frenum.standin;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * What a logger says of the log it is going to send.
 *
 * @param channels each with a name and a unit, as in a log file's header
 */
public record DeclaredLog(UUID id, Instant startedAt, double rateHz, List<Map<String, String>> channels) {
    Map<String, Object> frame() {
        return Map.of("id", id, "startedAt", startedAt, "rateHz", rateHz, "channels", channels);
    }
}
