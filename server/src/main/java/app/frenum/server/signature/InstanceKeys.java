package app.frenum.server.signature;

import app.frenum.formats.signature.SigningKey;
import app.frenum.formats.signature.VerifyingKey;
import app.frenum.server.FrenumProperties;
import app.frenum.server.SteadyClock;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The key by which this Frenum signs, made at its first start, and the public halves of those before it. */
@Component
public class InstanceKeys {
    private final KeyFolder folder;
    private final SteadyClock clock;
    private volatile StoredKey current;

    InstanceKeys(FrenumProperties properties, SteadyClock clock) throws IOException {
        this.folder = new KeyFolder(properties.home().resolve("keys"));
        this.clock = clock;
        this.current = folder.current().orElseGet(() -> create(UUID.randomUUID()));
    }

    private StoredKey create(UUID instance) {
        StoredKey made = new StoredKey(
                instance,
                clock.instant().toString(),
                null,
                SigningKey.generate().secretJwk());
        try {
            folder.write(made);
        } catch (IOException e) {
            throw new UncheckedIOException("the key to sign with could not be written", e);
        }
        return made;
    }

    public SigningKey signingKey() {
        return SigningKey.read(current.jwk());
    }

    /** Which Frenum this is, whatever key it has. */
    public UUID instance() {
        return current.instance();
    }

    /** Whether something was signed here, now or by an earlier key. */
    public boolean isOwn(VerifyingKey key) {
        return key.equals(now().key())
                || earlier().stream().anyMatch(e -> e.key().equals(key));
    }

    InstanceKeyView now() {
        return view(current);
    }

    /** The newest first. */
    List<InstanceKeyView> earlier() {
        return folder.earlier().stream().map(InstanceKeys::view).toList();
    }

    /** A new key from now on, unless it is not this one that signs; what was signed by it stays valid. */
    synchronized void retire(String fingerprint) {
        if (!now().key().hasFingerprint(fingerprint)) {
            return;
        }
        StoredKey before = current;
        try {
            folder.writeEarlier(
                    before.closed(clock.instant().toString(), now().key().jwk()));
        } catch (IOException e) {
            throw new UncheckedIOException("the key before could not be put aside", e);
        }
        current = create(before.instance());
    }

    private static InstanceKeyView view(StoredKey stored) {
        return new InstanceKeyView(VerifyingKey.read(stored.jwk()), stored.since(), stored.until());
    }
}
