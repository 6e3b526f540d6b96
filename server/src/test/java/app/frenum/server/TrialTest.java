package app.frenum.server;

import static app.frenum.server.Journeys.q;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Trials without stops: the guess stands before anybody tells what came. */
class TrialTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final UUID vehicle = UUID.randomUUID();
    private final UUID configuration = UUID.randomUUID();
    private UUID test;

    @BeforeEach
    void aTestOfAVehicle() {
        Journeys.vehicle(server, vehicle, configuration);
        test = Journeys.test(server, vehicle, "Does it last the session?");
    }

    private RunningServer.Answer begin(UUID id, String guess) {
        return server.put(
                "/api/tests/%s/trials/%s".formatted(test, id),
                json.writeValueAsString(
                        Map.of("configurationId", configuration, "kind", "ROLLER_TESTER", "guess", guess)));
    }

    private RunningServer.Answer tell(UUID id, Map<String, Object> wheels, List<String> locked) {
        Map<String, Object> result = new HashMap<>();
        result.put("figures", Map.of("MASS", q(1500, "KILOGRAMS")));
        result.put("wheels", wheels);
        result.put("locked", locked);
        result.put("method", null);
        result.put("pedal", null);
        result.put("seen", "<b>both</b> rear wheels wet");
        result.put("guess", "NO");
        return server.put("/api/trials/%s/result".formatted(id), json.writeValueAsString(result));
    }

    private JsonNode only() {
        JsonNode all = server.get("/api/tests/%s/trials".formatted(test));
        assertThat(all.size()).isEqualTo(1);
        return all.get(0);
    }

    @Test
    void theGuessIsWrittenOnceAndWhatCameIsToldAfterIt() {
        UUID id = UUID.randomUUID();
        assertThat(IntStream.range(0, 3)
                        .parallel()
                        .mapToObj(i -> begin(id, "front left weaker").status())
                        .toList())
                .containsOnly(200);
        assertThat(only().get("result").isNull()).isTrue();
        assertThat(begin(id, "front right weaker").status()).isEqualTo(409);

        Map<String, Object> forces = Map.of(
                "FRONT_LEFT", q(2700, "NEWTONS"),
                "FRONT_RIGHT", q(3000, "NEWTONS"),
                "REAR_LEFT", q(1500, "NEWTONS"),
                "REAR_RIGHT", q(1500, "NEWTONS"));
        assertThat(tell(id, forces, List.of("REAR_LEFT")).status()).isEqualTo(200);
        JsonNode told = only();
        assertThat(told.get("guess").asString()).isEqualTo("front left weaker");
        assertThat(told.get("result").get("seen").asString()).contains("<b>both</b>");
        JsonNode rollers = told.get("rollers");
        assertThat(rollers.get("frontImbalance").get("figure").get("value").asDouble())
                .isCloseTo(0.1, within(1e-9));
        assertThat(rollers.get("frontShare").get("bound").asString()).isEqualTo("AT_MOST");
        assertThat(rollers.get("efficiency").get("bound").asString()).isEqualTo("AT_LEAST");
    }

    @Test
    void whatCannotBeIsRefusedByItsPlaceAndNothingIsKeptOfIt() {
        UUID id = UUID.randomUUID();
        begin(id, "");
        RunningServer.Answer hot = tell(id, Map.of("FRONT_LEFT", q(300, "CELSIUS")), List.of());
        assertThat(hot.status()).isEqualTo(422);
        assertThat(hot.toString()).contains("wheels.FRONT_LEFT");
        assertThat(only().get("result").isNull()).isTrue();
        assertThat(tell(UUID.randomUUID(), Map.of(), List.of()).status()).isEqualTo(404);
        UUID strange = UUID.randomUUID();
        assertThat(server.put(
                                "/api/tests/%s/trials/%s".formatted(test, strange),
                                json.writeValueAsString(
                                        Map.of("configurationId", UUID.randomUUID(), "kind", "CIRCUIT", "guess", "")))
                        .toString())
                .contains("configurationId");
    }

    @Test
    void aPictureIsOfATrialToo() {
        UUID id = UUID.randomUUID();
        begin(id, "tufts stand still");
        String at = "/api/tests/%s/photos/%s?subjectId=".formatted(test, UUID.randomUUID());
        byte[] none = "no picture".getBytes(StandardCharsets.UTF_8);
        assertThat(server.put(at + id, none).status()).isEqualTo(422);
        assertThat(server.put(at + UUID.randomUUID(), none).status()).isEqualTo(404);
    }
}
