package app.frenum.server.recording;

import app.frenum.core.log.Channel;
import app.frenum.core.log.HealthFinding;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A recording as it is shown: where from, how long, which channels, how healthy.
 *
 * @param samplesLetGoAt when its samples were let go; null while they are here
 */
public record RecordingView(
        UUID id,
        StoredFile file,
        int rows,
        double durationS,
        double rateHz,
        List<Channel> channels,
        List<HealthFinding> health,
        @Nullable Instant samplesLetGoAt) {}
