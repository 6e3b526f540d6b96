package app.frenum.formats.signature;

import org.jose4j.jwk.JsonWebKey.OutputControlLevel;
import org.jose4j.jwk.OctetKeyPairJsonWebKey;
import org.jose4j.jwk.OkpJwkGenerator;
import org.jose4j.jws.AlgorithmIdentifiers;
import org.jose4j.jws.JsonWebSignature;
import org.jose4j.lang.JoseException;

/** An Ed25519 key that signs. What it is stored as is secret. */
public final class SigningKey {
    private final OctetKeyPairJsonWebKey key;

    private SigningKey(OctetKeyPairJsonWebKey key) {
        this.key = key;
    }

    /** A new one, at random. */
    public static SigningKey generate() {
        try {
            return new SigningKey(OkpJwkGenerator.generateJwk(OctetKeyPairJsonWebKey.SUBTYPE_ED25519));
        } catch (JoseException e) {
            throw new IllegalStateException("this Java has no Ed25519", e);
        }
    }

    /** @throws IllegalArgumentException when it is no private Ed25519 key */
    public static SigningKey read(String jwk) {
        OctetKeyPairJsonWebKey key = KeyFormat.parse(jwk);
        if (key.getPrivateKey() == null) {
            throw new IllegalArgumentException("the key has no private half");
        }
        return new SigningKey(key);
    }

    /** Its JSON Web Key with the private half. */
    public String secretJwk() {
        return key.toJson(OutputControlLevel.INCLUDE_PRIVATE);
    }

    public VerifyingKey verifyingKey() {
        return VerifyingKey.of(key);
    }

    /** A detached JWS over what is signed, with the public key in its protected header. */
    public String sign(byte[] payload) {
        JsonWebSignature jws = new JsonWebSignature();
        jws.setAlgorithmHeaderValue(AlgorithmIdentifiers.EDDSA);
        jws.getHeaders().setObjectHeaderValue("jwk", verifyingKey().parameters());
        jws.setPayloadBytes(payload);
        jws.setKey(key.getPrivateKey());
        try {
            return jws.getDetachedContentCompactSerialization();
        } catch (JoseException e) {
            throw new IllegalStateException("the signature could not be made", e);
        }
    }
}
