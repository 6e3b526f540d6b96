package app.frenum.server.recording;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A recording that still has its samples: since when, how long it is, s, and since when they are marked to go. */
public interface KeptRecording {
    UUID getId();

    Instant getCreatedAt();

    double getDurationS();

    /** Null where they are not. */
    @Nullable
    Instant getSamplesDueAt();
}
