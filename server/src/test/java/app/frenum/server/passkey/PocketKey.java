package app.frenum.server.passkey;

import java.io.ByteArrayOutputStream;
import java.math.BigInteger;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.security.Signature;
import java.security.interfaces.ECPublicKey;
import java.security.spec.ECGenParameterSpec;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A device that keeps one passkey, with the browser that speaks to it; written out from the public standard. */
final class PocketKey {
    private static final int PRESENT = 0x01;
    private static final int VERIFIED = 0x04;
    private static final int WITH_KEY = 0x40;
    private static final int COORDINATE = 32;

    private static final JsonMapper JSON = new JsonMapper();
    private final KeyPair pair;
    private final byte[] id = new byte[16];
    private final String site;

    /** What the browser has open. */
    String origin;

    int flags = PRESENT | VERIFIED;
    int count;

    PocketKey(String origin, String site) {
        this.origin = origin;
        this.site = site;
        new SecureRandom().nextBytes(id);
        try {
            KeyPairGenerator curve = KeyPairGenerator.getInstance("EC");
            curve.initialize(new ECGenParameterSpec("secp256r1"));
            pair = curve.generateKeyPair();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Nobody showed a finger. */
    void unverified() {
        flags = PRESENT;
    }

    /** What is to be sent after this was asked. */
    String made(JsonNode asked) {
        byte[] client = client("webauthn.create", asked);
        byte[] said = joined(
                new byte[] {(byte) 0xA3, 0x63},
                ascii("fmt"),
                new byte[] {0x64},
                ascii("none"),
                new byte[] {0x67},
                ascii("attStmt"),
                new byte[] {(byte) 0xA0, 0x68},
                ascii("authData"),
                sized(told(true)));
        return sent(Map.of(
                "clientDataJSON", text(client), "attestationObject", text(said), "transports", List.of("internal")));
    }

    /** The same at the door. */
    String used(JsonNode asked) {
        count++;
        byte[] client = client("webauthn.get", asked);
        byte[] told = told(false);
        return sent(Map.of(
                "clientDataJSON", text(client),
                "authenticatorData", text(told),
                "signature", text(signed(joined(told, hash(client))))));
    }

    private byte[] client(String type, JsonNode asked) {
        String challenge =
                JSON.readTree(asked.get("options").asString()).get("challenge").asString();
        return JSON.writeValueAsBytes(
                Map.of("type", type, "challenge", challenge, "origin", origin, "crossOrigin", false));
    }

    private String sent(Map<String, Object> response) {
        return JSON.writeValueAsString(Map.of(
                "id",
                text(id),
                "rawId",
                text(id),
                "type",
                "public-key",
                "authenticatorAttachment",
                "platform",
                "response",
                response,
                "clientExtensionResults",
                Map.of()));
    }

    private byte[] told(boolean withKey) {
        byte[] head = ByteBuffer.allocate(37)
                .put(hash(ascii(site)))
                .put((byte) (withKey ? flags | WITH_KEY : flags))
                .putInt(count)
                .array();
        if (!withKey) {
            return head;
        }
        ECPublicKey key = (ECPublicKey) pair.getPublic();
        byte[] start = {(byte) 0xA5, 0x01, 0x02, 0x03, 0x26, 0x20, 0x01, 0x21, 0x58, COORDINATE};
        return joined(
                head,
                new byte[16],
                new byte[] {0, (byte) id.length},
                id,
                start,
                coordinate(key.getW().getAffineX()),
                new byte[] {0x22, 0x58, COORDINATE},
                coordinate(key.getW().getAffineY()));
    }

    private static byte[] coordinate(BigInteger x) {
        byte[] raw = x.toByteArray();
        byte[] out = new byte[COORDINATE];
        int n = Math.min(raw.length, COORDINATE);
        System.arraycopy(raw, raw.length - n, out, COORDINATE - n, n);
        return out;
    }

    private static byte[] sized(byte[] bytes) {
        return joined(new byte[] {0x58, (byte) bytes.length}, bytes);
    }

    private byte[] signed(byte[] what) {
        try {
            Signature signature = Signature.getInstance("SHA256withECDSA");
            signature.initSign(pair.getPrivate());
            signature.update(what);
            return signature.sign();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private static byte[] hash(byte[] what) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(what);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private static byte[] ascii(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }

    private static byte[] joined(byte[]... parts) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            out.writeBytes(part);
        }
        return out.toByteArray();
    }

    private static String text(byte[] bytes) {
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }
}
