package app.frenum.server.history;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One change.
 *
 * @param id rises with every change
 * @param who empty where nobody was signed in: the demo, and what devices say
 * @param screen at which it was made; empty where none was
 * @param what of which kind the row is
 * @param before what was there, of what changed; by name
 * @param after what is there now
 */
record ChangeView(
        long id,
        Instant at,
        String who,
        String screen,
        String what,
        UUID row,
        @Nullable UUID testId,
        Kind kind,
        Map<String, String> before,
        Map<String, String> after) {
    /** What was done. */
    enum Kind {
        ADDED,
        CHANGED,
        TAKEN_OUT
    }
}
