package app.frenum.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import tools.jackson.databind.JsonNode;

/**
 * The example sheets against R 4: {@code t.test}, an exact permutation, Brown–Forsythe as {@code lm} on absolute
 * deviations from medians, {@code p.adjust}.
 */
class SheetExamplesTest {
    private static final JsonNode EXPECTED = CliRun.exampleJson("expected.json");
    /** Steps on the way that the command does not print. */
    private static final Set<String> NOT_PRINTED =
            Set.of("deltaM", "ci90", "tostP", "stopsTotalEach", "powerTTest", "theilSenPerStop", "mannKendallP");

    @TestFactory
    Stream<DynamicTest> figuresOfExampleSheets() {
        List<DynamicTest> tests = new ArrayList<>();
        for (Map.Entry<String, JsonNode> sheet : EXPECTED.properties()) {
            JsonNode got = compare(sheet.getKey(), sheet.getValue().get("args"));
            tests.add(DynamicTest.dynamicTest(
                    sheet.getKey() + " series", () -> same(sheet.getValue().get("series"), got.get("series"))));
            tests.add(DynamicTest.dynamicTest(
                    sheet.getKey() + " comparisons",
                    () -> same(sheet.getValue().get("comparisons"), got.get("comparisons"))));
            tests.add(DynamicTest.dynamicTest(
                    sheet.getKey() + " has no blocks, and no cautions but for the order of driving",
                    () -> assertThat(got.get("checks"))
                            .allMatch(c -> List.of("PASS", "NOT_KNOWN")
                                            .contains(c.get("level").asString())
                                    || List.of("INSTRUMENT_FLOOR", "ORDER")
                                            .contains(c.get("code").asString()))));
        }
        return tests.stream();
    }

    private static JsonNode compare(String file, JsonNode args) {
        CliRun run = CliRun.of(
                "compare",
                args.get(0).asString(),
                args.get(1).asString(),
                CliRun.example(file).toString(),
                "--json");
        assertThat(run.exit()).as(run.err()).isZero();
        return run.json();
    }

    private static void same(JsonNode want, JsonNode got) {
        assertThat(got).hasSameSizeAs(want);
        List<String> wrong = new ArrayList<>();
        for (int i = 0; i < want.size(); i++) {
            JsonNode w = want.get(i);
            JsonNode g = got.get(i);
            w.properties().forEach(f -> field(f.getKey(), f.getValue(), w, g, wrong));
        }
        assertThat(wrong).isEmpty();
    }

    private static void field(String name, JsonNode want, JsonNode all, JsonNode got, List<String> wrong) {
        if (NOT_PRINTED.contains(name) || name.endsWith("Tol") || name.equals("permutationExact")) {
            return;
        }
        JsonNode value = got.get(name);
        boolean right;
        if (name.equals("verdict")) {
            right = want.get(0).asString().equals(value.asString());
        } else if (want.isNumber()) {
            double tolerance = switch (name) {
                case "instrumentFloorM" -> all.get("instrumentFloorTol").asDouble();
                case "permutationP" -> all.get("permutationTol").asDouble();
                default -> 1e-6 * Math.max(1e-3, Math.abs(want.asDouble()));
            };
            right = Math.abs(value.asDouble() - want.asDouble()) <= tolerance;
        } else {
            right = want.asString().equals(value.asString());
        }
        if (!right) {
            wrong.add("%s is %s, wanted %s".formatted(name, value, want));
        }
    }
}
