package app.frenum.formats.signature;

import java.util.Base64;
import java.util.List;
import org.jose4j.base64url.Base64Url;
import org.jose4j.jwa.AlgorithmConstraints;
import org.jose4j.jwa.AlgorithmConstraints.ConstraintType;
import org.jose4j.jws.AlgorithmIdentifiers;
import org.jose4j.jws.JsonWebSignature;
import org.jose4j.lang.JoseException;

/**
 * A detached JWS, held against what it should be over.
 *
 * @param key by which it says it was made
 * @param isValid whether it was made by that key over exactly this
 */
public record Signature(VerifyingKey key, boolean isValid) {
    private static final AlgorithmConstraints ED25519 =
            new AlgorithmConstraints(ConstraintType.PERMIT, AlgorithmIdentifiers.EDDSA);

    /** @throws IllegalArgumentException when it is no detached JWS with an Ed25519 key in its header */
    public static Signature read(String compact, byte[] payload) {
        List<String> parts = List.of(compact.split("\\.", -1));
        if (parts.size() != 3 || !parts.get(1).isEmpty()) {
            throw new IllegalArgumentException("the signature is not header..signature");
        }
        requireOneWriting(parts.get(0));
        requireOneWriting(parts.get(2));
        try {
            JsonWebSignature jws = new JsonWebSignature();
            jws.setAlgorithmConstraints(ED25519);
            jws.setCompactSerialization(parts.get(0) + "." + Base64Url.encode(payload) + "." + parts.get(2));
            VerifyingKey key = VerifyingKey.of(KeyFormat.ed25519(jws.getJwkHeader()));
            jws.setKey(key.publicKey());
            return new Signature(key, jws.verifySignature());
        } catch (JoseException | RuntimeException e) {
            throw new IllegalArgumentException("the signature cannot be read: " + e.getMessage(), e);
        }
    }

    /** The last letter of Base64 can be written in several ways, and a signature that was touched is no signature. */
    private static void requireOneWriting(String base64Url) {
        byte[] bytes = Base64.getUrlDecoder().decode(base64Url);
        if (!Base64.getUrlEncoder().withoutPadding().encodeToString(bytes).equals(base64Url)) {
            throw new IllegalArgumentException("the signature is not written as it was made");
        }
    }
}
