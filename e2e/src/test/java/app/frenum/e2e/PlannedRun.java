package app.frenum.e2e;

import static app.frenum.server.Journeys.q;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Door;
import app.frenum.server.Journeys;
import app.frenum.server.RunningServer;
import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Tests that are planned and could be run at once, made through the interface that the pages use. */
public final class PlannedRun {
    private static final UUID DEMO_CAR = UUID.nameUUIDFromBytes(new byte[] {1});
    private static final List<UUID> DEMO_SIDES = List.of(named("as bought"), named("pads and fluid"));

    private final Api api;

    private PlannedRun(Api api) {
        this.api = api;
    }

    /** Sends a request to the server and gives the body of its answer, which must be a good one. */
    public interface Api {
        JsonNode send(String method, String path, Object body);
    }

    /** Through a page's own connection. */
    static PlannedRun through(APIRequestContext request, String url) {
        JsonMapper json = new JsonMapper();
        return new PlannedRun((method, path, body) -> {
            APIResponse answer = request.fetch(
                    url + "/api" + path,
                    RequestOptions.create()
                            .setMethod(method)
                            .setHeader(Door.TOKEN_HEADER, Door.marshal(url).cookie(Door.TOKEN))
                            .setData(body));
            assertThat(answer.status()).as(path + ": " + answer.text()).isEqualTo(200);
            return json.readTree(answer.text());
        });
    }

    /** Straight to a server in this process. */
    public static PlannedRun through(RunningServer server) {
        JsonMapper json = new JsonMapper();
        return new PlannedRun((method, path, body) -> switch (method) {
            case "GET" -> server.get("/api" + path);
            case "POST" -> server.post("/api" + path, body).body();
            default ->
                server.put("/api" + path, body == null ? "" : json.writeValueAsString(body))
                        .body();
        });
    }

    /** Through a connection of the caller's own. */
    public static PlannedRun through(Api api) {
        return new PlannedRun(api);
    }

    private static UUID named(String name) {
        return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    }

    JsonNode send(String method, String path, Object body) {
        return api.send(method, path, body);
    }

    public JsonNode get(String path) {
        return api.send("GET", path, null);
    }

    /** A new car with two sets of parts, three stops of each, driven by hand. */
    public void threeStopsEach(UUID test) {
        UUID vehicle = UUID.randomUUID();
        List<UUID> sides = List.of(UUID.randomUUID(), UUID.randomUUID());
        send("POST", "/vehicles", Map.of("id", vehicle, "name", "Run estate " + test, "description", ""));
        for (int i = 0; i < 2; i++) {
            String name = i == 0 ? "Old pads" : "New pads";
            send(
                    "POST",
                    "/configurations",
                    Map.of("id", sides.get(i), "vehicleId", vehicle, "name", name, "changed", List.of()));
        }
        plan(test, vehicle, sides, "ONE_AFTER_ANOTHER", 3);
    }

    /** The demo's estate with its two sets of parts, whose switches and figures are known. */
    void ofTheDemoCar(UUID test, String order, int stopsEach) {
        plan(test, DEMO_CAR, DEMO_SIDES, order, stopsEach);
    }

    private void plan(UUID test, UUID vehicle, List<UUID> sides, String order, int stopsEach) {
        UUID procedure = UUID.randomUUID();
        send("PUT", "/procedures", Map.of("id", procedure, "builtIn", false, "version", 0, "procedure", threeStops()));
        send(
                "POST",
                "/tests",
                Map.of(
                        "id",
                        test,
                        "vehicleId",
                        vehicle,
                        "question",
                        "Do new pads stop it shorter?",
                        "lane",
                        "Marrow Flats",
                        "nominalSpeed",
                        Map.of("value", 90, "unit", "KILOMETRES_PER_HOUR"),
                        "basis",
                        "ONSET_TO_REST",
                        "marginSize",
                        1.0,
                        "marginOfBaseline",
                        false,
                        "drivenOn",
                        "2026-06-20"));
        Map<String, Object> plan = Journeys.plan(vehicle, sides, procedure, null);
        plan.put("stopsEach", stopsEach);
        plan.put("order", order);
        send("PUT", "/tests/" + test + "/plan", plan);
    }

    private static Map<String, Object> threeStops() {
        Map<String, Object> phase = Map.ofEntries(
                Map.entry("name", "stops"),
                Map.entry("kind", "STOP"),
                Map.entry("from", q(90, "KILOMETRES_PER_HOUR")),
                Map.entry("to", q(0, "KILOMETRES_PER_HOUR")),
                Map.entry("gear", "NEUTRAL"),
                Map.entry("load", "LADEN"),
                Map.entry("system", "WHOLE"),
                Map.entry("gate", Map.of("coldest", q(5, "CELSIUS"), "hottest", q(110, "CELSIUS"))),
                Map.entry("repeats", 3),
                Map.entry("mostExtra", 3),
                Map.entry("lockForbidden", false),
                Map.entry("provesBack", false),
                Map.entry("whose", "EVERY"));
        return Map.of(
                "name", "Three stops",
                "purpose", "",
                "phases", List.of(phase),
                "abortRules", List.of("PEDAL_TO_FLOOR", "FLUID_LOSS", "LANE_NOT_CLEAR", "REAR_LOCKS_FIRST", "CRACK"),
                "limits", List.of(),
                "cautions", List.of(),
                "runBy", "ANY_DRIVER",
                "bring", List.of());
    }

    /** Adds a logger; its pairing code. */
    public JsonNode logger() {
        return send("POST", "/devices", Map.of("id", UUID.randomUUID(), "name", "Logger", "kind", "LOGGER"));
    }

    /** Begins the run with a fast clock and one logger, and signs its safety gate. */
    public void begin(UUID test, double rate, String loggerId) {
        send("PUT", "/runs/" + test + "?rate=" + rate, null);
        send("PUT", "/runs/" + test + "/devices", List.of(loggerId));
        sign(test);
    }

    /** Begins the run without a logger, and signs its safety gate. */
    public void begin(UUID test) {
        send("PUT", "/runs/" + test, null);
        sign(test);
    }

    /** Drives one stop by hand; its id. */
    public String oneStop(UUID test) {
        says(test, Map.of("type", "discsRead", "celsius", Map.of("FRONT_LEFT", 60, "FRONT_RIGHT", 60)));
        says(test, Map.of("type", "laneCalled", "clear", true));
        says(test, Map.of("type", "started"));
        says(test, Map.of("type", "atRest"));
        return says(test, Map.of("type", "entered", "readings", HandDrive.readings(90, 44.1)))
                .get("stops")
                .get(0)
                .get("id")
                .asString();
    }

    private void sign(UUID test) {
        List<String> checks = get("/plans/form")
                .get("safety")
                .valueStream()
                .map(c -> c.get("check").asString())
                .toList();
        says(test, Map.of("type", "signed", "gate", Map.of("seen", checks)));
    }

    public JsonNode says(UUID test, Map<String, Object> what) {
        double now = get("/runs/" + test).get("nowS").asDouble();
        return send("POST", "/runs/" + test + "/events", Map.of("id", UUID.randomUUID(), "atS", now, "what", what));
    }
}
