package app.frenum.server;

import static app.frenum.server.Journeys.q;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What people read off discs beside the logger, and laps of a track log. */
class DiscTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final UUID test = UUID.randomUUID();
    private String stop;

    @BeforeEach
    void aLoggedSeries() {
        UUID upload = UUID.randomUUID();
        server.upload(upload, Journeys.AS_BOUGHT, "");
        assertThat(server.post("/api/imports/" + upload + "/save", Journeys.saveToNewTest(test, "As bought"))
                        .status())
                .isEqualTo(200);
        stop = side().get("stops").get(0).get("id").asString();
    }

    private JsonNode side() {
        return server.get("/api/tests/" + test + "/heat").get("sides").get(0);
    }

    private JsonNode peak() {
        return side().get("study")
                .get("stops")
                .get(0)
                .get("discs")
                .get("FRONT_LEFT")
                .get("peak");
    }

    private static Map<String, Object> reading(String source, Map<String, Object> value) {
        Map<String, Object> r = new HashMap<>();
        r.put("wheel", "FRONT_LEFT");
        r.put("source", source);
        r.put("face", null);
        r.put("value", value);
        r.put("late", q(30, "SECONDS"));
        r.put("ladderId", null);
        r.put("changed", null);
        r.put("painted", false);
        return r;
    }

    private RunningServer.Answer keep(UUID id, Map<String, Object> reading) {
        return server.put("/api/stops/" + stop + "/disc-readings/" + id, json.writeValueAsString(reading));
    }

    private UUID ladder(double... celsius) {
        UUID id = UUID.randomUUID();
        List<Map<String, Object>> thresholds = IntStream.range(0, celsius.length)
                .mapToObj(i -> q(celsius[i], "CELSIUS"))
                .toList();
        RunningServer.Answer added = server.put(
                "/api/ladders",
                json.writeValueAsString(
                        Map.of("id", id, "ladder", Map.of("name", "Paint " + id, "thresholds", thresholds))));
        assertThat(added.status()).as(added.toString()).isEqualTo(200);
        return id;
    }

    @Test
    void theSameReadingSentAtOnceIsKeptOnceAndAStopKeepsSixty() {
        UUID first = UUID.randomUUID();
        List<Integer> answers = IntStream.range(0, 4)
                .parallel()
                .mapToObj(i -> keep(first, reading("BARE", q(300, "CELSIUS"))).status())
                .toList();
        assertThat(answers).contains(200).allMatch(status -> status == 200 || status == 409);
        assertThat(side().get("readings")).hasSize(1);

        for (int i = 1; i < 60; i++) {
            assertThat(keep(UUID.randomUUID(), reading("BARE", q(300, "CELSIUS")))
                            .status())
                    .isEqualTo(200);
        }
        RunningServer.Answer full = keep(UUID.randomUUID(), reading("BARE", q(300, "CELSIUS")));
        assertThat(full.status()).isEqualTo(422);
        assertThat(full.body().get("detail").asString()).contains("A stop keeps 60 readings");
        // What is there already can be sent again, and nothing else under its name.
        assertThat(keep(first, reading("BARE", q(300, "CELSIUS"))).status()).isEqualTo(200);
        assertThat(keep(first, reading("BARE", q(310, "CELSIUS"))).status()).isEqualTo(409);
        assertThat(side().get("readings")).hasSize(60);
    }

    @Test
    void aBodyThatCannotBeReadIsToldWhereToLook() {
        Map<String, Object> noNumber = reading("BARE", Map.of("value", 300, "unit", "CELSIUS"));
        for (Map.Entry<Map<String, Object>, String> wrong : Map.of(
                        noNumber, "\"value\"", reading("LUCK", q(300, "CELSIUS")), "\"source\"")
                .entrySet()) {
            RunningServer.Answer answer = keep(UUID.randomUUID(), wrong.getKey());
            assertThat(answer.status()).isEqualTo(400);
            assertThat(answer.body().get("detail").asString()).contains(wrong.getValue());
        }
        assertThat(side().get("readings")).isEmpty();
    }

    @Test
    void aReadingBesideTheSensorIsWeighedWithItAndGoneAgainWhenRemoved() {
        double sensed = peak().get("peakC").get("value").asDouble();
        UUID id = UUID.randomUUID();
        Map<String, Object> bare = reading("BARE", q(60, "CELSIUS"));
        assertThat(keep(id, bare).status()).isEqualTo(200);
        assertThat(keep(id, bare).status()).isEqualTo(200);
        assertThat(peak().get("clues")).hasSize(2);
        assertThat(peak().get("source").asString()).isEqualTo("SENSOR");
        assertThat(peak().get("peakC").get("value").asDouble()).isCloseTo(sensed, within(1e-9));
        assertThat(peak().get("doubts").get(0).get("text").get("imperial").asString())
                .contains("bare metal", "°F", "blacken a patch")
                .doesNotContain("°C");
        assertThat(keep(id, reading("BARE", q(61, "CELSIUS"))).status()).isEqualTo(409);
        assertThat(server.delete("/api/disc-readings/" + id).status()).isEqualTo(200);
        assertThat(server.delete("/api/disc-readings/" + id).status()).isEqualTo(200);
        assertThat(peak().get("clues")).hasSize(1);
    }

    @Test
    void aLadderThatChangedAboveALoneSensorIsBelieved() {
        UUID paint = ladder(200, 260, 430);
        Map<String, Object> r = reading("LADDER", null);
        r.put("ladderId", paint);
        r.put("changed", 2);
        assertThat(keep(UUID.randomUUID(), r).status()).isEqualTo(200);
        assertThat(peak().get("source").asString()).isEqualTo("LADDER");
        assertThat(peak().get("peakC").get("value").asDouble()).isEqualTo(345);
        assertThat(peak().get("doubts").get(0).get("code").asString()).isEqualTo("HeatFinding.LADDER_BELIEVED");
        RunningServer.Answer changed = server.put(
                "/api/ladders",
                json.writeValueAsString(
                        Map.of("id", paint, "ladder", Map.of("name", "x", "thresholds", List.of(q(300, "CELSIUS"))))));
        assertThat(changed.status()).isEqualTo(409);
        assertThat(changed.body().get("detail").asString()).contains("Add another");
    }

    @ParameterizedTest
    @CsvSource({
        "SENSOR, 90, 0, source",
        "PROBE, 5000, 0, value",
        "PROBE, , 0, value",
        "PROBE, 90, 99999, late",
        "LADDER, , 0, ladderId"
    })
    void whatCannotBeIsRefusedWithItsPlace(String source, Double celsius, double late, String field) {
        Map<String, Object> r = reading(source, celsius == null ? null : q(celsius, "CELSIUS"));
        r.put("late", q(late, "SECONDS"));
        RunningServer.Answer refused = keep(UUID.randomUUID(), r);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("fields").has(field))
                .as(refused.toString())
                .isTrue();
        assertThat(side().get("readings")).isEmpty();
    }

    @Test
    void nothingIsKeptOfAStopOrConfigurationThatIsNotHere() {
        String nowhere = "/api/stops/" + UUID.randomUUID() + "/disc-readings/" + UUID.randomUUID();
        assertThat(server.put(nowhere, json.writeValueAsString(reading("PROBE", q(90, "CELSIUS"))))
                        .status())
                .isEqualTo(404);
        Map<String, Object> seen = new HashMap<>(Map.of("method", "SMOKE", "seen", "It goes in."));
        assertThat(server.put(
                                "/api/configurations/" + UUID.randomUUID() + "/air-flow/" + UUID.randomUUID(),
                                json.writeValueAsString(seen))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whatWasSeenOfTheAirStandsWithItsCaveat() {
        String configuration = side().get("configurationId").asString();
        String path = "/api/configurations/" + configuration + "/air-flow/" + UUID.randomUUID();
        Map<String, Object> seen =
                Map.of("method", "TUFTS", "speed", q(60, "KILOMETRES_PER_HOUR"), "seen", "<b>still</b>");
        assertThat(server.put(path, json.writeValueAsString(seen)).status()).isEqualTo(200);
        JsonNode note =
                server.get("/api/tests/" + test + "/heat").get("airFlow").get(0);
        assertThat(note.get("caveat").asString()).contains("not how much air");
        assertThat(note.get("seen").get("seen").asString()).isEqualTo("<b>still</b>");
        Map<String, Object> silent = Map.of("method", "TUFTS", "seen", " ");
        assertThat(server.put(path, json.writeValueAsString(silent))
                        .body()
                        .get("fields")
                        .has("seen"))
                .isTrue();
    }

    @Test
    void stopsOnALaneAreNoLapsAndLapsOfACircuitAreFound() {
        assertThat(server.get("/api/tests/" + test + "/laps").get("recordings")).isEmpty();
        UUID upload = UUID.randomUUID();
        UUID circuit = UUID.randomUUID();
        server.upload(upload, Journeys.LAPS, "");
        Map<String, Object> save = new HashMap<>(Journeys.saveToNewTest(circuit, "As bought"));
        save.put(
                "placements",
                IntStream.rangeClosed(1, 24)
                        .mapToObj(
                                i -> Map.of("stop", i, "configuration", "As bought", "changed", List.of(), "block", 1))
                        .toList());
        assertThat(server.post("/api/imports/" + upload + "/save", save).status())
                .isEqualTo(200);
        JsonNode laps =
                server.get("/api/tests/" + circuit + "/laps").get("recordings").get(0);
        assertThat(laps.get("laps").get("lapM").get("value").asDouble()).isCloseTo(1300, within(13.0));
        assertThat(laps.get("laps").get("corners")).hasSize(4);
        // The vehicle's masses are not known, and so nothing is predicted.
        assertThat(laps.get("predicted")).isEmpty();
        assertThat(laps.get("predictedBy").get("text").get("metric").asString()).contains("not known");
    }
}
