package app.frenum.formats.verdict;

import app.frenum.formats.BadInput;
import app.frenum.formats.signature.CanonicalJson;
import app.frenum.formats.signature.Signature;
import app.frenum.formats.signature.SigningKey;
import app.frenum.formats.signature.VerifyingKey;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Signs verdicts, and verifies signed ones. A file has the verdict and beside it a signature over its canonical text. Files of
 * before have a checksum there, which anybody can make, and count as unsigned.
 */
public final class VerdictFile {
    private static final JsonMapper STRICT = JsonMapper.builder()
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();
    private static final JsonMapper READABLE =
            STRICT.rebuild().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final Set<String> SIGNED = Set.of("signature", "verdict");
    private static final Set<String> WITH_CHECKSUM = Set.of("checksum", "verdict");

    private VerdictFile() {}

    /**
     * What was found of a file.
     *
     * @param key by which it was signed; empty where it has a checksum only
     * @param isUnaltered whether the signature, or the checksum, is the one of this verdict
     * @param isReproduced whether the figures follow from the stops
     */
    public record Verified(
            FrozenVerdict verdict, Optional<VerifyingKey> key, boolean isUnaltered, boolean isReproduced) {}

    /** The verdict with a signature over it. */
    public static String sign(FrozenVerdict verdict, SigningKey key) {
        JsonNode content = STRICT.valueToTree(verdict);
        ObjectNode file = READABLE.createObjectNode();
        file.put("signature", key.sign(CanonicalJson.of(content.toString())));
        file.set("verdict", content);
        return READABLE.writeValueAsString(file) + "\n";
    }

    /**
     * Reads a file, holds its signature against its content, and works its figures out again.
     *
     * @throws BadInput when it is no signed verdict
     */
    public static Verified read(InputStream content) throws BadInput, IOException {
        try {
            JsonNode file = STRICT.readTree(content);
            FrozenVerdict verdict = STRICT.treeToValue(file.path("verdict"), FrozenVerdict.class);
            if (verdict == null || !FrozenVerdict.FORMAT.equals(verdict.format())) {
                throw notOne("it has no format " + FrozenVerdict.FORMAT);
            }
            boolean isReproduced = FrozenFigures.of(verdict.again()).holds(verdict.figures());
            return verdict.version() == FrozenVerdict.CHECKSUM_ONLY
                    ? withChecksum(file, verdict, isReproduced)
                    : signed(file, verdict, isReproduced);
        } catch (JacksonException e) {
            throw BadInput.at(
                    Math.max(1, e.getLocation() == null ? 1 : e.getLocation().getLineNr()),
                    1,
                    "this is not a signed verdict: " + e.getOriginalMessage());
        } catch (IndexOutOfBoundsException | NullPointerException e) {
            throw notOne("something it needs is missing");
        } catch (IllegalArgumentException e) {
            throw notOne(String.valueOf(e.getMessage()));
        }
    }

    private static Verified signed(JsonNode file, FrozenVerdict verdict, boolean isReproduced) throws BadInput {
        requireParts(file, SIGNED);
        if (verdict.version() != FrozenVerdict.VERSION || verdict.signedAs() == null) {
            throw notOne("version %d is of another Frenum".formatted(verdict.version()));
        }
        Signature signature = Signature.read(
                file.path("signature").asString(""),
                CanonicalJson.of(file.path("verdict").toString()));
        return new Verified(verdict, Optional.of(signature.key()), signature.isValid(), isReproduced);
    }

    private static Verified withChecksum(JsonNode file, FrozenVerdict verdict, boolean isReproduced) throws BadInput {
        requireParts(file, WITH_CHECKSUM);
        return new Verified(
                verdict,
                Optional.empty(),
                checksum(verdict).equals(file.path("checksum").asString("")),
                isReproduced);
    }

    private static void requireParts(JsonNode file, Set<String> parts) throws BadInput {
        Set<String> found = new TreeSet<>(file.propertyNames());
        if (!found.equals(parts)) {
            throw notOne("it has %s instead of %s".formatted(found, new TreeSet<>(parts)));
        }
    }

    private static BadInput notOne(String why) {
        return BadInput.at(1, 1, "this is not a signed verdict: " + why);
    }

    private static String checksum(FrozenVerdict verdict) {
        try {
            byte[] text = STRICT.writeValueAsString(verdict).getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
