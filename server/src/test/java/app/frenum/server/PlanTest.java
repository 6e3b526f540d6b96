package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.server.RunningServer.Answer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class PlanTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final UUID test = UUID.randomUUID();
    private String vehicle;
    private final List<String> configurations = new ArrayList<>();

    @BeforeEach
    void aTestWithTwoConfigurationsOfWhichOneWasDriven() {
        UUID upload = UUID.randomUUID();
        server.upload(upload, Journeys.AS_BOUGHT, "");
        server.post("/api/imports/" + upload + "/save", Journeys.saveToNewTest(test, "As bought"));
        vehicle = server.get("/api/tests/" + test).get("vehicle").get("id").asString();
        server.post(
                "/api/configurations",
                Map.of("id", UUID.randomUUID(), "vehicleId", vehicle, "name", "Pads", "changed", List.of()));
        server.get("/api/vehicles/" + vehicle + "/configurations")
                .forEach(c -> configurations.add(c.get("id").asString()));
    }

    private static Map<String, Object> q(double entered, String unit) {
        return Map.of("entered", entered, "unit", unit);
    }

    private String lane(double lengthM) {
        UUID id = UUID.randomUUID();
        Answer answer = server.put(
                "/api/lanes",
                json.writeValueAsString(Map.of(
                        "id",
                        id,
                        "version",
                        0,
                        "lane",
                        Map.of(
                                "site",
                                "Marrow Flats airfield",
                                "lane",
                                "Marrow Flats",
                                "length",
                                q(lengthM, "METRES"),
                                "runOff",
                                q(90, "METRES"),
                                "grade",
                                q(0.1, "PERCENT"),
                                "surface",
                                "concrete",
                                "bothWays",
                                true,
                                "controlledBy",
                                "Marshal"))));
        assertThat(answer.status()).isEqualTo(200);
        return id.toString();
    }

    private Map<String, Object> plan(String laneId) {
        Map<String, Object> plan = new HashMap<>();
        plan.put("vehicleId", vehicle);
        plan.put("load", "LADEN");
        plan.put("configurationIds", configurations);
        plan.put("procedureId", server.get("/api/procedures").get(0).get("id").asString());
        plan.put("laneId", laneId);
        plan.put("speed", q(90, "KILOMETRES_PER_HOUR"));
        plan.put("margin", q(1, "METRES"));
        plan.put("stopsEach", 8);
        plan.put("order", "A_B_A");
        plan.put("seed", 7);
        plan.put("slot", q(4, "HOURS"));
        plan.put("ambient", q(15, "CELSIUS"));
        plan.put("fitting", q(60, "MINUTES"));
        plan.put("turnRound", q(60, "SECONDS"));
        plan.put("expectedStop", null);
        plan.put("limit", null);
        plan.put("beddedBefore", true);
        return plan;
    }

    @Test
    void theSpreadIsLearntFromTheStopsAlreadyMade() {
        JsonNode forecast = server.post("/api/plans/forecast", plan(null)).body();
        JsonNode side =
                server.get("/api/tests/" + test + "/comparison").get("sides").get(0);
        assertThat(forecast.get("forecast").get("stopsNeeded").get("source").asString())
                .isEqualTo("OWN_SERIES");
        assertThat(forecast.get("forecast").get("stopsNeeded").get("sdM").asDouble())
                .isEqualTo(side.get("sd").get("value").asDouble());
        assertThat(forecast.get("forecast").get("expectedStopM").asDouble())
                .isCloseTo(side.get("mean").get("value").asDouble(), within(1e-9));
        assertThat(forecast.get("forecast").get("assumptions").toString()).contains("2.5 m/s²");
        assertThat(forecast.get("hottestC").get("reason").asString()).contains("masses");
    }

    @Test
    void aShortLaneIsNoGoByTheMissingMetresAndALongerOneGo() {
        double missing = server.post("/api/plans/forecast", plan(lane(200)))
                .body()
                .get("forecast")
                .get("missingM")
                .get("value")
                .asDouble();
        assertThat(missing).isGreaterThan(10);
        JsonNode cured = server.post("/api/plans/forecast", plan(lane(200 + missing + 0.1)))
                .body();
        assertThat(cured.get("forecast").get("missingM").get("value").asDouble())
                .isZero();
    }

    @Test
    void aPlanIsKeptAndItsExpectationSealedOnce() {
        Map<String, Object> plan = plan(lane(400));
        String path = "/api/tests/" + test;
        assertThat(server.put(path + "/expectation", "{\"expectation\":\"B 2 m shorter\",\"by\":\"Marshal\"}")
                        .status())
                .isEqualTo(422);
        JsonNode saved =
                server.put(path + "/plan", json.writeValueAsString(plan)).body();
        assertThat(server.get(path + "/plan")).isEqualTo(saved);
        assertThat(saved.get("plan").get("stopsEach").asInt()).isEqualTo(8);
        String sealed = "{\"expectation\":\"B 2 m shorter\",\"by\":\"Marshal\"}";
        JsonNode first = server.put(path + "/expectation", sealed).body();
        assertThat(server.put(path + "/expectation", sealed).body()).isEqualTo(first);
        assertThat(server.put(path + "/expectation", sealed.replace("2 m", "9 m"))
                        .status())
                .isEqualTo(409);
        assertThat(server.get(path + "/plan").get("expectation").asString()).isEqualTo("B 2 m shorter");
    }

    @Test
    void nonsenseInAPlanIsNamedByField() {
        Map<String, Object> plan = plan(null);
        plan.put("margin", q(-1, "METRES"));
        plan.put("speed", q(90, "METRES"));
        plan.put("configurationIds", List.of(configurations.get(0), configurations.get(0)));
        Answer answer = server.post("/api/plans/forecast", plan);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("fields").propertyNames()).containsExactly("configurationIds", "margin", "speed");
    }

    @Test
    void everyBuiltInProcedureIsSoundAndCanBeCopiedButNotChanged() {
        JsonNode all = server.get("/api/procedures");
        assertThat(all.size()).isGreaterThanOrEqualTo(14);
        for (JsonNode builtIn : all) {
            if (!builtIn.get("builtIn").asBoolean()) {
                continue;
            }
            assertThat(server.put("/api/procedures", builtIn.toString()).status())
                    .isEqualTo(422);
            ObjectNode copy = ((ObjectNode) builtIn.deepCopy())
                    .put("id", UUID.randomUUID().toString());
            Answer saved = server.put("/api/procedures", copy.toString());
            assertThat(saved.status()).as(builtIn.toString()).isEqualTo(200);
            assertThat(saved.body().get("procedure")).isEqualTo(builtIn.get("procedure"));
        }
    }

    @Test
    void aContradictoryProcedureIsRefusedWhereItContradictsItself() {
        ObjectNode copy = (ObjectNode) server.get("/api/procedures").get(0).deepCopy();
        copy.put("id", UUID.randomUUID().toString());
        ArrayNode phases = (ArrayNode) copy.get("procedure").get("phases");
        ((ObjectNode) phases.get(1).get("gate")).set("hottest", json.valueToTree(q(10, "CELSIUS")));
        ((ObjectNode) phases.get(0)).set("to", json.valueToTree(q(120, "KILOMETRES_PER_HOUR")));
        Answer answer = server.put("/api/procedures", copy.toString());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("fields").propertyNames()).containsExactly("phases.0.to", "phases.1.gate.hottest");
    }
}
