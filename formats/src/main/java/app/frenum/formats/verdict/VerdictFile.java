package app.frenum.formats.verdict;

import app.frenum.formats.BadInput;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes signed verdicts, and says of one whether it is still what was signed. */
public final class VerdictFile {
    private static final JsonMapper CANONICAL = JsonMapper.builder()
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();
    private static final JsonMapper READABLE =
            CANONICAL.rebuild().enable(SerializationFeature.INDENT_OUTPUT).build();

    private VerdictFile() {}

    /**
     * What was found of a file.
     *
     * @param isAsSigned whether nothing of it was changed since
     * @param comesToTheSame whether the figures follow from what went in
     */
    public record Verified(FrozenVerdict verdict, String checksum, boolean isAsSigned, boolean comesToTheSame) {}

    /** SHA-256 over the canonical text, in hexadecimal. */
    public static String checksum(FrozenVerdict verdict) {
        try {
            byte[] text = CANONICAL.writeValueAsString(verdict).getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** With its checksum. */
    public static String write(FrozenVerdict verdict) {
        ObjectNode file = READABLE.createObjectNode();
        file.put("checksum", checksum(verdict));
        file.set("verdict", READABLE.valueToTree(verdict));
        return READABLE.writeValueAsString(file) + "\n";
    }

    /**
     * Reads a file, and works it out again.
     *
     * @throws BadInput when it is no signed verdict
     */
    public static Verified read(InputStream content) throws BadInput, IOException {
        try {
            JsonNode file = CANONICAL.readTree(content);
            FrozenVerdict verdict = CANONICAL.treeToValue(file.path("verdict"), FrozenVerdict.class);
            if (verdict == null || !FrozenVerdict.FORMAT.equals(verdict.format())) {
                throw BadInput.at(1, 1, "this is not a signed verdict: it has no format " + FrozenVerdict.FORMAT);
            }
            String checksum = checksum(verdict);
            return new Verified(
                    verdict,
                    checksum,
                    checksum.equals(file.path("checksum").asString("")),
                    FrozenFigures.of(verdict.again()).holds(verdict.figures()));
        } catch (JacksonException e) {
            throw BadInput.at(
                    Math.max(1, e.getLocation() == null ? 1 : e.getLocation().getLineNr()),
                    1,
                    "this is not a signed verdict: " + e.getOriginalMessage());
        } catch (IndexOutOfBoundsException | NullPointerException e) {
            throw BadInput.at(1, 1, "this is not a signed verdict: something it needs is missing");
        }
    }
}
