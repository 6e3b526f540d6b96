package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer.Answer;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class BundleTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final UUID vehicle = UUID.randomUUID();
    private final UUID procedure = UUID.randomUUID();

    @BeforeEach
    void aVehicleAConfigurationAndAProcedureOfOnesOwn() {
        server.post("/api/vehicles", Map.of("id", vehicle, "name", "Carried " + vehicle, "description", ""));
        server.post(
                "/api/configurations",
                Map.of("id", UUID.randomUUID(), "vehicleId", vehicle, "name", "Pads", "changed", List.of("pads")));
        ObjectNode copy = (ObjectNode) server.get("/api/procedures").get(0).deepCopy();
        copy.put("id", procedure.toString()).put("builtIn", false).put("version", 0);
        assertThat(server.put("/api/procedures", copy.toString()).status()).isEqualTo(200);
    }

    /** The whole bundle, cut down to what this test made. */
    private ObjectNode own() {
        ObjectNode bundle = (ObjectNode) server.get("/api/bundle");
        keep(bundle, "vehicles", "id", vehicle);
        keep(bundle, "configurations", "vehicleId", vehicle);
        keep(bundle, "procedures", "id", procedure);
        return bundle;
    }

    private void keep(ObjectNode bundle, String list, String key, UUID value) {
        ArrayNode kept = json.createArrayNode();
        bundle.get(list).forEach(e -> {
            if (e.get(key).asString().equals(value.toString())) {
                kept.add(e);
            }
        });
        assertThat(kept.size()).isEqualTo(1);
        bundle.set(list, kept);
    }

    @Test
    void whatIsHereAlreadyAndTheSameIsLeftAlone() {
        Answer answer = server.post("/api/bundle", own().toString());
        assertThat(answer.status()).as(answer.toString()).isEqualTo(200);
        assertThat(answer.body().get("added").size()).isZero();
        assertThat(answer.body().get("alreadyHere").size()).isEqualTo(3);
    }

    @Test
    void whatComesFromElsewhereIsAddedOnceAndComesOutAgainTheSame() {
        String elsewhere = own().toString()
                .replace(vehicle.toString(), UUID.randomUUID().toString())
                .replace(procedure.toString(), UUID.randomUUID().toString());
        ObjectNode bundle = (ObjectNode) json.readTree(elsewhere);
        ((ObjectNode) bundle.get("configurations").get(0))
                .put("id", UUID.randomUUID().toString());
        assertThat(server.post("/api/bundle", bundle.toString())
                        .body()
                        .get("added")
                        .size())
                .isEqualTo(3);
        assertThat(server.post("/api/bundle", bundle.toString())
                        .body()
                        .get("alreadyHere")
                        .size())
                .isEqualTo(3);
        JsonNode all = server.get("/api/bundle");
        for (String list : List.of("vehicles", "configurations", "procedures")) {
            assertThat(all.get(list)).contains(bundle.get(list).get(0));
        }
    }

    @Test
    void whatDiffersIsRefusedAsAWholeOrTakenAsACopy() {
        ObjectNode bundle = own();
        ((ObjectNode) bundle.get("vehicles").get(0)).put("description", "repainted");
        ((ObjectNode) bundle.get("configurations").get(0))
                .put("id", UUID.randomUUID().toString())
                .put("name", "New");
        String before = server.rowCounts();
        Answer refused = server.post("/api/bundle", bundle.toString());
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString())
                .contains("Carried " + vehicle)
                .contains("as copies");
        assertThat(server.rowCounts()).isEqualTo(before);
        assertThat(server.post("/api/bundle?asCopies=true", bundle.toString())
                        .body()
                        .get("added"))
                .extracting(JsonNode::asString)
                .contains("Carried " + vehicle + ", copy");
        assertThat(server.post("/api/bundle?asCopies=true", bundle.toString())
                        .body()
                        .get("added")
                        .size())
                .isZero();
    }

    @Test
    void nonsenseIsNamedByItsPlaceAndNothingIsStored() {
        ObjectNode bundle = own();
        ((ObjectNode) bundle.get("vehicles").get(0)).put("id", UUID.randomUUID().toString());
        ((ObjectNode) bundle.get("procedures")
                        .get(0)
                        .get("procedure")
                        .get("phases")
                        .get(0))
                .put("repeats", -4);
        String before = server.rowCounts();
        Answer refused = server.post("/api/bundle", bundle.toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("fields").propertyNames())
                .contains("procedures.0.procedure.phases.0.repeats", "configurations.0.vehicleId");
        assertThat(server.rowCounts()).isEqualTo(before);
        assertThat(server.post("/api/bundle", "{ \"format\": ").status()).isEqualTo(422);
        assertThat(server.get("/api/bundle/schema").get("title").asString()).isEqualTo("Frenum bundle");
    }
}
