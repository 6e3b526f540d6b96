package app.frenum.server;

import static app.frenum.server.Journeys.q;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.server.RunningServer.Answer;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What people put beside the figures stands there, and changes none. */
class RemarkTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final UUID vehicle = UUID.randomUUID();
    private final UUID configuration = UUID.randomUUID();
    private UUID test;

    @BeforeEach
    void aTestOfAVehicle() {
        Journeys.vehicle(server, vehicle, configuration);
        test = Journeys.test(server, vehicle, "Which stops shorter?");
    }

    private Answer mark(UUID of, UUID id, String label, double metres) {
        return server.put(
                "/api/tests/%s/marks/%s".formatted(of, id),
                json.writeValueAsString(Map.of(
                        "label",
                        label,
                        "source",
                        "the club's rules",
                        "distance",
                        q(metres, "METRES"),
                        "speed",
                        q(90, "KILOMETRES_PER_HOUR"))));
    }

    private JsonNode marks(double speed) {
        return server.get("/api/tests/%s/marks?speed=%s".formatted(test, speed));
    }

    @Test
    void aMarkIsScaledBySquareLawAndGoesWhenTakenOut() {
        UUID id = UUID.randomUUID();
        assertThat(mark(test, id, "Limit", 36).status()).isEqualTo(200);
        assertThat(mark(test, id, "Limit", 36).status()).as("sent again").isEqualTo(200);
        JsonNode one = marks(50);
        assertThat(one).hasSize(1);
        assertThat(one.get(0).get("metres").asDouble()).isCloseTo(144, within(1e-9));
        assertThat(one.get(0).get("told").toString()).contains("square law");
        assertThat(mark(Journeys.test(server, vehicle, "Another?"), id, "Limit", 36)
                        .status())
                .as("of another test")
                .isEqualTo(409);
        Answer nonsense = mark(test, UUID.randomUUID(), " ", 0);
        assertThat(nonsense.status()).isEqualTo(422);
        assertThat(nonsense.body().toString()).contains("Name it in 1 to 60").contains("distance");
        assertThat(server.delete("/api/marks/" + id).status()).isEqualTo(200);
        assertThat(marks(25)).isEmpty();
        assertThat(server.tryGet("/api/tests/%s/marks?speed=0".formatted(test)).status())
                .isEqualTo(422);
    }

    @Test
    void aTradeOffIsOfAConfigurationOfThisVehicle() {
        String path = "/api/tests/%s/trade-offs/".formatted(test);
        Map<String, Object> note =
                new HashMap<>(Map.of("about", "DUST", "speaks", "AGAINST", "note", "black wheels after one lap"));
        UUID id = UUID.randomUUID();
        assertThat(server.put(
                                path + id,
                                json.writeValueAsString(Map.of("configurationId", configuration, "tradeOff", note)))
                        .status())
                .isEqualTo(200);
        assertThat(server.get("/api/tests/%s/trade-offs".formatted(test))
                        .get(0)
                        .get("tradeOff")
                        .get("note")
                        .asString())
                .isEqualTo("black wheels after one lap");
        Answer strange = server.put(
                path + UUID.randomUUID(),
                json.writeValueAsString(Map.of("configurationId", UUID.randomUUID(), "tradeOff", note)));
        assertThat(strange.status()).isEqualTo(422);
        note.put("note", "x".repeat(201));
        assertThat(server.put(
                                path + UUID.randomUUID(),
                                json.writeValueAsString(Map.of("configurationId", configuration, "tradeOff", note)))
                        .status())
                .isEqualTo(422);
        assertThat(server.delete("/api/trade-offs/" + id).status()).isEqualTo(200);
        assertThat(server.get("/api/tests/%s/trade-offs".formatted(test))).isEmpty();
    }
}
