package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.formats.verdict.VerdictFile;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A verdict is signed with what it rests on, and later stops are held against it. */
class VerdictTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final UUID test = UUID.randomUUID();
    private String candidate;

    @BeforeEach
    void twoConfigurations() {
        bringIn(Journeys.saveToNewTest(test, "As bought"), Journeys.AS_BOUGHT);
        bringIn(Journeys.saveTo(test, "Other pads"), Journeys.PADS_AND_FLUID);
        candidate = comparison().get("candidateId").asString();
    }

    private void bringIn(Map<String, Object> save, Path file) {
        UUID upload = UUID.randomUUID();
        server.upload(upload, file, "");
        assertThat(server.post("/api/imports/" + upload + "/save", save).status())
                .isEqualTo(200);
    }

    private JsonNode comparison() {
        return server.get("/api/tests/%s/comparison".formatted(test))
                .get("comparisons")
                .get(0);
    }

    private RunningServer.Answer sign(UUID id, String of) {
        return sign(id, of, null);
    }

    private RunningServer.Answer sign(UUID id, String of, @Nullable String group) {
        Map<String, Object> request = new HashMap<>();
        request.put("group", group);
        request.put("baselineId", null);
        request.put("candidateId", of);
        request.put("includeStruckOut", false);
        return server.put("/api/tests/%s/verdicts/%s".formatted(test, id), json.writeValueAsString(request));
    }

    private JsonNode only() {
        JsonNode all = server.get("/api/tests/%s/verdicts".formatted(test));
        assertThat(all.size()).isEqualTo(1);
        return all.get(0);
    }

    @Test
    void aLaterStrikeOutShowsTheDifferenceAndTheFileStaysAsItWasSigned() throws Exception {
        UUID id = UUID.randomUUID();
        assertThat(IntStream.range(0, 3)
                        .parallel()
                        .mapToObj(i -> sign(id, candidate).status())
                        .toList())
                .containsOnly(200);
        assertThat(only().get("changed").asBoolean()).isFalse();
        byte[] file = server.bytes("/api/verdicts/%s/file".formatted(id));
        VerdictFile.Verified found = VerdictFile.read(new ByteArrayInputStream(file));
        assertThat(found.isUnaltered()).isTrue();
        assertThat(found.isReproduced()).isTrue();
        assertThat(found.verdict().signedBy()).isEqualTo(only().get("signedBy").asString());
        assertThat(found.verdict().signedAs().role()).isEqualTo("OWNER");
        JsonNode key = server.get("/api/signing-keys").get("keys").get(0);
        assertThat(found.key().orElseThrow().spelled())
                .isEqualTo(key.get("fingerprint").asString());
        assertThat(only().get("signature").get("own").asBoolean()).isTrue();

        String stop =
                server.get("/api/tests/" + test).get("stops").get(0).get("id").asString();
        server.post(
                "/api/stops/%s/decisions".formatted(stop),
                Map.of("requestId", UUID.randomUUID(), "struckOut", true, "reason", "gust of wind"));
        assertThat(only().get("changed").asBoolean()).isTrue();
        assertThat(only().get("stopsSince").asInt()).isEqualTo(-1);
        assertThat(server.bytes("/api/verdicts/%s/file".formatted(id))).isEqualTo(file);
    }

    @Test
    void aVerdictIsOfTheStopsItNamesAndStandsInTheBundle() {
        String group = server.get("/api/tests/%s/comparison".formatted(test))
                .get("group")
                .asString();
        assertThat(sign(UUID.randomUUID(), candidate, group).status()).isEqualTo(200);
        assertThat(only().get("group").asString()).isEqualTo(group);
        assertThat(only().get("changed").asBoolean()).isFalse();
        JsonNode bundled = server.get("/api/bundle").get("verdicts");
        byte[] file =
                server.bytes("/api/verdicts/%s/file".formatted(only().get("id").asString()));
        assertThat(bundled.valueStream().map(JsonNode::asString)).contains(new String(file, StandardCharsets.UTF_8));
    }

    @Test
    void everyWayToLookAtItIsCounted() {
        JsonNode ways = server.get("/api/tests/%s/alternatives?candidate=%s".formatted(test, candidate));
        assertThat(ways.size()).isGreaterThanOrEqualTo(6);
        assertThat(ways.get(0).get("same").asBoolean()).isTrue();
        sign(UUID.randomUUID(), candidate);
        assertThat(only().get("ways").asInt()).isEqualTo(ways.size());
    }

    @Test
    void whatIsNotBesideTheBaselineIsNotSigned() {
        assertThat(sign(UUID.randomUUID(), UUID.randomUUID().toString()).status())
                .isEqualTo(422);
        assertThat(server.get("/api/tests/%s/verdicts".formatted(test))).isEmpty();
        assertThat(server.tryGet("/api/verdicts/%s/file".formatted(UUID.randomUUID()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void theSameTwoOnAnotherDayAreTakenTogether() {
        JsonNode alone = server.get("/api/tests/%s/days?candidate=%s".formatted(test, candidate));
        assertThat(alone.get("days").size()).isEqualTo(1);
        assertThat(alone.get("sentences")).isEmpty();

        UUID later = UUID.randomUUID();
        Map<String, Object> same = new HashMap<>(Journeys.saveToNewTest(later, "As bought"));
        String vehicle =
                server.get("/api/tests/" + test).get("test").get("vehicleId").asString();
        Map<String, Object> asked = new HashMap<>();
        ((Map<?, ?>) same.get("newTest")).forEach((k, v) -> asked.put((String) k, v));
        asked.put("vehicleId", vehicle);
        asked.put("drivenOn", "2026-09-05");
        same.put("newTest", asked);
        same.remove("newVehicle");
        bringIn(same, Journeys.AS_BOUGHT);
        bringIn(Journeys.saveTo(later, "Other pads"), Journeys.PADS_AND_FLUID);
        JsonNode both = server.get("/api/tests/%s/days?candidate=%s".formatted(test, candidate));
        assertThat(both.get("days").size()).isEqualTo(2);
        assertThat(both.get("difference").get("value").asDouble())
                .isEqualTo(
                        both.get("days").get(0).get("difference").get("value").asDouble());
        assertThat(both.get("sentences").size()).isEqualTo(2);
    }

    @Test
    void factorsAreTakenOverEverythingThatWasDrivenAlike() {
        JsonNode factors = server.get("/api/tests/%s/factors".formatted(test));
        assertThat(factors.get("series").asInt()).isGreaterThanOrEqualTo(2);
        assertThat(factors.get("sentences")).isNotEmpty();
        assertThat(server.tryGet("/api/tests/%s/factors".formatted(UUID.randomUUID()))
                        .status())
                .isEqualTo(404);
    }
}
