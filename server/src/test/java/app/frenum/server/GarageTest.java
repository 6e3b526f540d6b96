package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.server.RunningServer.Answer;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class GarageTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final UUID vehicle = UUID.randomUUID();

    @BeforeEach
    void addAVehicle() {
        assertThat(server.post("/api/vehicles", Map.of("id", vehicle, "name", "Estate " + vehicle, "description", ""))
                        .status())
                .isEqualTo(200);
    }

    private static Map<String, Object> q(double entered, String unit) {
        return Map.of("entered", entered, "unit", unit);
    }

    private JsonNode vehicle() {
        for (JsonNode v : server.get("/api/vehicles")) {
            if (v.get("id").asString().equals(vehicle.toString())) {
                return v;
            }
        }
        throw new AssertionError("the vehicle is gone");
    }

    private ObjectNode vehicleWith(Map<String, Object> figures) {
        ObjectNode v = (ObjectNode) vehicle();
        ((ObjectNode) v.get("spec")).set("figures", json.valueToTree(figures));
        return v;
    }

    private static Map<String, Object> pads(String description) {
        return Map.of(
                "description",
                description,
                "condition",
                "NEW",
                "figures",
                Map.of(
                        "PAD_WINDOW_LOW",
                        q(60, "CELSIUS"),
                        "PAD_WINDOW_HIGH",
                        q(480, "CELSIUS"),
                        "MASS",
                        q(3.2, "POUNDS")));
    }

    private JsonNode configuration(UUID id, String name, Map<String, Object> parts) {
        Answer answer = server.post(
                "/api/configurations",
                Map.of(
                        "id",
                        id,
                        "vehicleId",
                        vehicle,
                        "name",
                        name,
                        "changed",
                        List.of(),
                        "spec",
                        Map.of("parts", parts, "switches", Map.of("ANTI_LOCK", true))));
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }

    @Test
    void whatIsTypedComesBackAsTypedAndInside() {
        server.put(
                "/api/vehicles",
                vehicleWith(Map.of("MASS_LADEN", q(3800, "POUNDS"))).toString());
        JsonNode mass = vehicle().get("spec").get("figures").get("MASS_LADEN");
        assertThat(mass.get("entered").asDouble()).isEqualTo(3800);
        assertThat(mass.get("unit").asString()).isEqualTo("POUNDS");
        assertThat(mass.get("inside").asDouble()).isEqualTo(3800 * 0.45359237);
    }

    @Test
    void nonsenseNamesEveryFieldAndStoresNothing() {
        JsonNode before = vehicle();
        Answer answer = server.put(
                "/api/vehicles",
                vehicleWith(Map.of("MASS_LIGHT", q(-1, "KILOGRAMS"), "FRONT_SHARE_LIGHT", q(130, "PERCENT")))
                        .toString());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("fields").propertyNames())
                .containsExactly("figures.FRONT_SHARE_LIGHT", "figures.MASS_LIGHT");
        assertThat(vehicle()).isEqualTo(before);
    }

    @Test
    void theSecondOfTwoWhoChangeTheSameIsTold() {
        String mine = vehicleWith(Map.of("WHEELBASE", q(2.6, "METRES"))).toString();
        assertThat(server.put("/api/vehicles", mine).status()).isEqualTo(200);
        JsonNode kept = vehicle();
        assertThat(server.put("/api/vehicles", mine)).as("the same again").isEqualTo(new Answer(200, kept));
        String theirs = mine.replace("2.6", "2.7");
        assertThat(server.put("/api/vehicles", theirs).status()).isEqualTo(409);
        assertThat(vehicle()).isEqualTo(kept);
    }

    @Test
    void aConfigurationComesBackAsItWasSaved() {
        UUID id = UUID.randomUUID();
        JsonNode saved = configuration(id, "Pads", Map.of("PADS_FRONT", pads("semi-metallic")));
        JsonNode read =
                server.get("/api/vehicles/" + vehicle + "/configurations").get(0);
        assertThat(read).isEqualTo(saved);
        assertThat(read.get("spec")
                        .get("parts")
                        .get("PADS_FRONT")
                        .get("figures")
                        .get("MASS")
                        .get("entered")
                        .asDouble())
                .isEqualTo(3.2);
        assertThat(read.get("driven").asBoolean()).isFalse();
    }

    @Test
    void onceDrivenAChangeMakesTheNextEditionAndARepeatedSendNothing() {
        UUID test = UUID.randomUUID();
        UUID upload = UUID.randomUUID();
        server.upload(upload, Journeys.AS_BOUGHT, "");
        server.post("/api/imports/" + upload + "/save", Journeys.saveToNewTest(test, "As bought"));
        JsonNode detail = server.get("/api/tests/" + test);
        String owner = detail.get("vehicle").get("id").asString();
        ObjectNode driven = (ObjectNode)
                server.get("/api/vehicles/" + owner + "/configurations").get(0);
        assertThat(driven.get("driven").asBoolean()).isTrue();
        ((ObjectNode) driven.get("spec").get("switches")).put("COOLING_SPRAY", true);
        UUID next = UUID.randomUUID();
        Answer first = server.put("/api/configurations?nextId=" + next, driven.toString());
        Answer again = server.put("/api/configurations?nextId=" + next, driven.toString());
        assertThat(first.body()).isEqualTo(again.body());
        assertThat(first.body().get("edition").asInt()).isEqualTo(2);
        assertThat(first.body().get("replacesId").asString())
                .isEqualTo(driven.get("id").asString());
        JsonNode all = server.get("/api/vehicles/" + owner + "/configurations");
        assertThat(all.size()).isEqualTo(2);
        assertThat(all.get(0).get("spec").get("switches").has("COOLING_SPRAY")).isFalse();
    }

    @Test
    void twoChangesAreTakenApart() {
        UUID a = UUID.randomUUID();
        UUID b = UUID.randomUUID();
        configuration(a, "Old", Map.of("PADS_FRONT", pads("organic")));
        configuration(
                b,
                "New",
                Map.of(
                        "PADS_FRONT",
                        pads("semi-metallic"),
                        "FLUID",
                        Map.of("description", "fresh", "condition", "NEW", "figures", Map.of())));
        JsonNode difference = server.get("/api/configurations/" + a + "/difference/" + b);
        assertThat(difference.get("factors").size()).isEqualTo(2);
        assertThat(difference.get("warning").asString()).startsWith("Pads and fluid change together");
        JsonNode between = server.post(
                        "/api/configurations/" + a + "/between/" + b + "?factor=pads&id=" + UUID.randomUUID(), "null")
                .body();
        assertThat(server.get("/api/configurations/" + a + "/difference/"
                                + between.get("id").asString())
                        .get("factors")
                        .get(0)
                        .asString())
                .isEqualTo("pads");
    }

    @Test
    void aPartIsWeighedByDifferenceAndItsPlusMinusIsKept() {
        Map<String, Object> scale =
                Map.of("with", q(81.3, "KILOGRAMS"), "without", q(74, "KILOGRAMS"), "step", q(0.1, "KILOGRAMS"));
        JsonNode weighed = server.post("/api/garage/weighing", scale).body();
        assertThat(weighed.get("mass").get("entered").asDouble()).isEqualTo(7.3);
        assertThat(weighed.get("uncertainty").get("entered").asDouble()).isEqualTo(0.04082);
        ObjectNode v = vehicleWith(Map.of("FRONT_DISC_MASS", weighed.get("mass")));
        ((ObjectNode) v.get("spec"))
                .set("uncertainties", json.valueToTree(Map.of("FRONT_DISC_MASS", weighed.get("uncertainty"))));
        assertThat(server.put("/api/vehicles", v.toString()).status()).isEqualTo(200);
        assertThat(vehicle()
                        .get("spec")
                        .get("uncertainties")
                        .get("FRONT_DISC_MASS")
                        .get("inside")
                        .asDouble())
                .isEqualTo(0.04082);
        Answer upsideDown = server.post(
                "/api/garage/weighing",
                Map.of("with", q(1, "POUNDS"), "without", q(2, "POUNDS"), "step", q(0.1, "POUNDS")));
        assertThat(upsideDown.status()).isEqualTo(422);
        assertThat(upsideDown.body().get("fields").propertyNames()).containsExactly("with");
    }

    @Test
    void theOutlookSaysWhatIsMissingAndThenWhatLocksFirst() {
        JsonNode unknown = server.get("/api/vehicles/" + vehicle + "/outlook");
        assertThat(unknown.get("idealReason").asString()).contains("front share of weight");
        assertThat(unknown.get("locking").size()).isZero();
        assertThat(unknown.get("rises").get(0).get("frontC").get("reason").asString())
                .contains("mass");
        ObjectNode v = vehicleWith(Map.ofEntries(
                Map.entry("MASS_LADEN", q(1600, "KILOGRAMS")),
                Map.entry("FRONT_SHARE_LADEN", q(55, "PERCENT")),
                Map.entry("WHEELBASE", q(2.7, "METRES")),
                Map.entry("CG_HEIGHT", q(0.55, "METRES")),
                Map.entry("FRONT_DISC_MASS", q(7, "KILOGRAMS")),
                Map.entry("FRONT_PISTON_AREA", q(25, "SQUARE_CENTIMETRES")),
                Map.entry("REAR_PISTON_AREA", q(10, "SQUARE_CENTIMETRES")),
                Map.entry("PAD_FRICTION_FRONT", q(0.4, "ONE")),
                Map.entry("PAD_FRICTION_REAR", q(0.4, "ONE")),
                Map.entry("FRONT_EFFECTIVE_RADIUS", q(110, "MILLIMETRES")),
                Map.entry("REAR_EFFECTIVE_RADIUS", q(110, "MILLIMETRES"))));
        assertThat(server.put("/api/vehicles", v.toString()).status()).isEqualTo(200);
        JsonNode known = server.get("/api/vehicles/" + vehicle + "/outlook");
        double share = 25.0 / 35;
        assertThat(known.get("brakeForceShare").get("value").asDouble()).isCloseTo(share, within(1e-12));
        // Front z = μ·φ_s/(φ − μh/L) at μ = 0.8.
        JsonNode firm = known.get("locking").get(3);
        assertThat(firm.get("first").asString()).isEqualTo("FRONT");
        assertThat(firm.get("decelerationMps2").asDouble())
                .isCloseTo(9.80665 * 0.8 * 0.55 / (share - 0.8 * 0.55 / 2.7), within(1e-9));
        // χ·½mv²/(m_disc·c) from 90 km/h.
        assertThat(known.get("rises").get(1).get("frontC").get("value").asDouble())
                .isCloseTo(share / 2 * 0.95 * 0.5 * 1600 * 625 / (7 * 500), within(1e-9));
    }
}
