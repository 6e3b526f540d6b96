package app.frenum.server.retention;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How long raw samples are kept, and what that means here.
 *
 * @param months after which they are let go; null where they are kept for good
 * @param marked recordings whose samples are to go
 * @param notBefore when the first of them go, if they are still to go then; null where none is marked
 * @param by whoever chose; empty where nobody did
 * @param bytes what all samples take on the disk
 * @param kept recordings that have theirs
 * @param letGo how many recordings are without
 * @param choices what every choice would let go today
 */
record RetentionView(
        @Nullable Integer months,
        RecordedTime marked,
        @Nullable Instant notBefore,
        String by,
        long bytes,
        RecordedTime kept,
        long letGo,
        List<RetentionChoice> choices) {
    /** So many recordings, s together. */
    record RecordedTime(int recordings, double durationS) {}

    record RetentionChoice(int months, RecordedTime goes) {}
}
