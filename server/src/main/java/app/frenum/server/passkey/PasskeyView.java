package app.frenum.server.passkey;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A passkey as it is listed.
 *
 * @param account whose it is
 * @param site the name of Frenum that it is good for
 * @param lastUsedAt null where it never was
 */
record PasskeyView(
        UUID id,
        UUID account,
        String label,
        String site,
        Instant madeAt,
        @Nullable Instant lastUsedAt) {}
