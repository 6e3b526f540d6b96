package app.frenum.formats.signature;

import java.security.PublicKey;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Map;
import org.jose4j.json.JsonUtil;
import org.jose4j.jwk.JsonWebKey;
import org.jose4j.jwk.JsonWebKey.OutputControlLevel;
import org.jose4j.jwk.OctetKeyPairJsonWebKey;
import org.jose4j.lang.JoseException;

/**
 * The public half of a signing key.
 *
 * @param jwk its JSON Web Key, without anything private
 * @param fingerprint SHA-256 of the key (RFC 7638), 64 hexadecimal digits in lower case
 */
public record VerifyingKey(String jwk, String fingerprint) {
    private static final int GROUP = 4;

    /** @throws IllegalArgumentException when it is no Ed25519 key */
    public static VerifyingKey read(String jwk) {
        return of(KeyFormat.parse(jwk));
    }

    static VerifyingKey of(OctetKeyPairJsonWebKey key) {
        try {
            // Only what belongs to an Ed25519 key: a key with more in it has the same fingerprint.
            OctetKeyPairJsonWebKey plain = KeyFormat.ed25519(JsonWebKey.Factory.newJwk(Map.of(
                    "kty",
                    "OKP",
                    "crv",
                    OctetKeyPairJsonWebKey.SUBTYPE_ED25519,
                    "x",
                    key.toParams(OutputControlLevel.PUBLIC_ONLY).get("x"))));
            return new VerifyingKey(
                    plain.toJson(OutputControlLevel.PUBLIC_ONLY),
                    HexFormat.of().formatHex(plain.calculateThumbprint("SHA-256")));
        } catch (JoseException e) {
            throw new IllegalArgumentException("no Ed25519 key: " + e.getMessage(), e);
        }
    }

    PublicKey publicKey() {
        return KeyFormat.parse(jwk).getPublicKey();
    }

    /** Its fingerprint in groups of four, to be read aloud. */
    public String spelled() {
        return fingerprint.replaceAll("(.{" + GROUP + "})(?!$)", "$1 ");
    }

    /** Whether somebody wrote this key's fingerprint, in groups or not, in large letters or small. */
    public boolean hasFingerprint(String written) {
        return fingerprint.equals(written.replaceAll("[\\s:]", "").toLowerCase(Locale.ROOT));
    }

    Map<String, Object> parameters() {
        try {
            return JsonUtil.parseJson(jwk);
        } catch (JoseException e) {
            throw new IllegalStateException(e);
        }
    }
}
