package app.frenum.e2e;

import static app.frenum.server.Journeys.q;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Procedures as people drive them: over days, phase by phase against limits, one treatment after another. */
class ProceduresTest extends Journey {
    private static final Map<String, Object> AS_IT_CAME = Map.of();

    private Procedures procedures() {
        return new Procedures(PlannedRun.through(page.request(), url()));
    }

    private void open(Procedures p, String where) {
        page.navigate("/tests/" + p.test + "/" + where);
    }

    @Test
    void anEnduranceOfAHundredCyclesIsSuspendedByACrackAndGoesOnTheNextDay() {
        Procedures p = procedures().ago(Duration.ofHours(20)).of("CAR", "Do the discs last?", List.of(AS_IT_CAME));
        p.planned(p.procedure("Paired high-speed").get("id").asString(), 100);
        open(p, "plan");
        assertThat(page.getByLabel("Cycles of each")).hasValue("100");
        assertThat(heading()).containsText(Pattern.compile("It takes .* days of this slot"));
        p.begun();
        JsonNode run = p.discs(80);
        while (run.get("cycle").asInt() < 11) {
            p.application(p.application(run, 0), 0);
            run = p.discs(110);
            if (run.get("current").get("phase").get("kind").asString().equals("INSPECTION")) {
                assertThat(run.get("cycle").asInt()).isEqualTo(10);
                p.says(60, Map.of("type", "cracksSeen", "faces", List.of(face("TO_THE_EDGE"))));
                open(p, "run");
                assertThat(heading()).hasText("Testing is stopped.");
                assertThat(page.getByText("cycle 10 of 100")).isVisible();
                p.ago(Duration.ofMinutes(4));
                p.says(1, Map.of("type", "cracksSeen", "faces", List.of(face("NONE"))));
                p.says(1, Map.of("type", "released", "inspected", "another disc, both faces seen"));
                run = p.says(1, Map.of("type", "taskDone", "note", "none"));
            }
        }
        // It stands where it stood, and what was signed was signed for yesterday.
        assertThat(page.getByText("cycle 11 of 100")).isVisible();
        assertThat(heading()).hasText("Sign the safety gate.");
        nothingSerious("a cycle on another day");
        p.signed();
        run = p.application(p.discs(90), 0);
        assertThat(run.get("current").get("phase").get("name").asString()).isEqualTo("second snub");
        List<Integer> cycles =
                p.stored("SNUB").stream().map(s -> s.get("cycle").asInt()).toList();
        assertThat(cycles).as("every snub that was driven, by its cycle").hasSize(21);
        assertThat(cycles).isSorted().endsWith(10, 10, 11);
        open(p, "compare");
        assertThat(page.getByText("11 of 100")).isVisible();
        assertThat(page.getByText("10 of 100")).isVisible();
        nothingSerious("what was driven of an endurance");
    }

    private static Map<String, Object> face(String crack) {
        Map<String, Object> seen = new HashMap<>(Map.of("wheel", "FRONT_LEFT", "face", "OUTER", "crack", crack));
        seen.put("length", null);
        return seen;
    }

    private static Map<String, Object> limit(String phase, double metres) {
        return Map.of(
                "what",
                "distance",
                "atLeast",
                false,
                "value",
                q(metres, "METRES"),
                "source",
                "our code",
                "phase",
                phase);
    }

    @Test
    void theWholeAssessmentLightAndLadenAgainstItsOwnersLimits() {
        Procedures p = procedures()
                .ago(Duration.ofHours(6))
                .of("CAR", "Does the modified one do what our code asks?", List.of(AS_IT_CAME));
        List<String> held = List.of(
                "cold stops, light",
                "front off",
                "diagonal off, front right",
                "assist off",
                "hot stop",
                "recovered stops");
        p.planned(
                p.limited(
                        "Modified vehicle",
                        held.stream()
                                .map(phase -> limit(phase, phase.equals("front off") ? 40 : 45))
                                .toList()),
                1);
        JsonNode run = p.begun();
        List<String> loads = new ArrayList<>();
        boolean looked = false;
        while (run.get("stage").asString().equals("WAITING")) {
            String phase = run.get("current").get("phase").get("name").asString();
            loads.add(run.get("current").get("phase").get("load").asString());
            if (phase.equals("front off") && !looked) {
                looked = true;
                open(p, "compare");
                assertThat(heading()).containsText("Of 6 limits 1 met, 5 not yet driven. 4 of 14 phases are driven.");
            }
            boolean gated = !run.get("gate").get("discs").asString().equals("NOT_ASKED");
            run = p.application(gated ? p.discs(80) : run, phase.equals("front off") ? 42 : 38);
        }
        assertThat(run.get("stage").asString()).isEqualTo("DONE");
        assertThat(loads).contains("LIGHT", "LADEN");
        open(p, "compare");
        assertThat(heading()).containsText("Of 6 limits 5 met, 1 not met. 14 of 14 phases are driven.");
        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Your limits")))
                .containsText("Not met");
        assertThat(page.getByText(Pattern.compile("lawful|roadworthy", Pattern.CASE_INSENSITIVE)))
                .hasCount(0);
        nothingSerious("the assessment");
    }

    @Test
    void aFailedDiagonalByHandIsHeldAgainstTheLimitOfItsOnlyPhase() {
        Procedures p = procedures()
                .ago(Duration.ofHours(2))
                .of("CAR", "Does one diagonal stop it short enough?", List.of(AS_IT_CAME));
        p.planned(p.limited("Diagonal off, front left", List.of(limit("lone diagonal", 45))), 3);
        JsonNode run = p.begun();
        open(p, "compare");
        assertThat(heading()).containsText("Of 1 limit 1 not yet driven.");
        while (run.get("stage").asString().equals("WAITING")) {
            run = p.application(p.discs(80), 41);
        }
        assertThat(p.stored("STOP"))
                .hasSize(3)
                .allMatch(s -> s.get("phase").asString().equals("lone diagonal"));
        open(p, "compare");
        assertThat(heading()).containsText("Of 1 limit 1 met. 1 of 1 phases are driven.");
        nothingSerious("a failed diagonal against its limit");
    }

    private static Map<String, Object> treatment(int number) {
        Map<String, Object> part = new HashMap<>(Map.of(
                "description", "film " + number, "condition", "NEW", "figures", Map.of(), "uncertainties", Map.of()));
        return Map.of("spec", Map.of("parts", Map.of("SURFACE_TREATMENT", part), "switches", Map.of()));
    }

    @Test
    void nineTreatmentsEachPutOnOnceAndProvedGone() {
        List<Map<String, Object>> sides = new ArrayList<>(List.of(AS_IT_CAME));
        for (int i = 1; i <= 9; i++) {
            sides.add(treatment(i));
        }
        Procedures p = procedures().ago(Duration.ofHours(9)).of("CAR", "Which film costs most grip?", sides);
        p.planned(p.procedure("Treatments of the disc").get("id").asString(), 1);
        JsonNode run = p.begun();
        boolean written = false;
        int proofs = 0;
        for (int i = 0; i < 200 && !run.get("stage").asString().equals("DONE"); i++) {
            JsonNode phase = run.get("current").get("phase");
            String kind = phase.get("kind").asString();
            if (kind.equals("TREATMENT")) {
                run = p.discs(30);
                if (!written) {
                    written = true;
                    open(p, "run");
                    assertThat(heading()).hasText("Apply.");
                    assertThat(page.getByText("Cold discs only, extinguisher at hand"))
                            .isVisible();
                    button("Record result").click();
                    nothingSerious("what was put on");
                    page.getByLabel("What, where, how much").fill("film, both faces in front, two strokes");
                    button("Done").click();
                    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
                    // The card goes on once the server has it.
                    assertThat(heading()).not().hasText("Apply.");
                    run = p.run();
                } else {
                    run = p.says(60, Map.of("type", "taskDone", "note", "film on both faces"));
                }
            } else if (run.get("stage").asString().equals("TASK")) {
                run = p.says(60, Map.of("type", "taskDone", "note", "cleaned with solvent, wiped dry"));
            } else {
                boolean proof = phase.get("provesBack").asBoolean();
                proofs += proof ? 1 : 0;
                boolean bare = run.get("sides").size() == 10
                        && run.get("current").get("configuration").asInt() == 0;
                p.says(60, Map.of("type", "discsRead", "celsius", Map.of("FRONT_LEFT", 50, "FRONT_RIGHT", 50)));
                run = p.application(p.run(), bare || proof ? 38 + 0.1 * (i % 4) : 41 + i * 0.05);
            }
        }
        assertThat(run.get("stage").asString()).isEqualTo("DONE");
        assertThat(proofs).isGreaterThanOrEqualTo(27);
        open(p, "compare");
        assertThat(page.getByText("5 stops").first()).isVisible();
        assertThat(page.getByText(Pattern.compile("lie outside the scatter of A, longer")))
                .isVisible();
        assertThat(page.getByText("outside the baseline’s scatter")).hasCount(9);
        page.getByLabel("Ranking").getByRole(AriaRole.BUTTON).last().click();
        assertThat(heading()).containsText("No verdict");
        open(p, "stops");
        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Stops")))
                .containsText("valid");
    }

    @Test
    void aPartialSystemIsRefusedByAShortLaneAndCuredByALongerOne() {
        Procedures p = procedures().of("CAR", "What does the rear do alone?", List.of(AS_IT_CAME));
        p.planned(p.procedure("Front circuit off").get("id").asString(), 4);
        open(p, "plan");
        describeLane("Short yard", "140", "20");
        assertThat(heading()).containsText("NO-GO");
        assertThat(heading()).containsText("rear brakes alone");
        describeLane("Long lane", "900", "300");
        assertThat(heading()).containsText("GO. It takes");
        assertThat(page.getByText("Order A-B-A")).hasCount(0);
        nothingSerious("a plan of one configuration");
    }

    @Test
    void aMotorcycleByHandIsToldWhatARiderNeedsAndNothingOfCars() {
        Procedures p = procedures()
                .ago(Duration.ofHours(3))
                .with(Map.of(
                        "FRONT_DISCS", q(2, "ONE"),
                        "MASS_LADEN", q(290, "KILOGRAMS"),
                        "FRONT_SHARE_LADEN", q(50, "PERCENT"),
                        "CG_HEIGHT", q(0.62, "METRES"),
                        "WHEELBASE", q(1.4, "METRES")))
                .of("MOTORCYCLE", "Do braided hoses stop it shorter?", List.of(AS_IT_CAME, AS_IT_CAME));
        p.planned(p.procedure("Straight stops").get("id").asString(), 3);
        open(p, "plan");
        assertThat(page.getByText("The rear wheel lifts from 11.1 m/s²")).isVisible();
        saysNothingOfCars("the plan");
        page.navigate("/garage?view=outlook&vehicle=" + p.vehicle);
        page.getByText("Which axle locks first").waitFor();
        page.navigate("/garage?view=configurations&vehicle=" + p.vehicle);
        assertThat(page.getByText("Levers with the free play given for them")).isVisible();
        JsonNode run = p.begun();
        for (int i = 0; i < 60 && !run.get("stage").asString().equals("DONE"); i++) {
            if (run.get("stage").asString().equals("TASK")) {
                run = p.says(600, Map.of("type", "taskDone", "note", ""));
                open(p, "run");
                saysNothingOfCars("the run card");
                continue;
            }
            boolean snub = run.get("snub").asBoolean();
            p.says(60, Map.of("type", "discsRead", "celsius", Map.of("FRONT_LEFT", 80, "REAR_LEFT", 60)));
            boolean first = run.get("current").get("configuration").asInt() == 0;
            run = p.application(p.run(), snub ? 0 : (first ? 34 : 31) + 0.1 * (i % 3));
        }
        assertThat(run.get("stage").asString()).isEqualTo("DONE");
        open(p, "compare");
        assertThat(heading()).containsText("B stops 3");
        saysNothingOfCars("the comparison");
        open(p, "heat");
        button("Add a reading").first().click();
        assertThat(page.getByLabel("Disc", new Page.GetByLabelOptions().setExact(true)))
                .hasText("front disc 1front disc 2rear disc");
    }

    private void saysNothingOfCars(String where) {
        assertThat(heading()).isVisible();
        assertThat(page.locator("body").innerText()).as(where).doesNotContainPattern("(?i)\\bcars?\\b");
    }

    private void describeLane(String name, String metres, String runOff) {
        button("Describe a lane").click();
        page.getByLabel("Name of the lane").fill(name);
        page.getByLabel("Length to drive on", new Page.GetByLabelOptions().setExact(true))
                .fill(metres);
        page.getByLabel("Run-off beyond it", new Page.GetByLabelOptions().setExact(true))
                .fill(runOff);
        page.getByLabel("Controlled by").fill("Marshal");
        button("Keep the lane").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    }
}
