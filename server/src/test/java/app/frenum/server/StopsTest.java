package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.compare.Side;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.Fitted;
import app.frenum.core.series.LikeStops;
import app.frenum.formats.sheet.SheetStops;
import app.frenum.formats.sheet.StopSheetReader;
import app.frenum.server.RunningServer.Answer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class StopsTest {
    private final RunningServer server = RunningServer.shared();
    private final UUID test = UUID.randomUUID();

    @BeforeEach
    void bringInBothConfigurations() {
        UUID first = UUID.randomUUID();
        UUID second = UUID.randomUUID();
        server.upload(first, Journeys.AS_BOUGHT, "");
        server.post("/api/imports/" + first + "/save", Journeys.saveToNewTest(test, "As bought"));
        server.upload(second, Journeys.PADS_AND_FLUID, "");
        server.post("/api/imports/" + second + "/save", Journeys.saveTo(test, "Pads"));
    }

    @Test
    void strikingOutChangesTheVerdictAndBringingBackKeepsBothDecisions() {
        assertThat(verdict()).isEqualTo("NOT_SETTLED");
        String early = stops().get(stopIndex("Pads", 3)).get("id").asString();
        decide(early, true, "braked before the cone");
        assertThat(verdict()).isEqualTo("GAIN_SHOWN");
        decide(early, false, "it was the other run");
        assertThat(verdict()).isEqualTo("NOT_SETTLED");
        JsonNode decisions = server.get("/api/stops/" + early).get("decisions");
        assertThat(decisions)
                .extracting(d -> d.get("reason").asString())
                .containsExactly("braked before the cone", "it was the other run");
    }

    @Test
    void manyMayAskForTheListAtTheSameMoment() {
        List<CompletableFuture<Integer>> asked = IntStream.range(0, 8)
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> server.tryGet("/api/tests").status()))
                .toList();
        assertThat(asked).extracting(CompletableFuture::join).containsOnly(200);
    }

    @Test
    void struckOutStopsCanBeShownInTheFigures() {
        String early = stops().get(stopIndex("Pads", 3)).get("id").asString();
        decide(early, true, "braked before the cone");
        JsonNode with = server.get("/api/tests/" + test + "/comparison?includeStruckOut=true");
        assertThat(with.get("sides").get(1).get("n").asInt()).isEqualTo(9);
        assertThat(with.get("comparisons").get(0).get("verdict").asString()).isEqualTo("NOT_SETTLED");
    }

    @Test
    void aMovedOnsetIsMeasuredAtOnceAndKeptBesideTheAutomaticOne() {
        JsonNode stop = stops().get(0);
        String id = stop.get("id").asString();
        double onset = stop.get("measured").get("onsetS").asDouble();
        double distance = stop.get("measured").get("distance").get("value").asDouble();
        double speed = stop.get("entrySpeed").get("value").asDouble();

        double tried = server.get("/api/stops/" + id + "/edges?onsetS=" + (onset - 0.1))
                .get("distance")
                .get("value")
                .asDouble();
        assertThat(tried - distance).isCloseTo(0.1 * speed, within(0.03));
        assertThat(server.get("/api/stops/" + id).get("moves")).isEmpty();

        UUID request = UUID.randomUUID();
        Map<String, Object> move = Map.of("requestId", request, "onsetS", onset - 0.1, "why", "switch came late");
        Answer kept = server.post("/api/stops/" + id + "/edges", move);
        assertThat(server.post("/api/stops/" + id + "/edges", move)).isEqualTo(kept);
        assertThat(kept.body().get("measured").get("onsetSource").asString()).isEqualTo("HAND");
        assertThat(kept.body().get("measured").get("brake").get("source").asString())
                .isEqualTo("SWITCH");
        assertThat(kept.body().get("automatic").get("onsetS").asDouble()).isEqualTo(onset);
        assertThat(kept.body().get("moves")).hasSize(1);
    }

    @Test
    void edgesOutsideTheStopAreRefused() {
        String id = stops().get(0).get("id").asString();
        assertThat(server.tryGet("/api/stops/" + id + "/edges?onsetS=1e9").status())
                .isEqualTo(422);
        assertThat(server.tryGet("/api/stops/" + id + "/edges?onsetS=NaN").status())
                .isEqualTo(422);
    }

    @Test
    void aWindowOfTheRecordingShowsEveryPeakAtAnyWidth() {
        JsonNode stop = stops().get(0);
        String recording = stop.get("recordingId").asString();
        double peak = stop.get("measured").get("frontPressurePeak").get("value").asDouble();
        double duration =
                server.get("/api/recordings/" + recording).get("durationS").asDouble();
        for (double to :
                new double[] {duration, 200, stop.get("measured").get("endS").asDouble() + 1}) {
            JsonNode window = window(recording, 0, to, 300);
            double highest = 0;
            for (JsonNode h : window.get("lines").get(0).get("high")) {
                highest = Math.max(highest, h.asDouble());
            }
            assertThat(window.get("t").size()).isLessThanOrEqualTo(300);
            assertThat(highest).isGreaterThan(peak);
        }
    }

    @Test
    void aNarrowWindowHoldsTheSamplesThemselves() {
        JsonNode stop = stops().get(0);
        double onset = stop.get("measured").get("onsetS").asDouble();
        JsonNode window = window(stop.get("recordingId").asString(), onset, onset + 1, 1500);
        assertThat(window.get("t").size()).isBetween(100, 103);
        assertThat(window.get("t").get(1).asDouble() - window.get("t").get(0).asDouble())
                .isCloseTo(0.01, within(1e-9));
        JsonNode line = window.get("lines").get(0);
        assertThat(line.get("low").size()).isEqualTo(window.get("t").size());
        assertThat(line.get("high").isNull()).isTrue();
    }

    @Test
    void aWindowThatCannotBeDrawnIsRefused() {
        String recording = stops().get(0).get("recordingId").asString();
        for (String bad : List.of("from=5&to=5&px=300", "from=0&to=9&px=0", "from=0&to=9&px=300&channels=99")) {
            assertThat(server.tryGet("/api/recordings/" + recording + "/window?" + bad)
                            .status())
                    .isEqualTo(422);
        }
    }

    private JsonNode window(String recording, double from, double to, int px) {
        return server.get(
                "/api/recordings/%s/window?from=%s&to=%s&px=%d&channels=2".formatted(recording, from, to, px));
    }

    @Test
    void theSheetThatIsTakenAlongComparesAsTheTestDoes() throws Exception {
        byte[] csv = server.bytes("/api/tests/" + test + "/stops.csv");
        Path file = Files.createTempFile("sheet", ".csv");
        Files.write(file, csv);
        LikeStops alike = LikeStops.toCompare(SheetStops.of(StopSheetReader.read(file), Optional.empty()))
                .get(0);
        String first = alike.configurations().get(0);
        Side side = alike.side(first, Fitted.named(first), Figure.unknown("not asked"), false);
        double mean = server.get("/api/tests/" + test + "/comparison")
                .get("sides")
                .get(0)
                .get("mean")
                .get("value")
                .asDouble();
        assertThat(side.summary().mean().value()).isCloseTo(mean, within(2e-3));
    }

    private JsonNode stops() {
        return server.get("/api/tests/" + test).get("stops");
    }

    private int stopIndex(String configuration, int number) {
        JsonNode all = server.get("/api/tests/" + test);
        String configurationId = "";
        for (JsonNode c : all.get("configurations")) {
            configurationId =
                    c.get("name").asString().equals(configuration) ? c.get("id").asString() : configurationId;
        }
        String series = "";
        for (JsonNode s : all.get("series")) {
            series = s.get("configurationId").asString().equals(configurationId)
                    ? s.get("id").asString()
                    : series;
        }
        for (int i = 0; i < all.get("stops").size(); i++) {
            JsonNode s = all.get("stops").get(i);
            if (s.get("seriesId").asString().equals(series) && s.get("number").asInt() == number) {
                return i;
            }
        }
        throw new AssertionError("no stop " + number + " of " + configuration);
    }

    private String verdict() {
        return server.get("/api/tests/" + test + "/comparison")
                .get("comparisons")
                .get(0)
                .get("verdict")
                .asString();
    }

    private void decide(String stop, boolean struckOut, String reason) {
        Answer answer = server.post(
                "/api/stops/" + stop + "/decisions",
                Map.of("requestId", UUID.randomUUID(), "struckOut", struckOut, "reason", reason));
        assertThat(answer.status()).isEqualTo(200);
    }
}
