package app.frenum.formats.signature;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import org.junit.jupiter.api.Test;

/** Held against the worked examples of RFC 8037 (appendix A) and RFC 8785 (section 3.2.2). */
class SignatureTest {
    private static final String RFC_8037_KEY = """
            {"kty":"OKP","crv":"Ed25519",
             "d":"nWGxne_9WmC6hEr0kuwsxERJxWl7MmkZcDusAxyuf2A",
             "x":"11qYAYKxCrfVS_7TyWQHOg7hcvPapiMlrwIaaPcHURo"}""";

    @Test
    void fingerprintIsTheThumbprintOfTheStandard() {
        VerifyingKey key = SigningKey.read(RFC_8037_KEY).verifyingKey();
        // "kPrK_qmxVWaYVA9wwBF6Iuo3vVzz7TxHCTwXBygrS4k" (RFC 8037, A.3).
        assertThat(key.fingerprint()).isEqualTo("90facafea9b1556698540f70c0117a22ea37bd5cf3ed3c47093c1707282b4b89");
        assertThat(key.jwk()).doesNotContain("nWGxne");
        assertThat(key.spelled()).startsWith("90fa cafe a9b1").endsWith("282b 4b89");
        assertThat(key.hasFingerprint(
                        "90FA CAFE a9b1 5566 9854 0f70 c011 7a22 ea37 bd5c f3ed 3c47 093c 1707 282b 4b89"))
                .isTrue();
        assertThat(key.hasFingerprint("90fa")).isFalse();
    }

    @Test
    void aKnownSignatureIsVerified() {
        // The header of RFC 8037 A.4 has no key in it; the same key signs the same text with one, and Ed25519 has no
        // chance in it.
        SigningKey key = SigningKey.read(RFC_8037_KEY);
        byte[] payload = "Example of Ed25519 signing".getBytes(StandardCharsets.UTF_8);
        String first = key.sign(payload);
        assertThat(key.sign(payload)).isEqualTo(first);
        Signature read = Signature.read(first, payload);
        assertThat(read.isValid()).isTrue();
        assertThat(read.key()).isEqualTo(key.verifyingKey());
        assertThat(Signature.read(first, "Example of Ed25519 signinG".getBytes(StandardCharsets.UTF_8))
                        .isValid())
                .isFalse();
    }

    @Test
    void aKeyThatSignsCanBeStoredAndReadAgain() {
        SigningKey key = SigningKey.generate();
        assertThat(SigningKey.read(key.secretJwk()).verifyingKey()).isEqualTo(key.verifyingKey());
        String publicHalf = key.verifyingKey().jwk();
        assertThat(VerifyingKey.read(publicHalf)).isEqualTo(key.verifyingKey());
        assertThatThrownBy(() -> SigningKey.read(publicHalf)).hasMessageContaining("private");
        assertThatThrownBy(() -> VerifyingKey.read("{\"kty\":\"oct\",\"k\":\"AAAA\"}"))
                .hasMessageContaining("not an Ed25519 key");
    }

    /** What is no signature by Ed25519 is refused, above all one that needs no key. */
    @Test
    void noWeakerKindOfSignatureIsTaken() {
        byte[] payload = "{}".getBytes(StandardCharsets.UTF_8);
        String jwk = SigningKey.generate().verifyingKey().jwk();
        for (String header : new String[] {
            "{\"alg\":\"none\",\"jwk\":" + jwk + "}",
            "{\"alg\":\"HS256\",\"jwk\":{\"kty\":\"oct\",\"k\":\"AAAA\"}}",
            "{\"alg\":\"EdDSA\"}"
        }) {
            String encoded =
                    Base64.getUrlEncoder().withoutPadding().encodeToString(header.getBytes(StandardCharsets.UTF_8));
            assertThatThrownBy(() -> Signature.read(encoded + "..AAAA", payload))
                    .as(header)
                    .isInstanceOf(IllegalArgumentException.class);
        }
        assertThatThrownBy(() -> Signature.read("a.b", payload)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theCanonicalTextIsTheStandards() {
        String written = """
                {
                  "numbers": [333333333.33333329, 1E30, 4.50, 2e-3, 0.000000000000000000000000001],
                  "string": "\\u20ac$\\u000F\\u000aA'\\u0042\\u0022\\u005c\\\\\\"\\/",
                  "literals": [null, true, false]
                }""";
        assertThat(new String(CanonicalJson.of(written), StandardCharsets.UTF_8))
                .isEqualTo("{\"literals\":[null,true,false],\"numbers\":[333333333.3333333,1e+30,4.5,0.002,1e-27],"
                        + "\"string\":\"€$\\u000f\\nA'B\\\"\\\\\\\\\\\"/\"}");
    }
}
