package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer.Answer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The same request sent ten times at once is stored once, and answered ten times alike. */
class RepeatsTest {
    private static final int AT_ONCE = 10;

    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final ExecutorService senders = Executors.newFixedThreadPool(AT_ONCE);
    private final UUID test = UUID.randomUUID();
    private UUID vehicle;
    private String stop;

    @BeforeEach
    void aTestWithStops() {
        UUID file = UUID.randomUUID();
        server.uploadOnly(file, Journeys.AS_BOUGHT);
        server.post("/api/imports/" + file + "/save", Journeys.saveToNewTest(test, "As bought"));
        JsonNode detail = server.get("/api/tests/" + test);
        vehicle = UUID.fromString(detail.get("test").get("vehicleId").asString());
        stop = detail.get("stops").get(0).get("id").asString();
    }

    @AfterEach
    void stop() {
        senders.shutdownNow();
    }

    private void tenTimesAlike(String what, Supplier<Answer> request) {
        List<CompletableFuture<Answer>> sent = IntStream.range(0, AT_ONCE)
                .mapToObj(i -> CompletableFuture.supplyAsync(request, senders))
                .toList();
        List<Answer> answers = sent.stream().map(CompletableFuture::join).toList();
        assertThat(answers).as(what).extracting(Answer::status).containsOnly(200);
        assertThat(answers)
                .as(what)
                .extracting(Answer::body)
                .containsOnly(answers.get(0).body());
        String rows = server.rowCounts();
        assertThat(request.get()).as(what + " later").isEqualTo(answers.get(0));
        assertThat(server.rowCounts()).as(what).isEqualTo(rows);
    }

    private Supplier<Answer> put(String path, Object body) {
        String text = json.writeValueAsString(body);
        return () -> server.put(path, text);
    }

    private Supplier<Answer> post(String path, Object body) {
        String text = json.writeValueAsString(body);
        return () -> server.post(path, text);
    }

    @Test
    void whateverItIs() {
        UUID a = UUID.randomUUID();
        UUID b = UUID.randomUUID();
        tenTimesAlike("vehicle", post("/api/vehicles", Map.of("id", a, "name", "Van " + a, "description", "")));
        for (UUID id : List.of(a, b)) {
            tenTimesAlike(
                    "configuration",
                    post(
                            "/api/configurations",
                            Map.of("id", id, "vehicleId", vehicle, "name", "C" + id, "changed", List.of())));
        }
        tenTimesAlike(
                "in between",
                () -> server.send(
                        "POST",
                        "/api/configurations/%s/between/%s?factor=pads&id=%s".formatted(a, b, between(a)),
                        "{}"));
        tenTimesAlike(
                "account",
                put(
                        "/api/accounts/" + UUID.randomUUID(),
                        Map.of("name", "Twin " + UUID.randomUUID(), "role", "DRIVER")));
        UUID lane = UUID.randomUUID();
        tenTimesAlike("lane", put("/api/lanes", Map.of("id", lane, "version", 0, "lane", laneSpec(lane))));
        ObjectNode procedure = server.get("/api/procedures").get(0).deepCopy().asObject();
        procedure.put("id", UUID.randomUUID().toString()).put("builtIn", false);
        tenTimesAlike("procedure", put("/api/procedures", procedure));
        tenTimesAlike("ladder", put("/api/ladders", Map.of("id", UUID.randomUUID(), "ladder", ladder())));
        tenTimesAlike(
                "decision",
                post(
                        "/api/stops/" + stop + "/decisions",
                        Map.of("requestId", UUID.randomUUID(), "struckOut", true, "reason", "a gust")));
        double onset =
                server.get("/api/stops/" + stop).get("measured").get("onsetS").asDouble();
        tenTimesAlike(
                "edges",
                post(
                        "/api/stops/" + stop + "/edges",
                        Map.of("requestId", UUID.randomUUID(), "onsetS", onset + 0.02, "why", "the trace")));
    }

    @Test
    void aBundleWithSomethingNewAddsItOnce() {
        ObjectNode bundle = server.get("/api/bundle").deepCopy().asObject();
        ObjectNode car = bundle.get("vehicles").get(0).deepCopy().asObject();
        String id = UUID.randomUUID().toString();
        car.put("id", id).put("name", "Brought " + id);
        bundle.putArray("vehicles").add(car);
        bundle.putArray("configurations");
        bundle.putArray("procedures");
        Supplier<Answer> request = post("/api/bundle", bundle);
        List<Answer> answers =
                IntStream.range(0, AT_ONCE)
                        .mapToObj(i -> CompletableFuture.supplyAsync(request, senders))
                        .toList()
                        .stream()
                        .map(CompletableFuture::join)
                        .toList();
        assertThat(answers).extracting(Answer::status).containsOnly(200);
        assertThat(server.get("/api/vehicles"))
                .filteredOn(v -> v.get("name").asString().equals("Brought " + id))
                .hasSize(1);
    }

    /** Made from the first, so that all ten say the same. */
    private static UUID between(UUID a) {
        return new UUID(a.getMostSignificantBits(), 1);
    }

    @Test
    void aPlanAndWhatIsExpectedOfIt() {
        UUID planned = UUID.randomUUID();
        Map<String, Object> own = new HashMap<>();
        ((Map<?, ?>) Journeys.saveToNewTest(planned, "x").get("newTest")).forEach((k, v) -> own.put((String) k, v));
        own.put("vehicleId", vehicle);
        tenTimesAlike("test", post("/api/tests", own));
        List<UUID> sides = List.of(UUID.randomUUID(), UUID.randomUUID());
        sides.forEach(c -> server.post(
                "/api/configurations", Map.of("id", c, "vehicleId", vehicle, "name", "C" + c, "changed", List.of())));
        String procedure = server.get("/api/procedures").get(0).get("id").asString();
        Map<String, Object> plan = Journeys.plan(vehicle, sides, procedure, null);
        tenTimesAlike("plan", put("/api/tests/" + planned + "/plan", plan));
        tenTimesAlike(
                "expectation", put("/api/tests/" + planned + "/expectation", Map.of("expectation", "2 m shorter")));
        plan.put("stopsEach", 5);
        Answer onTheSecond =
                put("/api/tests/" + planned + "/plan?version=1", plan).get();
        assertThat(onTheSecond.status())
                .as("somebody has sealed an expectation since")
                .isEqualTo(409);
        int now = server.get("/api/tests/" + planned + "/plan").get("version").asInt();
        assertThat(put("/api/tests/" + planned + "/plan?version=" + now, plan)
                        .get()
                        .status())
                .isEqualTo(200);
        plan.put("stopsEach", 6);
        Answer late =
                put("/api/tests/" + planned + "/plan?version=" + now, plan).get();
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().get("detail").asString()).contains("Somebody else has changed this plan");
        assertThat(server.get("/api/tests/" + planned + "/plan")
                        .get("plan")
                        .get("stopsEach")
                        .asInt())
                .isEqualTo(5);
    }

    @Test
    void twoThatDifferAreToldApart() {
        UUID ladder = UUID.randomUUID();
        Map<String, Object> other = new HashMap<>(ladder());
        other.put("name", "Another");
        List<Answer> both = List.of(
                        put("/api/ladders", Map.of("id", ladder, "ladder", ladder())),
                        put("/api/ladders", Map.of("id", ladder, "ladder", other)))
                .stream()
                .map(r -> CompletableFuture.supplyAsync(r, senders))
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .toList();
        assertThat(both).extracting(Answer::status).containsExactlyInAnyOrder(200, 409);
    }

    private static Map<String, Object> ladder() {
        return Map.of("name", "Paints", "thresholds", List.of(Journeys.q(427, "CELSIUS"), Journeys.q(560, "CELSIUS")));
    }

    private static Map<String, Object> laneSpec(UUID id) {
        return Map.of(
                "site",
                "Marrow Flats airfield",
                "lane",
                "Marrow Flats " + id,
                "length",
                Journeys.q(400, "METRES"),
                "runOff",
                Journeys.q(90, "METRES"),
                "grade",
                Journeys.q(0.1, "PERCENT"),
                "surface",
                "concrete",
                "bothWays",
                true,
                "controlledBy",
                "Marshal");
    }
}
