package app.frenum.server;

import static app.frenum.server.Journeys.q;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.frenum.server.RunningServer.Answer;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class PlanTest {
    private final RunningServer server = RunningServer.shared();
    private final JsonMapper json = new JsonMapper();
    private final UUID test = UUID.randomUUID();
    private String vehicle;
    private final List<String> configurations = new ArrayList<>();

    @BeforeEach
    void aTestWithTwoConfigurationsOfWhichOneWasDriven() {
        UUID upload = UUID.randomUUID();
        server.upload(upload, Journeys.AS_BOUGHT, "");
        server.post("/api/imports/" + upload + "/save", Journeys.saveToNewTest(test, "As bought"));
        vehicle = server.get("/api/tests/" + test).get("vehicle").get("id").asString();
        server.post(
                "/api/configurations",
                Map.of("id", UUID.randomUUID(), "vehicleId", vehicle, "name", "Pads", "changed", List.of()));
        server.get("/api/vehicles/" + vehicle + "/configurations")
                .forEach(c -> configurations.add(c.get("id").asString()));
    }

    private String lane(double lengthM) {
        UUID id = UUID.randomUUID();
        Answer answer = server.put(
                "/api/lanes",
                json.writeValueAsString(Map.of(
                        "id",
                        id,
                        "version",
                        0,
                        "lane",
                        Map.of(
                                "site",
                                "Marrow Flats airfield",
                                "lane",
                                "Marrow Flats",
                                "length",
                                q(lengthM, "METRES"),
                                "runOff",
                                q(90, "METRES"),
                                "grade",
                                q(0.1, "PERCENT"),
                                "surface",
                                "concrete",
                                "bothWays",
                                true,
                                "controlledBy",
                                "Marshal"))));
        assertThat(answer.status()).isEqualTo(200);
        return id.toString();
    }

    private Map<String, Object> plan(String laneId) {
        return Journeys.plan(
                vehicle,
                configurations,
                server.get("/api/procedures").get(0).get("id").asString(),
                laneId);
    }

    @Test
    void theSpreadIsLearntFromTheStopsAlreadyMade() {
        JsonNode forecast = server.post("/api/plans/forecast", plan(null)).body();
        JsonNode side =
                server.get("/api/tests/" + test + "/comparison").get("sides").get(0);
        assertThat(forecast.get("forecast").get("stopsNeeded").get("source").asString())
                .isEqualTo("OWN_SERIES");
        assertThat(forecast.get("forecast").get("stopsNeeded").get("sdM").asDouble())
                .isBetween(
                        1.1 * side.get("sd").get("value").asDouble(),
                        2 * side.get("sd").get("value").asDouble());
        assertThat(forecast.get("forecast").get("expectedStopM").asDouble())
                .isCloseTo(side.get("mean").get("value").asDouble(), within(1e-9));
        assertThat(forecast.get("forecast").get("assumptions").toString()).contains("2.5 m/s²");
        assertThat(forecast.get("hottestC").get("reason").asString()).contains("masses");
    }

    @Test
    void nothingIsLearntFromARehearsal() {
        assertThat(server.put("/api/tests/" + test + "/plan", json.writeValueAsString(plan(lane(400))))
                        .status())
                .isEqualTo(200);
        assertThat(server.put("/api/runs/" + test + "?rate=20", "").status()).isEqualTo(200);
        JsonNode forecast = server.post("/api/plans/forecast", plan(null)).body();
        assertThat(forecast.get("forecast").get("stopsNeeded").get("source").asString())
                .isEqualTo("ASSUMED");
    }

    @Test
    void aTestThatIsComparedBeforeItsPlannedEndAsksForMore() {
        UUID planned = Journeys.test(server, UUID.fromString(vehicle), "Do the pads help?");
        Map<String, Object> plan = plan(null);
        plan.put("stopsEach", 20);
        saved(planned, plan);
        for (Map.Entry<Path, String> log : Map.of(Journeys.AS_BOUGHT, "As bought", Journeys.PADS_AND_FLUID, "Pads")
                .entrySet()) {
            UUID upload = UUID.randomUUID();
            server.upload(upload, log.getKey(), "");
            server.post("/api/imports/" + upload + "/save", Journeys.saveTo(planned, log.getValue()));
        }
        JsonNode early = compared(planned);
        assertThat(early.get("early").asBoolean()).isTrue();
        assertThat(early.get("level").asDouble()).isGreaterThan(0.99);
    }

    @Test
    void aPlanThatIsMadeAfterTheStopsChangesNoVerdictAndKeepsTheirMargin() {
        UUID upload = UUID.randomUUID();
        server.upload(upload, Journeys.PADS_AND_FLUID, "");
        server.post("/api/imports/" + upload + "/save", Journeys.saveTo(test, "Pads"));
        JsonNode before = compared(test);
        Map<String, Object> plan = plan(null);
        plan.put("stopsEach", 20);
        saved(test, plan);
        JsonNode after = compared(test);
        assertThat(after.get("level").asDouble()).isEqualTo(0.95);
        assertThat(after.get("interval")).isEqualTo(before.get("interval"));
        assertThat(after.get("verdict")).isEqualTo(before.get("verdict"));
        plan.put("margin", q(0.4, "METRES"));
        RunningServer.Answer refused =
                server.put("/api/tests/" + test + "/plan?version=1", json.writeValueAsString(plan));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().toString()).contains("smallest worthwhile difference of 1.0 m");
    }

    private void saved(UUID of, Map<String, Object> plan) {
        assertThat(server.put("/api/tests/" + of + "/plan", json.writeValueAsString(plan))
                        .status())
                .isEqualTo(200);
    }

    private JsonNode compared(UUID of) {
        return server.get("/api/tests/" + of + "/comparison").get("comparisons").get(0);
    }

    @Test
    void aShortLaneIsNoGoByTheMissingMetresAndALongerOneGo() {
        double missing = server.post("/api/plans/forecast", plan(lane(200)))
                .body()
                .get("forecast")
                .get("missingM")
                .get("value")
                .asDouble();
        assertThat(missing).isGreaterThan(10);
        JsonNode cured = server.post("/api/plans/forecast", plan(lane(200 + missing + 0.1)))
                .body();
        assertThat(cured.get("forecast").get("missingM").get("value").asDouble())
                .isZero();
    }

    /** Another test of the same vehicle, of which nothing was driven yet. */
    private String undriven() {
        UUID id = UUID.randomUUID();
        Map<?, ?> like = (Map<?, ?>) Journeys.saveToNewTest(id, "x").get("newTest");
        Map<String, Object> own = new HashMap<>();
        like.forEach((k, v) -> own.put((String) k, v));
        own.put("vehicleId", vehicle);
        assertThat(server.post("/api/tests", own).status()).isEqualTo(200);
        return "/api/tests/" + id;
    }

    private static final String EXPECTED =
            "{\"expectation\":\"from the brake point\",\"guess\":{\"sense\":\"SHORTER\",\"size\":{\"entered\":2,"
                    + "\"unit\":\"METRES\"}}}";

    @Test
    void aPlanIsKeptAndItsExpectationSealedOnce() {
        String path = undriven();
        assertThat(server.put(path + "/expectation", EXPECTED).status()).isEqualTo(422);
        JsonNode saved = server.put(path + "/plan", json.writeValueAsString(plan(lane(400))))
                .body();
        assertThat(server.get(path + "/plan")).isEqualTo(saved);
        assertThat(saved.get("plan").get("stopsEach").asInt()).isEqualTo(8);
        JsonNode first = server.put(path + "/expectation", EXPECTED).body();
        assertThat(server.put(path + "/expectation", EXPECTED).body()).isEqualTo(first);
        assertThat(server.put(path + "/expectation", EXPECTED.replace(":2,", ":9,"))
                        .status())
                .isEqualTo(409);
        JsonNode sealed = server.get(path + "/plan").get("expectation");
        assertThat(sealed.get("expectation").asString()).isEqualTo("from the brake point");
        assertThat(sealed.get("guess").get("sense").asString()).isEqualTo("SHORTER");
        assertThat(server.get(path).get("expectation").get("by").asString()).isEqualTo("Marshal");
    }

    @Test
    void aTestTakesSpeedAndMarginFromItsPlanUntilItIsDriven() {
        String path = undriven();
        Map<String, Object> plan = plan(null);
        plan.put("speed", q(50, "MILES_PER_HOUR"));
        plan.put("margin", q(2, "FEET"));
        server.put(path + "/plan", json.writeValueAsString(plan));
        JsonNode aimed = server.get(path).get("test");
        assertThat(aimed.get("nominalSpeed").get("entered").asDouble()).isEqualTo(50);
        assertThat(aimed.get("marginSize").asDouble()).isCloseTo(0.6096, within(1e-9));
        String driven = "/api/tests/" + test;
        Answer late = server.put(driven + "/plan", json.writeValueAsString(plan));
        assertThat(late.body().get("fields").get("speed").asString()).contains("has stops from another speed");
        server.put(driven + "/plan", json.writeValueAsString(plan(null)));
        assertThat(server.put(driven + "/expectation", EXPECTED).status()).isEqualTo(409);
    }

    @Test
    void theSafetyGateIsSignedOnceEverythingIsSeenToAndTheLaneIsLongEnough() {
        String path = undriven();
        List<String> checks = new ArrayList<>();
        server.get("/api/plans/form")
                .get("safety")
                .forEach(c -> checks.add(c.get("check").asString()));
        Map<String, Object> signed = Map.of("seen", checks);
        assertThat(server.put(path + "/safety-gate", json.writeValueAsString(signed))
                        .status())
                .isEqualTo(422);
        server.put(path + "/plan", json.writeValueAsString(plan(lane(200))));
        assertThat(server.put(path + "/safety-gate", json.writeValueAsString(signed))
                        .body()
                        .get("detail")
                        .asString())
                .contains("NO-GO");
        server.put(path + "/plan?version=1", json.writeValueAsString(plan(lane(400))));
        Answer open = server.put(path + "/safety-gate", json.writeValueAsString(Map.of("seen", checks.subList(1, 10))));
        assertThat(open.body().get("fields").propertyNames()).containsExactly("seen." + checks.get(0));
        JsonNode plan = server.put(path + "/safety-gate", json.writeValueAsString(signed))
                .body();
        assertThat(plan.get("safety").get("signedBy").asString()).isEqualTo("Marshal");
        assertThat(server.get(path + "/plan")).isEqualTo(plan);
    }

    @Test
    void whatIsSignedIsSignedForThisAndNoRunBeginsOnNoGo() {
        String path = undriven();
        String lane = lane(400);
        List<String> checks = new ArrayList<>();
        server.get("/api/plans/form")
                .get("safety")
                .forEach(c -> checks.add(c.get("check").asString()));
        String signed = json.writeValueAsString(Map.of("seen", checks));
        server.put(path + "/plan", json.writeValueAsString(plan(lane)));
        assertThat(server.put(path + "/safety-gate", signed).status()).isEqualTo(200);
        Map<String, Object> faster = plan(lane);
        faster.put("speed", q(160, "KILOMETRES_PER_HOUR"));
        JsonNode changed = server.put(path + "/plan?version=" + version(path), json.writeValueAsString(faster))
                .body();
        assertThat(changed.get("safety").isNull()).isTrue();
        assertThat(changed.get("lapsed").get("signedBy").asString()).isEqualTo("Marshal");
        Answer run = server.put(path.replace("/tests/", "/runs/"), "");
        assertThat(run.status()).isEqualTo(409);
        assertThat(run.body().get("detail").asString()).contains("NO-GO", "stops from 160 km/h", "missing");
        server.put(path + "/plan?version=" + version(path), json.writeValueAsString(plan(lane)));
        assertThat(server.get(path + "/plan").get("safety").isNull())
                .as("what was signed for once, and is planned again, is signed for")
                .isFalse();
        shorten(lane);
        assertThat(server.get(path + "/plan").get("safety").isNull()).isTrue();
        assertThat(server.put(path.replace("/tests/", "/runs/"), "").status()).isEqualTo(409);
    }

    /** As rows from before have it. */
    private void keptBeforeItWasRefused(String path, String question) throws IOException {
        try (Connection c = DriverManager.getConnection(server.databaseUrl());
                PreparedStatement s = c.prepareStatement("update brake_test set question = ? where id = ?::uuid")) {
            s.setString(1, question);
            s.setString(2, path.replace("/api/tests/", ""));
            s.executeUpdate();
        } catch (SQLException e) {
            throw new IOException(e);
        }
    }

    private int version(String path) {
        return server.get(path + "/plan").get("version").asInt();
    }

    private void shorten(String lane) {
        ObjectNode now = server.get("/api/lanes")
                .valueStream()
                .filter(l -> l.get("id").asString().equals(lane))
                .findFirst()
                .orElseThrow()
                .deepCopy()
                .asObject();
        now.withObject("/lane").set("length", json.valueToTree(q(200, "METRES")));
        assertThat(server.put("/api/lanes", now.toString()).status()).isEqualTo(200);
    }

    @Test
    void cyclesStandOnPaperFromInspectionToInspection() {
        String path = undriven();
        JsonNode all = server.get("/api/procedures");
        String endurance = all.valueStream()
                .filter(p -> p.get("procedure").hasNonNull("cycle"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
        Map<String, Object> plan = plan(null);
        plan.put("procedureId", endurance);
        plan.put("stopsEach", 25);
        plan.put("configurationIds", ((List<?>) plan.get("configurationIds")).subList(0, 1));
        assertThat(server.put(path + "/plan", json.writeValueAsString(plan)).status())
                .isEqualTo(200);
        String paper = new String(server.bytes(path.replace("/api", "/papers") + "/run-card"), StandardCharsets.UTF_8);
        assertThat(paper)
                .contains("cycles 1 to 10", "cycles 11 to 20", "cycles 21 to 25")
                .contains("Each time first snub, 1 from 160 km/h to 10 km/h");
        assertThat(paper.split("look for cracks", -1)).hasSize(4);
    }

    @Test
    void theRunCardIsAPageAndAPdfAndNoNameCanBreakEither() throws IOException {
        String path = undriven();
        Map<String, Object> plan = plan(lane(400));
        plan.put("crew", Map.of("names", Map.of("DRIVER", "<script>alert(1)</script> & Søn 制動")));
        assertThat(server.put(path + "/plan", json.writeValueAsString(plan)).status())
                .isEqualTo(200);
        String paper = path.replace("/api", "/papers") + "/run-card";
        String page = new String(server.bytes(paper + "?units=IMPERIAL"), StandardCharsets.UTF_8);
        assertThat(page).contains("&lt;script&gt;").doesNotContain("<script").contains("distance, ft");
        try (PDDocument pdf = Loader.loadPDF(server.bytes(paper + ".pdf"))) {
            String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains("Does it stop shorter?", "alert(1)", "Clear", "extinguisher")
                    .contains("distance, m")
                    .contains("B Pads: stops");
            assertThat(pdf.getNumberOfPages()).isBetween(2, 6);
        }
        keptBeforeItWasRefused(path, "Tarn\u0001\uFFFE 2.0");
        try (PDDocument pdf = Loader.loadPDF(server.bytes(paper + ".pdf"))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Tarn 2.0");
        }
        Answer unplanned = server.tryGet(undriven().replace("/api", "/papers") + "/run-card.pdf");
        assertThat(unplanned.status()).isEqualTo(422);
    }

    /** Scripts, other files, other machines, and expressions of the template's own language. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>app.alert(1)</script>",
                "<img src='file:///etc/hostname'/>",
                "<img src='http://127.0.0.1:%d/x.png'/><object data='http://127.0.0.1:%d/x'/>",
                "<link rel='stylesheet' href='http://127.0.0.1:%d/x.css'/><style>body{display:none}</style>",
                "<a href='javascript:app.alert(1)'>press</a>",
                "' + ${70001*7} + ' __${70001*7}__ [[${70001*7}]] ~{::h1}",
                "</td></tr></table></body></html>",
            })
    void whatPeopleWroteIsTextOnPaperAndReadsNothing(String pattern) throws IOException {
        try (ServerSocket elsewhere = new ServerSocket(0)) {
            int port = elsewhere.getLocalPort();
            String evil = pattern.formatted(port, port);
            String path = "/api/tests/" + writtenEverywhere(evil);
            String paper = path.replace("/api", "/papers") + "/run-card";
            try (PDDocument pdf = Loader.loadPDF(server.bytes(paper + ".pdf"))) {
                String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", "");
                assertThat(text.split(Pattern.quote(evil.replaceAll("\\s+", "")), -1))
                        .as("question, vehicle, lane and crew")
                        .hasSizeGreaterThan(4);
                assertThat(text).doesNotContain("490007");
                assertThat(pdf.getDocumentCatalog().getOpenAction()).isNull();
                for (PDPage page : pdf.getPages()) {
                    assertThat(page.getAnnotations()).isEmpty();
                    assertThat(page.getResources().getXObjectNames()).isEmpty();
                }
            }
            String page = new String(server.bytes(paper), StandardCharsets.UTF_8);
            assertThat(page).doesNotContain("<script", "<img", "<object", "<link rel='", "<a ");
            elsewhere.setSoTimeout(1);
            assertThatThrownBy(elsewhere::accept)
                    .as("nobody asked another machine")
                    .isInstanceOf(SocketTimeoutException.class);
        }
    }

    private UUID writtenEverywhere(String evil) {
        UUID own = UUID.randomUUID();
        UUID configuration = UUID.randomUUID();
        server.post("/api/vehicles", Map.of("id", own, "name", evil, "description", evil));
        server.post(
                "/api/configurations",
                Map.of("id", configuration, "vehicleId", own, "name", evil, "changed", List.of()));
        UUID id = Journeys.test(server, own, evil);
        UUID lane = UUID.randomUUID();
        Map<String, Object> described = new HashMap<>(Map.of(
                "site",
                evil,
                "lane",
                evil,
                "length",
                q(400, "METRES"),
                "runOff",
                q(90, "METRES"),
                "grade",
                q(0.1, "PERCENT"),
                "surface",
                evil,
                "bothWays",
                true,
                "controlledBy",
                evil));
        assertThat(server.put(
                                "/api/lanes",
                                json.writeValueAsString(Map.of("id", lane, "version", 0, "lane", described)))
                        .status())
                .isEqualTo(200);
        Map<String, Object> plan = plan(lane.toString());
        plan.put("configurationIds", List.of(configuration));
        plan.put("order", "ONE_AFTER_ANOTHER");
        plan.put("crew", Map.of("names", Map.of("DRIVER", evil, "RECORDER", evil)));
        Answer kept = server.put("/api/tests/" + id + "/plan", json.writeValueAsString(plan));
        assertThat(kept.status()).as(kept.toString()).isEqualTo(200);
        return id;
    }

    @Test
    void aLapIsHeatedUntilItRepeatsItself() {
        Map<String, Object> lap = new HashMap<>(Map.of(
                "mass", q(1300, "KILOGRAMS"),
                "axleShare", q(70, "PERCENT"),
                "disc", q(8, "KILOGRAMS"),
                "cooling", q(60, "SECONDS"),
                "ambient", q(20, "CELSIUS"),
                "wheels", 2,
                "laps", 10));
        lap.put(
                "brakings",
                List.of(
                        Map.of(
                                "from",
                                q(180, "KILOMETRES_PER_HOUR"),
                                "to",
                                q(80, "KILOMETRES_PER_HOUR"),
                                "gap",
                                q(25, "SECONDS")),
                        Map.of(
                                "from",
                                q(40, "METRES_PER_SECOND"),
                                "to",
                                q(20, "METRES_PER_SECOND"),
                                "gap",
                                q(50, "SECONDS"))));
        JsonNode heat = server.post("/api/plans/lap-heat", lap).body();
        double first = 650 * (50 * 50 - Math.pow(80 / 3.6, 2));
        assertThat(heat.get("events").get(0).get("energyJ").asDouble()).isCloseTo(first, within(1e-6));
        assertThat(heat.get("lapJ").asDouble()).isCloseTo(first + 650 * 1200, within(1e-6));
        assertThat(heat.get("applications").asInt()).isEqualTo(20);
        assertThat(heat.get("events").get(0).get("peakC").asDouble())
                .isGreaterThan(heat.get("events").get(0).get("troughC").asDouble());
        lap.put("brakings", List.of(Map.of("from", q(40, "KNOTS"), "to", q(80, "KNOTS"), "gap", q(0, "SECONDS"))));
        assertThat(server.post("/api/plans/lap-heat", lap).body().get("fields").propertyNames())
                .containsExactly("brakings.0.gap");
    }

    @Test
    void nonsenseInAPlanIsNamedByField() {
        Map<String, Object> plan = plan(null);
        plan.put("margin", q(-1, "METRES"));
        plan.put("speed", q(90, "METRES"));
        plan.put("configurationIds", List.of(configurations.get(0), configurations.get(0)));
        Answer answer = server.post("/api/plans/forecast", plan);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("fields").propertyNames()).containsExactly("configurationIds", "margin", "speed");
    }

    @Test
    void everyBuiltInProcedureIsSoundAndCanBeCopiedButNotChanged() {
        JsonNode all = server.get("/api/procedures");
        assertThat(all.size()).isGreaterThanOrEqualTo(14);
        for (JsonNode builtIn : all) {
            if (!builtIn.get("builtIn").asBoolean()) {
                continue;
            }
            assertThat(server.put("/api/procedures", builtIn.toString()).status())
                    .isEqualTo(422);
            ObjectNode copy = ((ObjectNode) builtIn.deepCopy())
                    .put("id", UUID.randomUUID().toString());
            Answer saved = server.put("/api/procedures", copy.toString());
            assertThat(saved.status()).as(builtIn.toString()).isEqualTo(200);
            assertThat(saved.body().get("procedure")).isEqualTo(builtIn.get("procedure"));
        }
    }

    @Test
    void aContradictoryProcedureIsRefusedWhereItContradictsItself() {
        ObjectNode copy = (ObjectNode) server.get("/api/procedures").get(0).deepCopy();
        copy.put("id", UUID.randomUUID().toString());
        ArrayNode phases = (ArrayNode) copy.get("procedure").get("phases");
        ((ObjectNode) phases.get(1).get("gate")).set("hottest", json.valueToTree(q(10, "CELSIUS")));
        ((ObjectNode) phases.get(0)).set("to", json.valueToTree(q(120, "KILOMETRES_PER_HOUR")));
        Answer answer = server.put("/api/procedures", copy.toString());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("fields").propertyNames()).containsExactly("phases.0.to", "phases.1.gate.hottest");
    }
}
