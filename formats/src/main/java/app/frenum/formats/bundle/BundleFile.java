package app.frenum.formats.bundle;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.formats.BadInput;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SchemaRegistryConfig;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reads and writes bundles. What is read is held against the schema first, then against the rules of the core. */
public final class BundleFile {
    /** Bundles hold values, not how they were typed. */
    @JsonIgnoreProperties("decimals")
    private interface WithoutDecimals {}

    /** A map that a bundle of before leaves out is empty: figures had no ± of their own once. */
    private static final JsonMapper JSON = JsonMapper.builder()
            .addMixIn(Quantity.class, WithoutDecimals.class)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .withConfigOverride(Map.class, o -> o.setNullHandling(JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY)))
            .build();

    private static final String SCHEMA_TEXT = schemaText();
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(
                    SpecificationVersion.DRAFT_2020_12,
                    b -> b.schemaRegistryConfig(SchemaRegistryConfig.builder()
                            .locale(Locale.ENGLISH)
                            .build()))
            .getSchema(SCHEMA_TEXT, InputFormat.JSON);
    private static final int MOST_PROBLEMS = 50;

    private BundleFile() {}

    /**
     * A bundle, or all that keeps it from being one.
     *
     * @param bundle absent when there are problems
     * @param problems by place in the file, such as {@code vehicles.0.spec.figures.MASS_LADEN}
     */
    public record Reading(Optional<Bundle> bundle, List<FieldProblem> problems) {}

    /** The published schema (JSON Schema, draft 2020-12). */
    public static String schema() {
        return SCHEMA_TEXT;
    }

    private static String schemaText() {
        try (InputStream in = BundleFile.class.getResourceAsStream("bundle.schema.json")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static String write(Bundle bundle) {
        return JSON.writeValueAsString(bundle) + "\n";
    }

    /**
     * Reads a bundle.
     *
     * @throws BadInput with line and column when it is not JSON at all
     */
    public static Reading read(InputStream content) throws BadInput {
        JsonNode tree;
        try {
            tree = JSON.readTree(content);
        } catch (JacksonException e) {
            throw notJson(e);
        }
        List<FieldProblem> problems = SCHEMA.validate(tree).stream()
                .limit(MOST_PROBLEMS)
                .map(BundleFile::problem)
                .toList();
        return problems.isEmpty() ? bound(tree) : new Reading(Optional.empty(), problems);
    }

    /**
     * The signed verdicts of a bundle as they stand there, whatever else is wrong with it; empty where this is no bundle.
     *
     * @throws BadInput when it is not JSON at all
     */
    public static Optional<List<String>> verdicts(byte[] content) throws BadInput {
        try {
            JsonNode tree = JSON.readTree(content);
            return tree.path("format").asString("").equals(Bundle.FORMAT)
                    ? Optional.of(tree.path("verdicts")
                            .valueStream()
                            .map(JsonNode::asString)
                            .toList())
                    : Optional.empty();
        } catch (JacksonException e) {
            throw notJson(e);
        }
    }

    private static BadInput notJson(JacksonException e) {
        return BadInput.at(
                e.getLocation().getLineNr(),
                e.getLocation().getColumnNr(),
                "this is not JSON: " + e.getOriginalMessage());
    }

    private static Reading bound(JsonNode tree) {
        try {
            Bundle bundle = JSON.treeToValue(tree, Bundle.class);
            List<FieldProblem> problems = bundle.problems();
            return new Reading(problems.isEmpty() ? Optional.of(bundle) : Optional.empty(), problems);
        } catch (JacksonException e) {
            String place = e.getPath().stream()
                    .map(r -> r.getPropertyName() == null ? String.valueOf(r.getIndex()) : r.getPropertyName())
                    .collect(Collectors.joining("."));
            return new Reading(
                    Optional.empty(), List.of(new FieldProblem(place, "It cannot be read as what belongs here.")));
        }
    }

    private static FieldProblem problem(Error e) {
        String pointer = String.valueOf(e.getInstanceLocation());
        return new FieldProblem(pointer.replaceFirst("^/", "").replace('/', '.'), e.getMessage());
    }
}
