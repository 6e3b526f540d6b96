package app.frenum.server;

import static app.frenum.server.Journeys.q;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Fade and heat of tests that came in as a log or as a sheet. */
class FadeHeatTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final UUID test = UUID.randomUUID();

    private void logged() {
        saved(Journeys.AS_BOUGHT, 9, Map.of("surface", "dry"));
    }

    private void saved(Path log, int stops, Map<String, Object> conditions) {
        UUID upload = UUID.randomUUID();
        server.upload(upload, log, "");
        Map<String, Object> save = new HashMap<>(Journeys.saveToNewTest(test, "As bought"));
        save.put("conditions", conditions);
        save.put("placements", Journeys.placed(stops, "As bought"));
        assertThat(server.post("/api/imports/" + upload + "/save", save).status())
                .isEqualTo(200);
    }

    @Test
    void aLoggedSeriesIsReadPerBarOfPressure() {
        logged();
        JsonNode side = server.get("/api/tests/" + test + "/fade").get("sides").get(0);
        assertThat(side.get("study").get("measure").asString()).isEqualTo("PER_BAR");
        assertThat(side.get("study").get("levels")).hasSize(9);
        assertThat(side.get("study").get("cause").get("cause").asString()).isEqualTo("NONE");
        assertThat(side.get("confidenceWords").asString()).contains("pedal travel were logged");
        assertThat(side.get("study").get("onset").get("accepted").asBoolean()).isFalse();
        JsonNode first = server.get("/api/tests/" + test + "/fade?reference=FIRST_STOP")
                .get("sides")
                .get(0)
                .get("study");
        assertThat(first.get("levels").get(0).get("level").get("value").asDouble())
                .isCloseTo(1, within(1e-12));
    }

    /** Also where the pedal was firm again at the end, and where there are too few stops to tell any fade. */
    @ParameterizedTest
    @CsvSource({"8, 7, long-soft", "8, 4, soft", "4, 2, to the floor"})
    void vapourInTheFluidStandsInTheListOfTests(int stops, int felt, String pedal, @TempDir Path folder)
            throws IOException {
        StringBuilder sheet = new StringBuilder("configuration,stop,distance [m],pedal feel\n");
        for (int stop = 1; stop <= stops; stop++) {
            sheet.append("Old fluid,%d,%.1f,%s%n".formatted(stop, 40 + 0.4 * stop, stop == felt ? pedal : "firm"));
        }
        upload(Files.writeString(folder.resolve("sheet.csv"), sheet));
        JsonNode fade = server.get("/api/tests/" + test + "/fade").get("sides").get(0);
        assertThat(fade.get("study").get("cause").get("cause").asString()).isEqualTo("FLUID");
        assertThat(listed().get("fluidShown").asString()).isEqualTo("Old fluid");
    }

    /** Six stops from 90 km/h that hold, and five from 50 among them that would read as a gain of four fifths. */
    @Test
    void stopsFromAnotherSpeedAreReadByThemselves(@TempDir Path folder) throws IOException {
        StringBuilder sheet = new StringBuilder("configuration,stop,nominal speed [km/h],entry speed [km/h],"
                + "distance [m],start temperature front left [°C],end temperature front left [°C]\n");
        for (int stop = 1; stop <= 11; stop++) {
            boolean slow = stop % 2 == 0;
            sheet.append("As bought,%d,%d,%s,%.1f,100,%d%n"
                    .formatted(stop, slow ? 50 : 90, slow ? 50 : 90, slow ? 12.5 : 40.5, slow ? 140 : 230));
        }
        sheet.append("As bought,12,90,60,18.0,100,160\n");
        upload(Files.writeString(folder.resolve("sheet.csv"), sheet));

        JsonNode fade = server.get("/api/tests/" + test + "/fade");
        JsonNode fast = fade.get("sides").get(0);
        assertThat(fade.get("nominalMps").asDouble()).isCloseTo(25, within(1e-9));
        assertThat(fast.get("study").get("levels")).hasSize(6);
        assertThat(fast.get("stopIds")).hasSize(6);
        assertThat(fast.get("atAnotherSpeed").asInt()).isEqualTo(1);
        JsonNode slow = fade.get("others").get(0);
        assertThat(slow.get("nominalMps").asDouble()).isCloseTo(50 / 3.6, within(1e-9));
        for (JsonNode side : List.of(fast, slow.get("sides").get(0))) {
            for (JsonNode level : side.get("study").get("levels")) {
                assertThat(level.get("level").get("value").asDouble()).isCloseTo(1, within(1e-9));
            }
        }

        JsonNode heat = server.get("/api/tests/" + test + "/heat");
        assertThat(heat.get("averaged").get("text").get("metric").asString())
                .isEqualTo("Means are over stops from 90 km/h; 6 others are drawn, but not averaged.");
        JsonNode side = heat.get("sides").get(0);
        assertThat(side.get("study").get("stops")).hasSize(12);
        assertThat(side.get("stopping").get("meanM").get("value").asDouble()).isCloseTo(40.5, within(1e-9));
        assertThat(side.get("study").get("corners").get("FRONT_LEFT").get("n").asInt())
                .isEqualTo(6);
    }

    private void upload(Path file) {
        UUID upload = UUID.randomUUID();
        server.upload(upload, file, "");
        assertThat(server.post("/api/imports/" + upload + "/save", Journeys.saveToNewTest(test, "unused"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aSoundPedalIsNotInTheListOfTests() {
        logged();
        assertThat(listed().get("fluidShown").isNull()).isTrue();
    }

    private JsonNode listed() {
        for (JsonNode row : server.get("/api/tests")) {
            if (row.get("test").get("id").asString().equals(test.toString())) {
                return row;
            }
        }
        throw new AssertionError("the test is not in the list");
    }

    @Test
    void judderNeedsTheTyresRadiusAndLimitsAreHeldAgainstTheWeakestStop() {
        logged();
        JsonNode none = server.get("/api/tests/" + test + "/judder");
        assertThat(none.get("sides")).isEmpty();
        assertThat(none.get("tyreRadiusM").get("reason").asString()).isNotEmpty();

        JsonNode detail = server.get("/api/tests/" + test);
        ObjectNode vehicle = (ObjectNode) detail.get("vehicle");
        ((ObjectNode) vehicle.get("spec").get("figures")).set("TYRE_RADIUS", json.valueToTree(q(0.31, "METRES")));
        assertThat(server.put("/api/vehicles", json.writeValueAsString(vehicle)).status())
                .isEqualTo(200);
        JsonNode stops =
                server.get("/api/tests/" + test + "/judder").get("sides").get(0).get("stops");
        assertThat(stops).hasSize(9);
        assertThat(stops.get(0)
                        .get("judder")
                        .get("deceleration")
                        .get(0)
                        .get("value")
                        .asDouble())
                .isBetween(0.0, 0.3);

        UUID vehicleId = UUID.fromString(vehicle.get("id").asString());
        UUID other = UUID.randomUUID();
        server.post(
                "/api/configurations",
                Map.of("id", other, "vehicleId", vehicleId, "name", "Other", "changed", List.of()));
        ObjectNode own = (ObjectNode) server.get("/api/procedures").get(0).get("procedure");
        own.put("name", "With limits " + test);
        own.set(
                "limits",
                json.valueToTree(List.of(Map.of(
                        "what",
                        "deceleration",
                        "atLeast",
                        true,
                        "value",
                        q(5, "METRES_PER_SECOND_SQUARED"),
                        "source",
                        "club"))));
        UUID procedure = UUID.randomUUID();
        server.put(
                "/api/procedures",
                json.writeValueAsString(Map.of("id", procedure, "builtIn", false, "version", 0, "procedure", own)));
        Map<String, Object> plan = Journeys.plan(
                vehicleId,
                List.of(
                        UUID.fromString(
                                detail.get("configurations").get(0).get("id").asString()),
                        other),
                procedure,
                null);
        RunningServer.Answer saved = server.put("/api/tests/" + test + "/plan", json.writeValueAsString(plan));
        assertThat(saved.status()).as(saved.toString()).isEqualTo(200);
        JsonNode limit = server.get("/api/tests/" + test + "/fade")
                .get("sides")
                .get(0)
                .get("limits")
                .get(0);
        assertThat(limit.get("n").asInt()).isEqualTo(9);
        assertThat(limit.get("verdict").asString()).isEqualTo("MET");
    }

    @Test
    void itsDiscsAreDrawnAndSharedAndWhatCannotBeSaidHasItsReason() {
        logged();
        JsonNode side = server.get("/api/tests/" + test + "/heat").get("sides").get(0);
        assertThat(side.get("traces").get(0).get("marks")).hasSize(9);
        assertThat(side.get("traces").get(0).get("discs").get("FRONT_LEFT").size())
                .isEqualTo(side.get("traces").get(0).get("t").size());
        assertThat(side.get("study")
                        .get("corners")
                        .get("FRONT_LEFT")
                        .get("hottestC")
                        .get("value")
                        .asDouble())
                .isBetween(110.0, 160.0);
        assertThat(side.get("study")
                        .get("share")
                        .get("measuredFront")
                        .get("reason")
                        .asString())
                .contains("masses are not known");
        assertThat(side.get("window").isNull()).isTrue();
        JsonNode cooling = side.get("cooling").get("FRONT_LEFT");
        // Nobody measured the air that day, so a cool-down of a minute and a half tells nothing.
        assertThat(cooling.get("n").asInt()).isZero();
        assertThat(cooling.get("tauS").get("reason").asString()).contains("the readings span");
    }

    @Test
    void aSheetIsReadByDistanceAndSaysThatThisIsWeak() {
        UUID upload = UUID.randomUUID();
        server.upload(upload, Journeys.SHEET, "");
        Map<String, Object> save = new HashMap<>(Journeys.saveToNewTest(test, "As bought"));
        save.put("placements", List.of());
        assertThat(server.post("/api/imports/" + upload + "/save", save).status())
                .isEqualTo(200);
        JsonNode fade = server.get("/api/tests/" + test + "/fade");
        JsonNode study = fade.get("sides").get(0).get("study");
        assertThat(study.get("measure").asString()).isEqualTo("BY_DISTANCE");
        assertThat(study.get("cause").get("confidence").asString()).isEqualTo("WEAK");
        assertThat(study.get("cause").get("evidence").toString()).contains("needs 6 stops, not 5");
        JsonNode heat = server.get("/api/tests/" + test + "/heat");
        JsonNode disc = heat.get("sides")
                .get(0)
                .get("study")
                .get("stops")
                .get(0)
                .get("discs")
                .get("FRONT_LEFT");
        assertThat(disc.get("troughC").get("value").asDouble()).isEqualTo(88);
        assertThat(disc.get("peak").get("peakC").get("reason").asString()).isEqualTo("not read after the stop");
        assertThat(disc.get("peak").get("source").isNull()).isTrue();
    }

    @Test
    void aTestWithoutStopsHasNoSides() {
        UUID none = UUID.randomUUID();
        Map<?, ?> like = (Map<?, ?>) Journeys.saveToNewTest(none, "x").get("newTest");
        Map<String, Object> request = new HashMap<>();
        like.forEach((k, v) -> request.put((String) k, v));
        UUID vehicle = UUID.randomUUID();
        server.post("/api/vehicles", Map.of("id", vehicle, "name", "Estate " + vehicle, "description", ""));
        request.put("vehicleId", vehicle);
        server.post("/api/tests", request);
        assertThat(server.get("/api/tests/" + none + "/fade").get("sides")).isEmpty();
        assertThat(server.get("/api/tests/" + none + "/heat").get("sides")).isEmpty();
        assertThat(server.tryGet("/api/tests/" + UUID.randomUUID() + "/fade").status())
                .isEqualTo(404);
    }

    @Test
    void aPlanGoesByTheCoolingThatWasLearnt() {
        saved(Journeys.FADE, 12, Map.of("surface", "dry", "ambientC", 14));
        JsonNode detail = server.get("/api/tests/" + test);
        String vehicle = detail.get("vehicle").get("id").asString();
        UUID other = UUID.randomUUID();
        server.post(
                "/api/configurations",
                Map.of("id", other, "vehicleId", vehicle, "name", "Other", "changed", List.of()));
        Map<String, Object> plan = Journeys.plan(
                vehicle,
                List.of(detail.get("configurations").get(0).get("id").asString(), other.toString()),
                server.get("/api/procedures").get(0).get("id").asString(),
                null);
        JsonNode forecast = server.post("/api/plans/forecast", plan).body();
        assertThat(forecast.get("learntCooling").asString()).contains("learnt from");
        assertThat(forecast.get("forecast").get("assumptions").toString()).doesNotContain("time constant");
    }
}
