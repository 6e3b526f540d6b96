package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever is sent to whichever route, Frenum says what is wrong with it, and none of it runs away. */
class MutatedBodiesTest {
    private static final int REQUESTS = 2000;
    private static final long SEED = 20260620;

    /** Far more than any request takes on the busiest machine, and far less than what runs away. */
    private static final double RUNAWAY_S = 20;

    private final RunningServer server = RunningServer.onAnEmptyDatabase();
    private final JsonMapper json = new JsonMapper();

    /** One request, so that it can be told and sent again. */
    private record Request(String method, String path, String body) {}

    @Test
    void noRequestIsAFaultOfFrenumsOwnAndNoneRunsAway() {
        Routes routes = new Routes(server.get("/api/openapi"), known());
        Mutations mutations = new Mutations(new Random(SEED));
        List<String> faults = new ArrayList<>();
        for (int i = 0; i < REQUESTS; i++) {
            Routes.Route route = routes.any(mutations.random());
            Request request =
                    new Request(route.method(), mutations.address(route.address()), mutations.body(route.body()));
            if (sent(request, faults) > RUNAWAY_S) {
                faults.add("runs away: " + request);
            }
        }
        assertThat(faults).isEmpty();
    }

    /** @return how long it took, s */
    private double sent(Request r, List<String> faults) {
        long began = System.nanoTime();
        Answer answer = server.send(r.method(), r.path(), r.body());
        String said = answer.body().toString();
        if (answer.status() >= 500 || said.contains("Exception") || said.contains("app.frenum")) {
            faults.add(answer.status() + " " + said + ": " + r);
        }
        return (System.nanoTime() - began) / 1e9;
    }

    /** Ids that stand for something here, by the first word of a path, and bodies that are right as they are. */
    private Routes.Known known() {
        UUID test = UUID.randomUUID();
        UUID file = UUID.randomUUID();
        server.uploadOnly(file, Journeys.AS_BOUGHT);
        server.post("/api/imports/" + file + "/save", Journeys.saveToNewTest(test, "As bought"));
        JsonNode stop = server.get("/api/tests/" + test).get("stops").get(0);
        UUID vehicle = UUID.fromString(
                server.get("/api/tests/" + test).get("test").get("vehicleId").asString());
        String a = configuration(vehicle, "A");
        String b = configuration(vehicle, "B");
        JsonNode procedure = server.get("/api/procedures").get(0);
        JsonNode plan = json.valueToTree(
                Journeys.plan(vehicle, List.of(a, b), procedure.get("id").asString(), null));
        UUID planned = UUID.randomUUID();
        server.post(
                "/api/tests", ((Map<?, ?>) Journeys.saveToNewTest(planned, "x").get("newTest")));
        JsonNode device = server.post(
                        "/api/devices", Map.of("id", UUID.randomUUID(), "name", "Gun", "kind", "THERMOMETER"))
                .body()
                .get("device");
        return new Routes.Known(
                Map.of(
                        "tests", test.toString(),
                        "runs", test.toString(),
                        "stops", stop.get("id").asString(),
                        "recordings", stop.get("recordingId").asString(),
                        "vehicles", vehicle.toString(),
                        "configurations", a,
                        "imports", file.toString(),
                        "devices", device.get("id").asString(),
                        "between", b),
                Map.of(
                        "PlanRequest", plan,
                        "VehicleView", server.get("/api/vehicles").get(0),
                        "ConfigurationView",
                                server.get("/api/vehicles/" + vehicle + "/configurations")
                                        .get(0),
                        "ProcedureView", procedure,
                        "DeviceView", device));
    }

    private String configuration(UUID vehicle, String name) {
        UUID id = UUID.randomUUID();
        server.post("/api/configurations", Map.of("id", id, "vehicleId", vehicle, "name", name, "changed", List.of()));
        return id.toString();
    }
}
