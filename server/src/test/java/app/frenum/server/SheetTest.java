package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Stops that are typed or pasted: read with their verdict while they are typed, and kept together. */
class SheetTest {
    private static final String SPEED = "{\"value\":100,\"unit\":\"KILOMETRES_PER_HOUR\"}";
    private static final List<String> OLD = List.of("44.1", "44.3", "43.9", "44.0", "44.2");
    private static final List<String> NEW = List.of("39.9", "40.2", "40,0", "131.5 ft", "40.1");

    private final RunningServer server = RunningServer.shared();
    private final UUID test = UUID.randomUUID();

    /** A row of the table: a configuration, or nothing for that of the row above, and a distance. */
    private static String row(UUID id, String configuration, String distance) {
        return "{\"id\":\"%s\",\"cells\":[\"%s\",\"%s\"],\"corrects\":null}".formatted(id, configuration, distance);
    }

    private static String table(List<String> rows) {
        return """
               {"configurations":["As bought","New pads"],
                "columns":[{"column":"CONFIGURATION","unit":null},{"column":"DISTANCE","unit":"METRES"}],
                "rows":[%s]}""".formatted(String.join(",", rows));
    }

    private static List<String> fiveAndFive() {
        List<String> rows = new ArrayList<>();
        IntStream.range(0, 5).forEach(i -> rows.add(row(UUID.randomUUID(), i == 0 ? "a" : "", OLD.get(i))));
        IntStream.range(0, 5).forEach(i -> rows.add(row(UUID.randomUUID(), i == 0 ? "New pads" : "", NEW.get(i))));
        return rows;
    }

    private JsonNode read(String testId, List<String> rows) {
        return server.post(
                        "/api/sheet/reading",
                        "{\"testId\":%s,\"nominalSpeed\":%s,\"table\":%s}".formatted(testId, SPEED, table(rows)))
                .body();
    }

    private String keepInNewTest(List<String> rows) {
        UUID vehicle = UUID.randomUUID();
        return """
               {"testId":"%s","newVehicle":{"id":"%s","name":"Tarn 2.0","description":"","spec":null},
                "newTest":{"id":"%s","vehicleId":"%s","question":"Are the new pads better?","lane":"","grade":null,
                  "nominalSpeed":%s,"basis":"ONSET_TO_REST","marginSize":0.02,"marginOfBaseline":true,
                  "drivenOn":"2026-11-29"},
                "conditions":{"drivenOn":"2026-11-29","surface":"dry"},"table":%s}""".formatted(test, vehicle, test, vehicle, SPEED, table(rows));
    }

    private String keepInThisTest(List<String> rows) {
        return "{\"testId\":\"%s\",\"newVehicle\":null,\"newTest\":null,\"conditions\":{},\"table\":%s}"
                .formatted(test, table(rows));
    }

    private static JsonNode pair(JsonNode comparison) {
        return comparison.get("comparisons").get(0);
    }

    private JsonNode comparison() {
        return server.get("/api/tests/" + test + "/comparison");
    }

    @Test
    void warmTyresAreAFactorBesideThePads() {
        List<String> rows = new ArrayList<>();
        for (String pads : List.of("As bought", "New pads")) {
            for (String tyres : List.of("cold", "w")) {
                for (int i = 0; i < 4; i++) {
                    double metres = 40 - (pads.equals("New pads") ? 2 : 0) - (tyres.equals("w") ? 3 : 0) + 0.1 * i;
                    rows.add("{\"id\":\"%s\",\"cells\":[\"%s\",\"%s\",\"%s\"],\"corrects\":null}"
                            .formatted(UUID.randomUUID(), pads, String.format(Locale.ROOT, "%.1f", metres), tyres));
                }
            }
        }
        // From a speed of its own, since everything driven alike is taken.
        String withTyres = keepInNewTest(rows)
                .replace(SPEED, "{\"value\":61,\"unit\":\"KILOMETRES_PER_HOUR\"}")
                .replace("\"unit\":\"METRES\"}]", "\"unit\":\"METRES\"},{\"column\":\"TYRES\",\"unit\":null}]");
        assertThat(server.post("/api/sheet", withTyres).status()).isEqualTo(200);
        JsonNode factors = server.get("/api/tests/%s/factors".formatted(test));
        assertThat(factors.get("series").asInt()).isEqualTo(4);
        assertThat(factors.get("sentences").toString())
                .contains("tyres warm or cold")
                .contains("FactorFinding.SHORTENS");
    }

    @Test
    void theVerdictWhileTypingIsTheOneThatIsKept() {
        List<String> rows = fiveAndFive();
        JsonNode reading = read("null", rows);
        assertThat(reading.get("stops").asInt()).isEqualTo(10);
        JsonNode typed = pair(reading.get("comparison"));
        assertThat(typed.get("verdict").asString()).isEqualTo("GAIN_SHOWN");

        server.post("/api/sheet", keepInNewTest(rows));
        JsonNode kept = pair(comparison());
        assertThat(kept.get("difference")).isEqualTo(typed.get("difference"));
        assertThat(kept.get("interval95")).isEqualTo(typed.get("interval95"));
        assertThat(kept.get("conclusion").get("sentence"))
                .isEqualTo(typed.get("conclusion").get("sentence"));
        assertThat(kept.get("checks").size()).isEqualTo(typed.get("checks").size());
    }

    @Test
    void whatWasTypedStaysTyped() {
        server.post("/api/sheet", keepInNewTest(fiveAndFive()));
        JsonNode stops = server.get("/api/tests/" + test).get("stops");
        assertThat(stops).hasSize(10);
        JsonNode feet = Stream.iterate(0, i -> i < 10, i -> i + 1)
                .map(stops::get)
                .filter(s ->
                        s.get("byHand").get("distance").get("unit").asString().equals("FEET"))
                .findFirst()
                .orElseThrow();
        assertThat(feet.get("byHand").get("distance").get("entered").asDouble()).isEqualTo(131.5);
    }

    @Test
    void aTableSentAgainChangesNothing() {
        String table = keepInNewTest(fiveAndFive());
        server.post("/api/sheet", table);
        server.post("/api/sheet", table);
        assertThat(server.get("/api/tests/" + test).get("stops")).hasSize(10);
        assertThat(server.get("/api/tests/" + test).get("series")).hasSize(2);
    }

    @Test
    void oneBadCellKeepsAllOfItOut() {
        List<String> rows = fiveAndFive();
        rows.set(6, row(UUID.randomUUID(), "", "4O.2"));
        Answer answer = server.post("/api/sheet", keepInNewTest(rows));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("detail").asString()).contains("Row 7").contains("not a number");
        assertThat(server.tryGet("/api/tests/" + test).status()).isEqualTo(404);
        JsonNode reading = read("null", rows);
        assertThat(reading.get("rows").get(6).get("faults").get(0).get("column").asString())
                .isEqualTo("DISTANCE");
        assertThat(reading.get("stops").asInt()).isEqualTo(9);
    }

    @Test
    void aDoubtfulCellSaysWhyBeforeItIsKept() {
        List<String> rows = fiveAndFive();
        rows.set(2, row(UUID.randomUUID(), "", "144.4"));
        JsonNode doubt = read("null", rows).get("rows").get(2).get("doubts").get(0);
        assertThat(doubt.get("column").asString()).isEqualTo("DISTANCE");
        assertThat(doubt.get("finding").get("text").get("metric").asString()).contains(" times what the others are (4");
    }

    @Test
    void moreStopsAreReadBesideThoseOfTheirTest() {
        server.post("/api/sheet", keepInNewTest(fiveAndFive()));
        List<String> more = List.of(row(UUID.randomUUID(), "As bought", "44.2"), row(UUID.randomUUID(), "", "44.1"));
        JsonNode reading = read("\"" + test + "\"", more);
        assertThat(reading.get("comparison").get("sides").get(0).get("n").asInt())
                .isEqualTo(7);

        server.post("/api/sheet", keepInThisTest(more));
        assertThat(blocks()).containsExactly("As bought 1", "As bought 2", "New pads 1");
        assertThat(pair(comparison()).get("difference"))
                .isEqualTo(pair(reading.get("comparison")).get("difference"));
    }

    @Test
    void rowsInTurnsAreBlocksInTurns() {
        List<String> rows = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            rows.add(row(UUID.randomUUID(), "A", OLD.get(i)));
            rows.add(row(UUID.randomUUID(), "B", NEW.get(i)));
        }
        server.post("/api/sheet", keepInNewTest(rows));
        assertThat(blocks()).hasSize(8);
        String order = Stream.iterate(
                        0, i -> i < pair(comparison()).get("checks").size(), i -> i + 1)
                .map(i -> pair(comparison()).get("checks").get(i))
                .filter(c -> c.get("code").asString().equals("ORDER"))
                .map(c -> c.get("evidence").get("text").get("metric").asString())
                .findFirst()
                .orElseThrow();
        assertThat(order).isEqualTo("with a return to the other side");
    }

    @Test
    void whatWasWrittenDownWronglyIsStruckOutByNameAndEnteredAnew() {
        server.post("/api/sheet", keepInNewTest(fiveAndFive()));
        String wrong =
                server.get("/api/tests/" + test).get("stops").get(0).get("id").asString();
        String row = "{\"id\":\"%s\",\"cells\":[\"As bought\",\"44.6\"],\"corrects\":\"%s\"}"
                .formatted(UUID.randomUUID(), wrong);
        assertThat(read("\"" + test + "\"", List.of(row))
                        .get("comparison")
                        .get("sides")
                        .get(0)
                        .get("n")
                        .asInt())
                .as("the one and not the other")
                .isEqualTo(5);
        server.post("/api/sheet", keepInThisTest(List.of(row)));
        JsonNode stop = server.get("/api/stops/" + wrong);
        assertThat(stop.get("struckOut").asBoolean()).isTrue();
        assertThat(stop.get("decisions").get(0).get("by").asString()).isEqualTo("Marshal");
        assertThat(comparison().get("sides").get(0).get("n").asInt()).isEqualTo(5);
    }

    @Test
    void aClipboardIsTakenApart() {
        JsonNode pasted = server.post(
                        "/api/sheet/pasted", "{\"text\":\"Setup\\tDistance [ft]\\nA\\t145\\nB\\t139\\nMean\\t142\\n\"}")
                .body();
        assertThat(pasted.get("sure").asBoolean()).isTrue();
        assertThat(pasted.get("columns").get(1).get("unit").asString()).isEqualTo("FEET");
        assertThat(pasted.get("leftOut").get(0).get("why").asString()).contains("mean");
        assertThat(server.post("/api/sheet/pasted", "{\"text\":\"\"}").status()).isEqualTo(422);
    }

    private List<String> blocks() {
        JsonNode detail = server.get("/api/tests/" + test);
        Map<String, String> names = IntStream.range(
                        0, detail.get("configurations").size())
                .mapToObj(i -> detail.get("configurations").get(i))
                .collect(Collectors.toMap(
                        c -> c.get("id").asString(), c -> c.get("name").asString()));
        return IntStream.range(0, detail.get("series").size())
                .mapToObj(i -> detail.get("series").get(i))
                .map(s -> names.get(s.get("configurationId").asString()) + " "
                        + s.get("block").asInt())
                .sorted()
                .toList();
    }
}
