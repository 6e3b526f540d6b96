package app.frenum.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import tools.jackson.databind.JsonNode;

/**
 * The example logs, whose cars move in pieces that are linear in acceleration, so that every figure is known in
 * closed form. {@code examples/truth.json} holds what must come out, and how closely.
 */
class LogExamplesTest {
    private static final JsonNode LOGS = CliRun.exampleJson("truth.json").get("logs");

    @TestFactory
    Stream<DynamicTest> figuresOfExampleLogs() {
        List<DynamicTest> tests = new ArrayList<>();
        for (Map.Entry<String, JsonNode> log : LOGS.properties()) {
            for (JsonNode run : log.getValue().get("runs")) {
                String args = run.get("args").toString();
                JsonNode got = analyse(log.getKey(), run.get("args"));
                tests.add(DynamicTest.dynamicTest(
                        log.getKey() + " " + args + " health", () -> health(log.getValue(), got)));
                for (int i = 0; i < run.get("stops").size(); i++) {
                    JsonNode want = run.get("stops").get(i);
                    JsonNode stop = matching(got.get("stops"), want.get("match"));
                    String name = "%s %s stop %d".formatted(log.getKey(), args, i + 1);
                    tests.add(DynamicTest.dynamicTest(
                            name, () -> stop(want, stop, log.getValue().get("pieces"), run.get("args"))));
                }
                tests.add(DynamicTest.dynamicTest(
                        log.getKey() + " " + args + " finds no other stops",
                        () -> assertThat(got.get("stops"))
                                .hasSize(run.get("stops").size())));
            }
        }
        return tests.stream();
    }

    private static JsonNode analyse(String file, JsonNode args) {
        List<String> all =
                new ArrayList<>(List.of("analyse", CliRun.example(file).toString(), "--json"));
        args.forEach(a -> all.add(a.asString()));
        CliRun run = CliRun.of(all.toArray(String[]::new));
        assertThat(run.exit()).as(run.err()).isZero();
        return run.json();
    }

    private static JsonNode matching(JsonNode stops, JsonNode span) {
        for (JsonNode s : stops) {
            double overlap = Math.min(s.get("endS").asDouble(), span.get(1).asDouble())
                    - Math.max(s.get("onsetS").asDouble(), span.get(0).asDouble());
            if (overlap > 0.5 * (span.get(1).asDouble() - span.get(0).asDouble())) {
                return s;
            }
        }
        throw new AssertionError("no stop was found at " + span);
    }

    private static void health(JsonNode want, JsonNode got) {
        JsonNode log = got.get("log");
        assertThat(log.get("durationS").asDouble())
                .isCloseTo(
                        want.get("durationS").get("want").asDouble(),
                        within(want.get("durationS").get("tol").asDouble()));
        for (JsonNode h : want.get("health")) {
            Pattern channel =
                    Pattern.compile(h.has("channel") ? h.get("channel").asString() : "");
            assertThat(log.get("health"))
                    .as(h.toString())
                    .anyMatch(f -> f.get("code").asString().equals(h.get("code").asString())
                            && channel.matcher(f.get("channel").asString("")).find());
        }
        for (JsonNode c : want.get("channels")) {
            assertThat(log.get("channels"))
                    .anyMatch(k -> Pattern.compile(c.get("re").asString())
                                    .matcher(k.get("name").asString())
                                    .find()
                            && Math.abs(k.get("rateHz").asDouble()
                                            - c.get("rateHz").asDouble())
                                    < 0.01 * c.get("rateHz").asDouble());
        }
    }

    private static void stop(JsonNode want, JsonNode got, JsonNode pieces, JsonNode args) {
        assertThat(got.get("kind").asString()).isEqualTo(want.get("kind").asString());
        if (want.has("basis")) {
            assertThat(got.get("basis").asString()).isEqualTo(want.get("basis").asString());
        }
        assertThat(got.get("onsetSource").asString())
                .isEqualTo(want.get("onsetSource").asString());
        List<String> flags = new ArrayList<>();
        got.get("flags").forEach(f -> flags.add(f.get("code").asString()));
        want.get("flags").forEach(f -> assertThat(flags).contains(f.get("code").asString()));
        want.get("noFlags").forEach(f -> assertThat(flags).doesNotContain(f.asString()));
        List<String> wrong = new ArrayList<>();
        want.get("fields").properties().forEach(f -> field(f.getKey(), f.getValue(), got, pieces, args, wrong));
        assertThat(wrong).isEmpty();
    }

    private static void field(
            String name, JsonNode want, JsonNode got, JsonNode pieces, JsonNode args, List<String> wrong) {
        String[] key = name.split("[:@]");
        JsonNode value = name.contains(":") ? got.get(key[0]).get(key[1]) : got.get(key[0]);
        if (want.has("null")) {
            if (!value.isNull()) {
                wrong.add(name + " should not be computable but is " + value);
            }
            return;
        }
        if (value == null || value.isNull()) {
            wrong.add(name + " is missing");
            return;
        }
        double expected = want.get("want").asDouble();
        if (name.endsWith("@onset")) {
            double[] at = exact(pieces, got.get("onsetS").asDouble());
            double end =
                    name.startsWith("distance") && got.get("kind").asString().equals("SNUB")
                            ? exact(pieces, got.get("endS").asDouble())[0]
                            : restAfter(pieces, got.get("onsetS").asDouble());
            expected = name.startsWith("distance") ? end - at[0] : at[1];
        } else if (name.endsWith("@self")) {
            double nominal = nominal(args);
            expected = got.get("distanceM").asDouble()
                    * Math.pow(nominal / got.get("entrySpeedMps").asDouble(), 2);
        }
        double off = Math.abs(value.asDouble() - expected);
        if (!(off <= want.get("tol").asDouble())) {
            wrong.add("%s is %s, wanted %s ± %s".formatted(name, value, expected, want.get("tol")));
        }
    }

    private static double nominal(JsonNode args) {
        String[] words = args.get(1).asString().split(" ");
        return Double.parseDouble(words[0]) * (words[1].equals("mph") ? 0.44704 : 1 / 3.6);
    }

    /** Distance and speed at a time, from the piece that holds it: [t0, duration, s0, v0, a0, jerk]. */
    private static double[] exact(JsonNode pieces, double t) {
        JsonNode at = pieces.get(0);
        for (JsonNode p : pieces) {
            at = p.get(0).asDouble() <= t ? p : at;
        }
        double dt = t - at.get(0).asDouble();
        double a = at.get(4).asDouble();
        double j = at.get(5).asDouble();
        double s = at.get(2).asDouble() + at.get(3).asDouble() * dt + a * dt * dt / 2 + j * dt * dt * dt / 6;
        return new double[] {s, at.get(3).asDouble() + a * dt + j * dt * dt / 2};
    }

    /** Where the car stands after the stop that is under way at a time. */
    private static double restAfter(JsonNode pieces, double t) {
        for (JsonNode p : pieces) {
            if (p.get(0).asDouble() > t
                    && Math.abs(p.get(3).asDouble()) < 1e-6
                    && p.get(4).asDouble() == 0) {
                return p.get(2).asDouble();
            }
        }
        throw new AssertionError("the car never rests after " + t);
    }
}
