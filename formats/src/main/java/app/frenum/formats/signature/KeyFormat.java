package app.frenum.formats.signature;

import org.jose4j.jwk.JsonWebKey;
import org.jose4j.jwk.OctetKeyPairJsonWebKey;
import org.jose4j.lang.JoseException;

/** Keys as JSON Web Keys; no kind but Ed25519 is known, so that nobody can choose a weaker one. */
final class KeyFormat {
    private KeyFormat() {}

    static OctetKeyPairJsonWebKey parse(String jwk) {
        try {
            return ed25519(JsonWebKey.Factory.newJwk(jwk));
        } catch (JoseException e) {
            throw new IllegalArgumentException("no key: " + e.getMessage(), e);
        }
    }

    static OctetKeyPairJsonWebKey ed25519(JsonWebKey key) {
        if (key instanceof OctetKeyPairJsonWebKey okp
                && OctetKeyPairJsonWebKey.SUBTYPE_ED25519.equals(okp.getSubtype())) {
            return okp;
        }
        throw new IllegalArgumentException("the key is not an Ed25519 key");
    }
}
