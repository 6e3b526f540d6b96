package app.frenum.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Door;
import app.frenum.server.Journeys;
import app.frenum.server.RunningServer;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Who changed what, when, at which screen; before and after. */
class HistoryTest {
    private final RunningServer server = RunningServer.shared();

    private JsonNode newest(String query) {
        return server.get("/api/changes?" + query).get(0);
    }

    @Test
    void everyChangeIsKeptWithWhatWasThereBefore() {
        UUID id = UUID.randomUUID();
        String vehicle = "{\"id\":\"%s\",\"name\":\"%s\",\"description\":\"\"}";
        server.post("/api/vehicles", vehicle.formatted(id, "=HYPERLINK(1)"));
        JsonNode added = newest("what=Vehicle&who=" + Door.MARSHAL);
        assertThat(added.get("row").asString()).isEqualTo(id.toString());
        assertThat(added.get("kind").asString()).isEqualTo("ADDED");
        assertThat(added.get("who").asString()).isEqualTo(Door.MARSHAL);
        assertThat(added.get("screen").asString()).isEqualTo("A computer");
        server.put("/api/vehicles", vehicle.formatted(id, "Estate 2.0"));
        JsonNode changed = newest("what=Vehicle");
        assertThat(changed.get("kind").asString()).isEqualTo("CHANGED");
        assertThat(changed.get("before").get("name").asString()).isEqualTo("=HYPERLINK(1)");
        assertThat(changed.get("after").get("name").asString()).isEqualTo("Estate 2.0");
        assertThat(changed.get("after").has("updatedAt")).isFalse();
        assertThat(newest("what=Vehicle&before=" + changed.get("id").asLong()).get("id"))
                .isEqualTo(added.get("id"));
        String csv = new String(server.bytes("/api/changes/csv?what=Vehicle"), StandardCharsets.UTF_8);
        assertThat(csv).contains("'=HYPERLINK(1),Estate 2.0").doesNotContain(",=HYPERLINK");
    }

    @Test
    void whatIsOfATestIsFoundByItAndWhatWasRefusedLeavesNothing() {
        UUID vehicle = UUID.randomUUID();
        Journeys.vehicle(server, vehicle, UUID.randomUUID());
        UUID test = Journeys.test(server, vehicle, "Which stops shorter?");
        JsonNode all = server.get("/api/changes?test=" + test);
        assertThat(all).hasSize(1);
        assertThat(all.get(0).get("what").asString()).isEqualTo("BrakeTest");
        long newest = newest("").get("id").asLong();
        assertThat(server.post("/api/vehicles", "{\"id\":\"%s\",\"name\":\"\"}".formatted(UUID.randomUUID()))
                        .status())
                .isEqualTo(422);
        assertThat(newest("").get("id").asLong()).isEqualTo(newest);
    }

    @Test
    void whatIsOfAStopIsOfItsTest() {
        UUID test = UUID.randomUUID();
        UUID file = UUID.randomUUID();
        server.uploadOnly(file, Journeys.AS_BOUGHT);
        server.post("/api/imports/" + file + "/save", Journeys.saveToNewTest(test, "As bought"));
        String stop =
                server.get("/api/tests/" + test).get("stops").get(0).get("id").asString();
        server.post(
                "/api/stops/" + stop + "/decisions",
                "{\"requestId\":\"%s\",\"struckOut\":true,\"reason\":\"a gust\"}".formatted(UUID.randomUUID()));
        JsonNode struckOut = newest("test=" + test);
        assertThat(struckOut.get("what").asString()).isEqualTo("StrikeOut");
        assertThat(struckOut.get("after").get("reason").asString()).isEqualTo("a gust");
        assertThat(server.get("/api/changes?what=Stop&test=" + test)).hasSize(9);
        assertThat(newest("what=Recording").get("after").propertyNames())
                .as("nothing of it that is only worked out")
                .containsExactlyInAnyOrder("fileName", "sha256", "bytes", "live", "channels");
    }

    @Test
    void noSecretIsInIt() {
        String name = "Driver " + UUID.randomUUID();
        server.door().add(name, "DRIVER");
        JsonNode added = newest("what=Account");
        assertThat(added.get("after").get("name").asString()).isEqualTo(name);
        assertThat(added.toString()).contains("(a new one, not shown)").doesNotContain("argon2");
    }
}
