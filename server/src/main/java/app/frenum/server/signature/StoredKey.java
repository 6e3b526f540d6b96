package app.frenum.server.signature;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A key as a file.
 *
 * @param since when it was made, ISO 8601
 * @param until when another took its place; null while it signs
 * @param jwk JSON Web Key, with its private half while it signs and without it later
 */
record StoredKey(UUID instance, String since, @Nullable String until, String jwk) {
    StoredKey closed(String when, String publicJwk) {
        return new StoredKey(instance, since, when, publicJwk);
    }
}
