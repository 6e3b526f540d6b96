package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.formats.log.LogCsvReader;
import app.frenum.formats.log.LogFile;
import app.frenum.server.RunningServer.Answer;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ImportTest {
    private final RunningServer server = RunningServer.shared();

    @TempDir
    private Path folder;

    @Test
    void aLogGivesTheSameFiguresAsOnTheCommandLineAndKeepsEverySample() throws Exception {
        UUID id = UUID.randomUUID();
        UUID test = UUID.randomUUID();
        JsonNode preview = server.upload(id, Journeys.AS_BOUGHT, "").body();
        assertThat(preview.get("kind").asString()).isEqualTo("LOG");
        assertThat(preview.get("log").get("health").get(0).get("code").asString())
                .isEqualTo("PRESSURE_OFFSET");
        assertThat(server.post("/api/imports/" + id + "/save", Journeys.saveToNewTest(test, "As bought"))
                        .status())
                .isEqualTo(200);

        JsonNode stops = server.get("/api/tests/" + test).get("stops");
        try (LogFile file = LogCsvReader.read(Journeys.AS_BOUGHT, Map.of(), n -> {})) {
            LogAnalysis direct = LogAnalysis.of(file.log(), file.health(), AnalysisOptions.onset(Figure.of(25)));
            assertThat(stops).hasSize(9).hasSameSizeAs(direct.stops());
            for (int i = 0; i < 9; i++) {
                MeasuredStop want = direct.stops().get(i);
                JsonNode got = stops.get(i).get("measured");
                assertThat(got.get("onsetS").asDouble()).isEqualTo(want.onsetS());
                assertThat(got.get("distance").get("value").asDouble())
                        .isEqualTo(want.distance().value());
                assertThat(got.get("mfdd").get("value").asDouble())
                        .isEqualTo(want.mfdd().value());
                assertThat(got.get("effectiveness").get("value").asDouble())
                        .isEqualTo(want.effectiveness().value());
            }
        }
    }

    @Test
    void aStopMeasuredAgainFromStoredSamplesIsTheSameStop() {
        UUID test = imported(Journeys.AS_BOUGHT, "As bought");
        JsonNode stop = server.get("/api/tests/" + test).get("stops").get(2);
        JsonNode again = server.get("/api/stops/" + stop.get("id").asString() + "/edges");
        assertThat(again).isEqualTo(stop.get("measured"));
    }

    @Test
    void theSameBytesAreRecognisedAndOfferedAsSuch() {
        UUID test = imported(Journeys.PADS_AND_FLUID, "Pads");
        JsonNode preview = server.upload(UUID.randomUUID(), Journeys.PADS_AND_FLUID, "&testId=" + test)
                .body();
        assertThat(preview.get("alreadyIn").get("fileName").asString()).isEqualTo("pads-and-fluid.csv");
    }

    @Test
    void aRepeatedSaveChangesNothing() {
        UUID id = UUID.randomUUID();
        UUID test = UUID.randomUUID();
        server.upload(id, Journeys.SHEET, "");
        Map<String, Object> request = Journeys.saveToNewTest(test, "unused");
        Answer first = server.post("/api/imports/" + id + "/save", request);
        String before = server.rowCounts();
        Answer second = server.post("/api/imports/" + id + "/save", request);
        assertThat(second).isEqualTo(first);
        assertThat(server.rowCounts()).isEqualTo(before);
    }

    @Test
    void aSaveThatFailsHalfWayStoresNothing() {
        UUID id = UUID.randomUUID();
        server.upload(id, Journeys.AS_BOUGHT, "");
        String before = server.rowCounts();
        String request = new JsonMapper()
                .writeValueAsString(Journeys.saveToNewTest(UUID.randomUUID(), "As bought"))
                .replace("\"stop\":9", "\"stop\":99");
        Answer answer = server.post("/api/imports/" + id + "/save", request);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("detail").asString()).contains("no stop 99");
        assertThat(server.rowCounts()).isEqualTo(before);
    }

    @Test
    void rolesSetByHandAreRememberedForTheLoggersHeader() throws Exception {
        String log = Files.readString(Journeys.AS_BOUGHT).replaceFirst("speed \\[km/h\\]", "v_hub [km/h]");
        Path file = Files.writeString(folder.resolve("odd-names.csv"), log);
        UUID id = UUID.randomUUID();
        JsonNode first = server.upload(id, file, "").body();
        assertThat(first.get("log").get("columns").get(0).get("role").asString())
                .isEqualTo("EXTRA");
        JsonNode mended =
                server.put("/api/imports/" + id + "/roles", "{\"1\":\"SPEED\"}").body();
        assertThat(mended.get("log").get("stops")).hasSize(9);
        JsonNode later = server.upload(UUID.randomUUID(), file, "").body();
        assertThat(later.get("log").get("columns").get(0).get("role").asString())
                .isEqualTo("SPEED");
        assertThat(later.get("log").get("rolesRemembered").asBoolean()).isTrue();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "empty||The file is empty",
                "html|<!DOCTYPE html><html></html>|web page",
                "letters in a number|time [s],speed [km/h]\\n0,1\\n0.1,fast\\n|line 3, column 2",
                "a formula|time [s],speed [km/h]\\n0,=1+1\\n|line 2, column 2",
                "time backwards|time [s],speed [km/h]\\n0,1\\n2,1\\n1,1\\n|line 4, column 1",
                "an unknown unit|time [s],speed [furlongs]\\n0,1\\n|not a unit of speed",
                "too few cells|time [s],speed [km/h],x\\n0,1\\n0.1,1\\n|line 2, column 3",
                "no unit|time [s],speed\\n0,1\\n|has no unit",
                "no time|speed [km/h]\\n1\\n|A log needs \"time [s]\""
            })
    void badInputIsRefusedWithItsPlaceAndNothingIsStored(String name, String content, String message) throws Exception {
        Path file = folder.resolve("bad.csv");
        Files.writeString(file, content == null ? "" : content.replace("\\n", "\n"));
        refused(file, message);
    }

    @Test
    void utf16AndBinaryFilesAreRefused() throws Exception {
        refused(
                Files.writeString(folder.resolve("wide.csv"), "time [s],speed [km/h]\n0,1\n", StandardCharsets.UTF_16),
                "UTF-16");
        refused(Files.write(folder.resolve("binary.csv"), new byte[] {1, 2, 0, 0, 0, 7, 99}), "binary");
    }

    @Test
    void anIdStandsForItsBytesFromTheFirstOn() throws Exception {
        UUID id = UUID.randomUUID();
        Answer first = server.upload(id, Journeys.SHEET, "");
        assertThat(server.upload(id, Journeys.SHEET, "")).isEqualTo(first);
        Answer other = server.upload(id, Journeys.AS_BOUGHT, "");
        assertThat(other.status()).isEqualTo(409);
        Answer rubbish = server.upload(id, Files.writeString(folder.resolve("x.csv"), "<html>"), "");
        assertThat(rubbish.status()).isEqualTo(422);
        assertThat(server.tryGet("/api/imports/" + id)).isEqualTo(first);
    }

    @Test
    void tenAtOnceUnderOneIdAreOneFileOrToldApart() {
        UUID same = UUID.randomUUID();
        assertThat(uploadedAtOnce(same, i -> Journeys.SHEET))
                .extracting(Answer::status)
                .containsOnly(200);
        UUID mixed = UUID.randomUUID();
        List<Answer> both = uploadedAtOnce(mixed, i -> i % 2 == 0 ? Journeys.SHEET : Journeys.FADE);
        assertThat(both).extracting(Answer::status).containsOnly(200, 409).contains(200);
        String kept =
                server.get("/api/imports/" + mixed).get("file").get("sha256").asString();
        assertThat(both)
                .filteredOn(a -> a.status() == 200)
                .extracting(a -> a.body().get("file").get("sha256").asString())
                .containsOnly(kept);
    }

    private List<Answer> uploadedAtOnce(UUID id, IntFunction<Path> file) {
        ExecutorService ten = Executors.newFixedThreadPool(10);
        try {
            return IntStream.range(0, 10)
                    .mapToObj(i -> CompletableFuture.supplyAsync(() -> server.upload(id, file.apply(i), ""), ten))
                    .toList()
                    .stream()
                    .map(CompletableFuture::join)
                    .toList();
        } finally {
            ten.shutdownNow();
        }
    }

    @Test
    void aNameIsShownAndNeverBecomesAPath() throws Exception {
        UUID id = UUID.randomUUID();
        String name = URLEncoder.encode("../..\\../etc/passwd", StandardCharsets.UTF_8);
        Answer kept = server.put("/api/imports/" + id + "?fileName=" + name, Files.readAllBytes(Journeys.SHEET));
        assertThat(kept.body().get("file").get("name").asString()).isEqualTo("passwd");
        assertThat(server.put("/api/imports/..%2F..%2Fpasswd?fileName=x", new byte[] {1})
                        .status())
                .isEqualTo(400);
    }

    @Test
    void aRefusedFileIsGoneAndSoIsOneThatIsNotWanted() throws Exception {
        UUID id = UUID.randomUUID();
        Path bad = Files.writeString(folder.resolve("bad.csv"), "time [s],speed [km/h]\n0,1\n0.1,fast\n");
        assertThat(server.upload(id, bad, "").status()).isEqualTo(422);
        assertThat(server.tryGet("/api/imports/" + id).status()).isEqualTo(404);
        assertThat(server.upload(id, Journeys.SHEET, "").status()).isEqualTo(200);
        server.delete("/api/imports/" + id);
        assertThat(server.tryGet("/api/imports/" + id).status()).isEqualTo(404);
    }

    @Test
    void aWindowDrawsEachChannelOnceAndNoMoreThanAScreenShows() {
        UUID test = imported(Journeys.AS_BOUGHT, "As bought");
        String window = "/api/recordings/"
                + server.get("/api/tests/" + test)
                        .get("stops")
                        .get(0)
                        .get("recordingId")
                        .asString()
                + "/window?from=0&to=60";
        String often = "&channels=" + "0,".repeat(3500) + "0";
        assertThat(server.get(window + often)).isEqualTo(server.get(window + "&channels=0"));
        assertThat(server.tryGet(window + "&px=10000&channels=0,1,2,3,4,5,6,7,8,9,10,11")
                        .status())
                .isEqualTo(422);
    }

    private void refused(Path file, String message) {
        String before = server.rowCounts();
        Answer answer = server.upload(UUID.randomUUID(), file, "");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("detail").asString()).contains(message);
        assertThat(server.rowCounts()).isEqualTo(before);
    }

    private UUID imported(Path file, String configuration) {
        UUID id = UUID.randomUUID();
        UUID test = UUID.randomUUID();
        assertThat(server.upload(id, file, "").status()).isEqualTo(200);
        assertThat(server.post("/api/imports/" + id + "/save", Journeys.saveToNewTest(test, configuration))
                        .status())
                .isEqualTo(200);
        return test;
    }
}
