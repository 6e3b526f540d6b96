package app.frenum.e2e;

import static app.frenum.server.Journeys.q;

import app.frenum.server.Journeys;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Tests by the procedures of the library, prepared and driven through the interface that the pages use. */
final class Procedures {
    private final PlannedRun api;
    final UUID test = UUID.randomUUID();
    final UUID vehicle = UUID.randomUUID();
    private Map<String, Object> figures = Map.of();
    private final List<UUID> configurations = new ArrayList<>();
    /** The run's clock, s; behind that of the wall by as much as is wanted. */
    private double now = Instant.now().toEpochMilli() / 1000.0;

    Procedures(PlannedRun api) {
        this.api = api;
    }

    Procedures ago(Duration before) {
        now = Instant.now().minus(before).toEpochMilli() / 1000.0;
        return this;
    }

    /** What is known of the vehicle. */
    Procedures with(Map<String, Object> known) {
        figures = known;
        return this;
    }

    /** A new vehicle of a kind with its configurations, and a test of them. */
    Procedures of(String kind, String question, List<Map<String, Object>> specs) {
        api.send(
                "POST",
                "/vehicles",
                Map.of("id", vehicle, "name", "Tarn 2.0 " + vehicle, "description", "", "spec", spec(kind)));
        for (int i = 0; i < specs.size(); i++) {
            UUID id = UUID.randomUUID();
            configurations.add(id);
            Map<String, Object> body = new HashMap<>(Map.of(
                    "id",
                    id,
                    "vehicleId",
                    vehicle,
                    "name",
                    "Side " + (i + 1) + " of " + question,
                    "changed",
                    List.of()));
            body.putAll(specs.get(i));
            api.send("POST", "/configurations", body);
        }
        api.send(
                "POST",
                "/tests",
                Map.of(
                        "id",
                        test,
                        "vehicleId",
                        vehicle,
                        "question",
                        question,
                        "lane",
                        "Marrow Flats",
                        "nominalSpeed",
                        Map.of("value", 80, "unit", "KILOMETRES_PER_HOUR"),
                        "basis",
                        "ONSET_TO_REST",
                        "marginSize",
                        1.0,
                        "marginOfBaseline",
                        false,
                        "drivenOn",
                        "2026-06-20"));
        return this;
    }

    private Map<String, Object> spec(String kind) {
        return Map.of(
                "kind",
                kind,
                "frontBrake",
                "DISC",
                "rearBrake",
                "DISC",
                "antiLock",
                true,
                "assist",
                true,
                "directionalDiscs",
                false,
                "figures",
                figures,
                "uncertainties",
                Map.of());
    }

    /** The library's procedure whose name begins so. */
    ObjectNode procedure(String name) {
        return api.get("/procedures")
                .valueStream()
                .filter(p -> p.get("procedure").get("name").asString().startsWith(name))
                .findFirst()
                .orElseThrow()
                .asObject();
    }

    /** A copy of it with limits of the crew's own; its id. */
    String limited(String name, List<Map<String, Object>> limits) {
        ObjectNode copy = procedure(name).deepCopy();
        String id = UUID.randomUUID().toString();
        copy.put("id", id);
        copy.put("builtIn", false);
        copy.put("version", 0);
        ObjectNode own = (ObjectNode) copy.get("procedure");
        own.put("name", own.get("name").asString() + ", by our code");
        own.putPOJO("limits", limits);
        api.send("PUT", "/procedures", new JsonMapper().convertValue(copy, Map.class));
        return id;
    }

    Procedures planned(String procedure, int stopsEach) {
        Map<String, Object> plan = Journeys.plan(vehicle, configurations, procedure, null);
        plan.put("speed", q(80, "KILOMETRES_PER_HOUR"));
        plan.put("stopsEach", stopsEach);
        plan.put("order", "ONE_AFTER_ANOTHER");
        api.send("PUT", "/tests/" + test + "/plan", plan);
        return this;
    }

    JsonNode begun() {
        api.send("PUT", "/runs/" + test, null);
        return signed();
    }

    JsonNode signed() {
        List<String> checks = api.get("/plans/form")
                .get("safety")
                .valueStream()
                .map(c -> c.get("check").asString())
                .toList();
        return says(1, Map.of("type", "signed", "gate", Map.of("seen", checks)));
    }

    /** Stops or snubs of the test as they are stored. */
    List<JsonNode> stored(String kind) {
        return api.get("/tests/" + test)
                .get("stops")
                .valueStream()
                .filter(s -> s.get("kind").asString().equals(kind))
                .toList();
    }

    JsonNode run() {
        return api.get("/runs/" + test);
    }

    JsonNode says(double laterS, Map<String, Object> what) {
        now += laterS;
        return api.send("POST", "/runs/" + test + "/events", Map.of("id", UUID.randomUUID(), "atS", now, "what", what));
    }

    JsonNode discs(double celsius) {
        return says(30, Map.of("type", "discsRead", "celsius", Map.of("FRONT_LEFT", celsius, "FRONT_RIGHT", celsius)));
    }

    /** One snub, spike or stop of the step that the run is in, whatever it asks for; metres for a stop. */
    JsonNode application(JsonNode run, double metres) {
        boolean snub = run.get("snub").asBoolean();
        String kind = run.get("current").get("phase").get("kind").asString();
        says(2, Map.of("type", "laneCalled", "clear", true));
        says(2, Map.of("type", "started"));
        JsonNode rest = says(12, Map.of("type", "atRest"));
        if (snub) {
            return rest;
        }
        Map<String, Object> readings = HandDrive.readings(run.get("fromMps").asDouble() * 3.6, metres);
        readings.put("peaks", Map.of());
        if (kind.equals("SPIKE")) {
            readings.put("distances", List.of());
        }
        says(5, Map.of("type", "entered", "readings", readings));
        return says(1, Map.of("type", "decided", "validity", "VALID", "reason", "as it is"));
    }
}
