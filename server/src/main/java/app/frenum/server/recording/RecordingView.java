package app.frenum.server.recording;

import app.frenum.core.log.Channel;
import app.frenum.core.log.HealthFinding;
import java.util.List;
import java.util.UUID;

/** A recording as it is shown: where from, how long, which channels, how healthy. */
public record RecordingView(
        UUID id,
        StoredFile file,
        int rows,
        double durationS,
        double rateHz,
        List<Channel> channels,
        List<HealthFinding> health) {}
