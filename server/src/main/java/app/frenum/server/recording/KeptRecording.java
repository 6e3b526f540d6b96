package app.frenum.server.recording;

import java.time.Instant;
import java.util.UUID;

/** A recording that still has its samples: since when, and how long it is, s. */
public interface KeptRecording {
    UUID getId();

    Instant getCreatedAt();

    double getDurationS();
}
