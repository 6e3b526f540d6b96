package app.frenum.server.signature;

import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** By which keys this Frenum signs and signed. */
@RestController
@RequestMapping("/api/signing-keys")
class SignatureController {
    private final InstanceKeys keys;

    SignatureController(InstanceKeys keys) {
        this.keys = keys;
    }

    /**
     * @param fingerprint SHA-256 of the public key (RFC 7638), in groups of four hexadecimal digits
     * @param until when another took its place; null for the one that signs now
     * @param jwk the public key as a JSON Web Key
     */
    record SigningKeyView(
            String fingerprint, String since, @Nullable String until, String jwk) {
        static SigningKeyView of(InstanceKeyView k) {
            return new SigningKeyView(
                    k.key().spelled(), k.since(), k.until(), k.key().jwk());
        }
    }

    record SigningKeys(UUID instance, List<SigningKeyView> keys) {}

    /** The one that signs now first, then those before it, the newest first. */
    @Does(Deed.READS)
    @GetMapping
    SigningKeys keys() {
        return new SigningKeys(
                keys.instance(),
                Stream.concat(Stream.of(keys.now()), keys.earlier().stream())
                        .map(SigningKeyView::of)
                        .toList());
    }

    /** Puts the key aside that signs now; one that was put aside already changes nothing. */
    @Does(Deed.GOVERNS)
    @PutMapping("/{fingerprint}/retired")
    SigningKeys retire(@PathVariable String fingerprint) {
        keys.retire(fingerprint);
        return keys();
    }
}
