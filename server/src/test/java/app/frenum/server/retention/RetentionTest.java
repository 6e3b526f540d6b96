package app.frenum.server.retention;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.formats.verdict.VerdictFile;
import app.frenum.server.Door;
import app.frenum.server.Journeys;
import app.frenum.server.RunningServer;
import java.io.ByteArrayInputStream;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Samples go when the owner's months are over; figures and verdicts stay, and whatever is read off samples says so. */
class RetentionTest {
    private static final RunningServer SERVER = RunningServer.onAnEmptyDatabase();
    private static final List<String> READ_OFF_SAMPLES = List.of("balance", "judder", "heat", "fade/curves", "laps");

    private final UUID test = UUID.randomUUID();
    private final Instant inAYear = Instant.now().plus(400, ChronoUnit.DAYS);
    private String candidate;

    @AfterAll
    static void stop() {
        SERVER.close();
    }

    @BeforeEach
    void aTestOfTwoLogs() {
        choose("null");
        bringIn(Journeys.saveToNewTest(test, "As bought"), Journeys.AS_BOUGHT);
        bringIn(Journeys.saveTo(test, "Other pads"), Journeys.PADS_AND_FLUID);
        candidate = comparison().get("comparisons").get(0).get("candidateId").asString();
    }

    private static void bringIn(Map<String, Object> save, Path file) {
        UUID upload = UUID.randomUUID();
        SERVER.upload(upload, file, "");
        assertThat(SERVER.post("/api/imports/" + upload + "/save", save).status())
                .isEqualTo(200);
    }

    private JsonNode comparison() {
        return SERVER.get("/api/tests/%s/comparison".formatted(test));
    }

    private static int choose(String months) {
        return SERVER.put("/api/retention", "{\"months\":%s}".formatted(months)).status();
    }

    private static RetentionService service() {
        return SERVER.bean(RetentionService.class);
    }

    private UUID signed() {
        UUID id = UUID.randomUUID();
        Map<String, Object> request = new HashMap<>();
        request.put("group", null);
        request.put("baselineId", null);
        request.put("candidateId", candidate);
        request.put("includeStruckOut", false);
        String body = new JsonMapper().writeValueAsString(request);
        assertThat(SERVER.put("/api/tests/%s/verdicts/%s".formatted(test, id), body)
                        .status())
                .isEqualTo(200);
        return id;
    }

    @Test
    void figuresAndVerdictsStayAndEveryPageSaysWhatIsGone() throws Exception {
        UUID verdict = signed();
        byte[] file = SERVER.bytes("/api/verdicts/%s/file".formatted(verdict));
        JsonNode compared = comparison();
        JsonNode stops = SERVER.get("/api/tests/" + test).get("stops");
        JsonNode fade = SERVER.get("/api/tests/%s/fade".formatted(test));
        READ_OFF_SAMPLES.forEach(page -> assertThat(page(page)).doesNotContain("LET_GO"));

        assertThat(choose("12")).isEqualTo(200);
        letGo();

        assertThat(SERVER.bytes("/api/verdicts/%s/file".formatted(verdict))).isEqualTo(file);
        VerdictFile.Verified read = VerdictFile.read(new ByteArrayInputStream(file));
        assertThat(read.isUnaltered() && read.isReproduced()).isTrue();
        assertThat(comparison()).isEqualTo(compared);
        assertThat(SERVER.get("/api/tests/" + test).get("stops")).isEqualTo(stops);
        assertThat(SERVER.get("/api/tests/%s/fade".formatted(test))).isEqualTo(fade);
        List.of("balance", "judder", "heat", "fade/curves")
                .forEach(page -> assertThat(page(page)).as(page).contains("SamplesFinding.LET_GO"));
        assertThat(page("balance")).doesNotContain("NOT_LOGGED");
    }

    private String page(String name) {
        return SERVER.get("/api/tests/%s/%s".formatted(test, name)).toString();
    }

    @Test
    void aStopWithoutSamplesSaysWhenTheyWentAndIsLeftAsItWas() {
        choose("12");
        letGo();
        JsonNode stop = SERVER.get("/api/tests/" + test).get("stops").get(0);
        String id = stop.get("id").asString();
        double onset = stop.get("measured").get("onsetS").asDouble();
        String edges = "{\"requestId\":\"%s\",\"onsetS\":%s,\"endS\":null,\"why\":\"by the trace\"}";
        String recording = "/api/recordings/" + stop.get("recordingId").asString();
        List<RunningServer.Answer> refused = List.of(
                SERVER.tryGet("/api/stops/%s/trace".formatted(id)),
                SERVER.tryGet("/api/stops/%s/edges?onsetS=%s".formatted(id, onset - 0.1)),
                SERVER.post("/api/stops/%s/edges".formatted(id), edges.formatted(UUID.randomUUID(), onset - 0.1)),
                SERVER.tryGet(recording + "/window?from=0&to=10"));
        assertThat(refused).allSatisfy(answer -> {
            assertThat(answer.status()).isEqualTo(410);
            assertThat(answer.body().get("detail").asString()).contains("were let go on", "is kept", "backup");
        });
        assertThat(SERVER.get("/api/stops/" + id)).isEqualTo(stop);
        assertThat(SERVER.get(recording).get("samplesLetGoAt").isNull()).isFalse();
        JsonNode change = SERVER.get("/api/changes?what=Recording").get(0);
        assertThat(change.get("who").asString()).isEqualTo(Door.MARSHAL);
        assertThat(change.get("after").get("samplesLetGoAt").isNull()).isFalse();
    }

    private void letGo() {
        assertThat(service().look(inAYear)).isZero();
        assertThat(service().look(inAYear.plus(8, ChronoUnit.DAYS))).isPositive();
    }

    @Test
    void nothingGoesThatIsNotOldEnoughNorUnmarkedForAWeekNorUnchosen() {
        int kept = recordings("kept");
        assertThat(service().look(inAYear)).isZero();
        assertThat(recordings("marked")).isZero();
        choose("3");
        assertThat(service().look(Instant.now().plus(80, ChronoUnit.DAYS))).isZero();
        assertThat(recordings("marked")).isZero();
        assertThat(service().look(inAYear)).isZero();
        assertThat(recordings("marked")).isEqualTo(kept);
        assertThat(SERVER.get("/api/retention").get("notBefore").asString())
                .startsWith(inAYear.plus(7, ChronoUnit.DAYS).toString().substring(0, 10));
        assertThat(service().look(inAYear.plus(6, ChronoUnit.DAYS))).isZero();
        assertThat(choose("7")).isEqualTo(422);
        assertThat(recordings("kept")).isEqualTo(kept);
    }

    /** The laptop woke up in another year, and was put right the next day; and the owner thought again. */
    @Test
    void aClockThatWasWrongAndAChoiceTakenBackCostNothing() {
        choose("3");
        service().look(inAYear);
        service().look();
        assertThat(recordings("marked")).isZero();
        assertThat(service().look(inAYear.plus(8, ChronoUnit.DAYS))).isZero();
        choose("null");
        assertThat(service().look(inAYear.plus(30, ChronoUnit.DAYS))).isZero();
        assertThat(recordings("marked")).isZero();
        choose("3");
        assertThat(service().look(inAYear.plus(31, ChronoUnit.DAYS))).isZero();
    }

    private static int recordings(String which) {
        return SERVER.get("/api/retention").get(which).get("recordings").asInt();
    }
}
