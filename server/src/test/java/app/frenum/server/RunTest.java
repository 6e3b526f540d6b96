package app.frenum.server;

import static app.frenum.server.Journeys.q;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer.Answer;
import app.frenum.server.plan.Rehearsals;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class RunTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final UUID test = UUID.randomUUID();
    private final String path = "/api/runs/" + test;
    private double now;

    private final UUID vehicle = UUID.randomUUID();
    private final List<UUID> configurations = List.of(UUID.randomUUID(), UUID.randomUUID());

    @BeforeEach
    void aPlannedTestAndAnOperator() {
        server.post("/api/vehicles", Map.of("id", vehicle, "name", "Estate " + vehicle, "description", ""));
        for (UUID c : configurations) {
            server.post(
                    "/api/configurations",
                    Map.of("id", c, "vehicleId", vehicle, "name", "C" + c, "changed", List.of()));
        }
        Map<String, Object> like = new HashMap<>();
        ((Map<?, ?>) Journeys.saveToNewTest(test, "x").get("newTest")).forEach((k, v) -> like.put((String) k, v));
        like.put("vehicleId", vehicle);
        server.post("/api/tests", like);
        String straight = server.get("/api/procedures").get(0).get("id").asString();
        Map<String, Object> plan = Journeys.plan(vehicle, configurations, straight, null);
        plan.put("speed", q(80, "KILOMETRES_PER_HOUR"));
        plan.put("stopsEach", 2);
        plan.put("order", "ONE_AFTER_ANOTHER");
        assertThat(server.put("/api/tests/" + test + "/plan", json.writeValueAsString(plan))
                        .status())
                .isEqualTo(200);
        now = Instant.now().toEpochMilli() / 1000.0 - 3600;
    }

    private Answer says(UUID id, double laterS, Map<String, Object> what) {
        now += laterS;
        return server.post(path + "/events", Map.of("id", id, "atS", now, "what", what));
    }

    private JsonNode says(double laterS, Map<String, Object> what) {
        Answer answer = says(UUID.randomUUID(), laterS, what);
        assertThat(answer.status()).as(answer.toString()).isEqualTo(200);
        return answer.body();
    }

    private void begun() {
        assertThat(server.put(path, "").status()).isEqualTo(200);
        List<String> checks = new ArrayList<>();
        server.get("/api/plans/form")
                .get("safety")
                .forEach(c -> checks.add(c.get("check").asString()));
        says(1, Map.of("type", "signed", "gate", Map.of("seen", checks)));
    }

    private void warmedUp() {
        for (int i = 0; i < 10; i++) {
            says(30, Map.of("type", "laneCalled", "clear", true));
            says(5, Map.of("type", "started"));
            says(10, Map.of("type", "atRest"));
        }
    }

    private static Map<String, Object> readings(double entryKmh, double metres) {
        Map<String, Object> r = new HashMap<>();
        r.put("entrySpeed", q(entryKmh, "KILOMETRES_PER_HOUR"));
        r.put("distances", List.of(Map.of("by", "Marshal", "distance", q(metres, "METRES"))));
        r.put("instrument", "TAPE");
        r.put("time", null);
        r.put("peaks", Map.of("FRONT_LEFT", q(140, "CELSIUS")));
        r.put("lateS", 20);
        r.put("pedal", "NORMAL");
        r.put("lockSeen", false);
        r.put("rearFirst", false);
        r.put("switches", Map.of());
        r.put("note", "");
        return r;
    }

    private JsonNode driven(double discC, Map<String, Object> readings) {
        says(120, Map.of("type", "discsRead", "celsius", Map.of("FRONT_LEFT", discC)));
        says(5, Map.of("type", "laneCalled", "clear", true));
        says(5, Map.of("type", "started"));
        says(20, Map.of("type", "atRest"));
        return says(30, Map.of("type", "entered", "readings", readings));
    }

    @Test
    void aJudgementThatComesLateIsOfTheStopItsMakerSawAndBothAreKept() {
        begun();
        warmedUp();
        String first =
                driven(90, readings(80, 38.4)).get("stops").get(10).get("id").asString();
        Map<String, Object> keeps = Map.of("type", "decided", "validity", "VALID", "reason", "", "stop", first);
        says(5, keeps);
        driven(90, readings(80, 37.9));
        says(5, Map.of("type", "decided", "validity", "REPEAT", "reason", "a gust", "stop", first));
        JsonNode view = says(1, keeps);
        assertThat(view.get("stage").asString())
                .as("the next stop waits for its own")
                .isEqualTo("JUDGED");
        JsonNode disputed = view.get("stops").get(10);
        assertThat(disputed.get("decision").get("validity").asString()).isEqualTo("VALID");
        assertThat(disputed.get("objections")).hasSize(1);
        assertThat(says(5, Map.of("type", "settled", "stop", first))
                        .get("stops")
                        .get(10)
                        .get("objections"))
                .isEmpty();
        Answer unknown = says(
                UUID.randomUUID(),
                1,
                Map.of("type", "settled", "stop", UUID.randomUUID().toString()));
        assertThat(unknown.status()).isEqualTo(409);
    }

    private List<JsonNode> applications(String kind) {
        return server.get("/api/tests/" + test)
                .get("stops")
                .valueStream()
                .filter(s -> s.get("kind").asString().equals(kind))
                .toList();
    }

    @Test
    void stopsAreJudgedAndBecomeStopsOfTheTest() {
        begun();
        warmedUp();
        JsonNode judged = driven(90, readings(80, 38.4));
        assertThat(judged.get("stage").asString()).isEqualTo("JUDGED");
        assertThat(judged.get("stops").get(10).get("judged").asString()).isEqualTo("VALID");
        assertThat(applications("STOP")).isEmpty();
        assertThat(applications("SNUB"))
                .as("every snub is kept, in its phase, without a press")
                .hasSize(10)
                .allMatch(s -> s.get("phase").asString().equals("warming snubs")
                        && s.get("load").asString().equals("laden"));
        says(5, Map.of("type", "decided", "validity", "VALID", "reason", ""));
        driven(150, readings(80, 37.9));
        says(5, Map.of("type", "decided", "validity", "REPEAT", "reason", ""));
        driven(90, readings(88, 47));
        says(5, Map.of("type", "decided", "validity", "REPEAT", "reason", ""));
        List<JsonNode> stops = applications("STOP");
        assertThat(stops).hasSize(3);
        assertThat(stops.get(0).get("number").asInt())
                .as("snubs are counted apart")
                .isEqualTo(1);
        assertThat(stops.get(0).get("value").get("value").asDouble()).isEqualTo(38.4);
        assertThat(stops.get(1).get("struckOut").asBoolean()).isTrue();
        assertThat(stops.get(1).get("decisions").get(0).get("reason").asString())
                .isEqualTo("by rule: front disc at 150 °C, hotter than the gate’s 110 °C");
        assertThat(stops.get(2).get("struckOut").asBoolean()).isFalse();
        assertThat(stops.get(2).get("validity").asString()).isEqualTo("REPEAT");
    }

    /** Cold stops and those of a fade series are one configuration's, and no average of anything. */
    @Test
    void stopsOfSeveralPhasesAreComparedPhaseByPhase() {
        String series = server.get("/api/procedures").get(1).get("id").asString();
        Map<String, Object> plan = Journeys.plan(vehicle, configurations, series, null);
        plan.put("speed", q(80, "KILOMETRES_PER_HOUR"));
        plan.put("order", "ONE_AFTER_ANOTHER");
        int version = server.get("/api/tests/" + test + "/plan").get("version").asInt();
        assertThat(server.put("/api/tests/" + test + "/plan?version=" + version, json.writeValueAsString(plan))
                        .status())
                .isEqualTo(200);
        begun();
        JsonNode now = server.get(path);
        for (int i = 0; i < 40 && applications("STOP").size() < 12; i++) {
            if (now.get("snub").asBoolean()) {
                says(60, Map.of("type", "laneCalled", "clear", true));
                says(5, Map.of("type", "started"));
                now = says(10, Map.of("type", "atRest"));
            } else {
                driven(80, readings(3.6 * now.get("fromMps").asDouble(), 38 + 0.1 * i));
                now = says(5, Map.of("type", "decided", "validity", "VALID", "reason", "as it is"));
            }
        }
        JsonNode comparison = server.get("/api/tests/" + test + "/comparison");
        List<String> phases = new ArrayList<>(List.of(comparison.get("phase").asString()));
        comparison.get("others").forEach(o -> phases.add(o.get("phase").asString()));
        assertThat(phases).containsExactlyInAnyOrder("cold stops", "fade stops");
    }

    @Test
    void aRepeatedSendChangesNothingAndWhatIsOutOfTurnIsToldWhatCan() {
        begun();
        UUID id = UUID.randomUUID();
        int before = server.get(path).get("events").asInt();
        assertThat(says(id, 1, Map.of("type", "laneCalled", "clear", true))
                        .body()
                        .get("events")
                        .asInt())
                .isEqualTo(before + 1);
        assertThat(says(id, 1, Map.of("type", "laneCalled", "clear", true))
                        .body()
                        .get("events")
                        .asInt())
                .isEqualTo(before + 1);
        Answer early = says(UUID.randomUUID(), 1, Map.of("type", "atRest"));
        assertThat(early.status()).isEqualTo(409);
        assertThat(early.body().get("detail").asString()).isEqualTo("No stop is on its way.");
        assertThat(server.get(path).get("events").asInt()).isEqualTo(before + 1);
        assertThat(says(UUID.randomUUID(), -600, Map.of("type", "dance")).status())
                .isEqualTo(400);
    }

    @Test
    void aDeviceWhoseClockIsAheadIsTakenAtFrenumsTimeAndToldByHowMuch() {
        begun();
        now = Instant.now().toEpochMilli() / 1000.0 + 3600;
        assertThat(says(UUID.randomUUID(), 0, Map.of("type", "laneCalled", "clear", true))
                        .status())
                .isEqualTo(200);
        JsonNode history = server.get(path + "/events");
        JsonNode last = history.get(history.size() - 1);
        assertThat(last.get("clockAheadS").asDouble()).isBetween(3500.0, 3600.0);
        assertThat(last.get("atS").asDouble()).isLessThan(Instant.now().toEpochMilli() / 1000.0 + 1);
        assertThat(history.get(0).get("clockAheadS").asDouble()).isZero();
    }

    @Test
    void everyEventHasANameAndTheStopReleaseIsKept() {
        begun();
        says(1, Map.of("type", "stopped", "rule", "LANE_NOT_CLEAR", "words", "a dog"));
        JsonNode instruction = server.get(path).get("instruction");
        assertThat(instruction.at("/imperative/text/metric").asString()).isEqualTo("Testing is stopped.");
        assertThat(instruction.at("/because/text/metric").asString()).isEqualTo("a dog");
        says(60, Map.of("type", "released", "inspected", "the dog is caught, lane walked"));
        JsonNode history = server.get(path + "/events");
        assertThat(history.get(1).get("what").get("type").asString()).isEqualTo("stopped");
        assertThat(history.get(2).get("by").asString()).isEqualTo("Marshal");
        assertThat(server.get(path).get("stage").asString()).isEqualTo("WAITING");
    }

    @Test
    void aCrackToTheEdgeStopsTestingAndIsKept() {
        begun();
        JsonNode looked = says(
                5,
                Map.of(
                        "type",
                        "cracksSeen",
                        "faces",
                        List.of(Map.of(
                                "wheel",
                                "FRONT_LEFT",
                                "face",
                                "INNER",
                                "crack",
                                "TO_THE_EDGE",
                                "length",
                                Map.of("entered", 31, "unit", "MILLIMETRES")))));
        assertThat(looked.get("stage").asString()).isEqualTo("STOPPED");
        assertThat(looked.get("halt").get("rule").asString()).isEqualTo("CRACK");
        Answer released = says(UUID.randomUUID(), 5, Map.of("type", "released", "inspected", "it looks fine"));
        assertThat(released.status()).isEqualTo(409);
        assertThat(released.body().get("detail").asString()).contains("Fit another");
        assertThat(server.get(path)
                        .get("cracks")
                        .get(0)
                        .get("length")
                        .get("inside")
                        .asDouble())
                .isEqualTo(0.031);
    }

    @Test
    void aPhotoIsKeptOnceMadeAnewAndNothingElseIs() throws IOException {
        begun();
        warmedUp();
        String stop =
                driven(90, readings(80, 38.4)).get("stops").get(10).get("id").asString();
        String at = photos() + "/" + UUID.randomUUID() + "?subjectId=";
        BufferedImage large = new BufferedImage(3000, 1000, BufferedImage.TYPE_INT_ARGB);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(large, "png", png);
        byte[] withScript = Arrays.copyOf(png.toByteArray(), png.size() + 40);
        System.arraycopy("<script>alert(1)</script>".getBytes(StandardCharsets.UTF_8), 0, withScript, png.size(), 25);

        assertThat(server.put(at + UUID.randomUUID(), withScript).status()).isEqualTo(404);
        assertThat(server.put(at + stop, "<svg onload='x'/>".getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(422);
        assertThat(server.put(at + stop, Arrays.copyOf(png.toByteArray(), 60)).status())
                .isEqualTo(422);
        assertThat(IntStream.range(0, 4)
                        .parallel()
                        .mapToObj(i -> server.put(at + stop, withScript).status())
                        .toList())
                .as("sent four times at once")
                .containsOnly(200);

        JsonNode kept = server.get(photos());
        assertThat(kept.size()).isEqualTo(1);
        assertThat(kept.get(0).get("subjectId").asString()).isEqualTo(stop);
        byte[] jpeg = server.bytes("/api/photos/" + kept.get(0).get("id").asString());
        assertThat(new String(jpeg, StandardCharsets.ISO_8859_1)).doesNotContain("script");
        BufferedImage shown = ImageIO.read(new ByteArrayInputStream(jpeg));
        assertThat(List.of(shown.getWidth(), shown.getHeight())).isEqualTo(List.of(1600, 533));
    }

    @Test
    void largePhotosAtOnceAreAllKeptAndABombIsRefusedUnopened() throws IOException {
        begun();
        warmedUp();
        String stop =
                driven(90, readings(80, 38.4)).get("stops").get(10).get("id").asString();
        byte[] large = noise(4000, 3000);
        assertThat(large.length).isGreaterThan(5_000_000);
        assertThat(IntStream.range(0, 4)
                        .parallel()
                        .mapToObj(i -> server.put(photo(stop), large).status())
                        .toList())
                .as("four at once")
                .containsOnly(200);
        byte[] bomb = noise(40, 30);
        // The size in a PNG's header: 40,000 x 40,000 pixels.
        System.arraycopy(new byte[] {0, 0, (byte) 0x9C, 0x40, 0, 0, (byte) 0x9C, 0x40}, 0, bomb, 16, 8);
        Answer refused = server.put(photo(stop), bomb);
        assertThat(refused.status()).isIn(413, 422);
    }

    @Test
    void aRehearsalIsThrownAwayWholeAndATestIsNot() {
        assertThat(server.put(thrownAway(), "").status()).isEqualTo(409);
        assertThat(server.put(path + "?rate=10", "").status()).isEqualTo(200);
        assertThat(server.get(path).get("rehearsal").asBoolean()).isTrue();
        assertThat(isListed()).isTrue();
        assertThat(server.put(thrownAway(), "").status()).isEqualTo(200);
        assertThat(isListed()).isFalse();
        server.delete(thrownAway());
        assertThat(isListed()).isTrue();

        begun();
        warmedUp();
        driven(90, readings(80, 38.4));
        says(5, Map.of("type", "decided", "validity", "VALID", "reason", ""));
        server.put(thrownAway(), "");
        Rehearsals rehearsals = server.bean(Rehearsals.class);
        rehearsals.clearAway(Instant.now());
        assertThat(server.get("/api/tests/" + test).get("stops"))
                .as("it can be taken back for a day")
                .isNotEmpty();
        rehearsals.clearAway(Instant.now().plus(Duration.ofHours(25)));
        assertThat(server.put(thrownAway(), "").status()).as("gone").isEqualTo(404);
        assertThat(server.get(path + "/events")).isEmpty();
    }

    private String thrownAway() {
        return path.replace("/runs/", "/rehearsals/") + "/thrown-away";
    }

    private boolean isListed() {
        return server.get("/api/tests").toString().contains(test.toString());
    }

    private String photos() {
        return path.replace("/runs/", "/tests/") + "/photos";
    }

    private String photo(String stop) {
        return photos() + "/" + UUID.randomUUID() + "?subjectId=" + stop;
    }

    /** A picture that cannot be packed small. */
    private static byte[] noise(int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        byte[] pixels = new byte[width * height];
        new Random(1).nextBytes(pixels);
        image.getRaster().setDataElements(0, 0, width, height, pixels);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        return png.toByteArray();
    }

    @Test
    void drivingOnGoesAlongWithTheRules() {
        begun();
        warmedUp();
        driven(90, readings(80, 38.4));
        says(100, Map.of("type", "laneCalled", "clear", true));
        says(5, Map.of("type", "started"));
        assertThat(applications("STOP")).hasSize(1);
    }

    @Test
    void aTimeIsNoDistanceInTheAssessment() {
        begun();
        warmedUp();
        Map<String, Object> timed = readings(80, 38.4);
        timed.put("distances", List.of());
        timed.put("instrument", "STOPWATCH");
        timed.put("time", q(3.4, "SECONDS"));
        driven(90, timed);
        says(5, Map.of("type", "decided", "validity", "VALID", "reason", "as it is"));
        JsonNode stops =
                server.get("/api/tests/" + test + "/assessment").get("phases").get(1);
        JsonNode side = stops.get("sides").get(0);
        assertThat(stops.get("name").asString()).isEqualTo("stops");
        assertThat(side.get("counted").asInt()).isEqualTo(1);
        assertThat(side.get("meanM").hasNonNull("value")).isFalse();
    }
}
