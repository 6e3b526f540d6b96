package app.frenum.core.procedure;

import static app.frenum.core.procedure.Phases.celsius;
import static app.frenum.core.procedure.Phases.kmh;
import static app.frenum.core.procedure.Phases.phase;
import static app.frenum.core.procedure.Phases.procedure;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProcedureTest {
    private static List<String> problems(Phase... phases) {
        return procedure(phases).problems().stream().map(FieldProblem::field).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "STOP, 90, 0, WHOLE, ''",
        "STOP, 90, 20, WHOLE, phases.0.to",
        "SNUB, 90, 0, WHOLE, phases.0.to",
        "SNUB, 90, 40, WHOLE, ''",
        "SNUB, 40, 90, WHOLE, phases.0.to",
        "SPIKE, 60, 0, WHOLE, ''",
        "STOP, -5, 0, WHOLE, phases.0.from",
        "STOP, 120, 0, FRONT_CIRCUIT_OFF, phases.0.from",
        "STOP, 60, 0, FRONT_CIRCUIT_OFF, ''",
        "COOL_DOWN, 60, 60, WHOLE, ''"
    })
    void speedsMustMakeSenseForWhatIsDone(Phase.Kind kind, double from, double to, BrakeSystem system, String problem) {
        assertThat(problems(phase(kind, kmh(from), kmh(to), system, 6, Gate.OPEN, false)))
                .isEqualTo(problem.isEmpty() ? List.of() : List.of(problem));
    }

    @Test
    void aGateUpsideDownIsRefused() {
        Gate gate = Gate.timed(celsius(120), celsius(80), Optional.empty(), Optional.empty());
        assertThat(problems(phase(Phase.Kind.STOP, kmh(90), kmh(0), 6, gate))).containsExactly("phases.0.gate.hottest");
        Quantity minute = new Quantity(1, Unit.MINUTES);
        Gate interval = Gate.timed(Optional.empty(), Optional.empty(), Optional.of(minute), Optional.of(minute));
        assertThat(problems(phase(Phase.Kind.STOP, kmh(90), kmh(0), 6, interval)))
                .containsExactly("phases.0.gate.latest");
    }

    @Test
    void gatesAreClosedOnBothSides() {
        Gate gate = Gate.timed(celsius(80), celsius(120), Optional.empty(), Optional.empty());
        assertThat(gate.isWarmEnough(79.9)).isFalse();
        assertThat(gate.isWarmEnough(80)).isTrue();
        assertThat(gate.isCoolEnough(120)).isTrue();
        assertThat(gate.isCoolEnough(120.1)).isFalse();
    }

    @Test
    void someAbortRulesCannotBeTakenOut() {
        Procedure lax = new Procedure(
                "x",
                "",
                List.of(phase(Phase.Kind.STOP, kmh(90), kmh(0), 6, Gate.OPEN)),
                Optional.empty(),
                EnumSet.of(AbortRule.CRACK),
                List.of(),
                List.of(),
                Procedure.RunBy.ANY_DRIVER,
                List.of());
        assertThat(lax.problems()).extracting(FieldProblem::field).containsExactly("abortRules");
    }

    @Test
    void onlyASinglePhaseOfStopsCanBeMadeLonger() {
        Phase warm = phase(Phase.Kind.SNUB, kmh(60), kmh(30), 6, Gate.OPEN);
        Phase stops = phase(Phase.Kind.STOP, kmh(90), kmh(0), 6, Gate.OPEN);
        assertThat(procedure(warm, stops).countedPhase()).contains(stops);
        assertThat(procedure(warm, stops, stops).countedPhase()).isEmpty();
        assertThat(procedure(warm, stops).applications()).isEqualTo(12);
        assertThat(problems(stops, stops)).containsExactly("phases.1.name");
        assertThat(problems()).containsExactly("phases");
    }

    private static Phase proof(Phase.Kind kind, double to, int repeats) {
        return phase(kind, kmh(90), kmh(to), BrakeSystem.WHOLE, repeats, Gate.OPEN, true);
    }

    @Test
    void aTreatmentIsProvedGoneByEnoughStopsAfterThoseItIsHeldAgainst() {
        Phase stops = phase(Phase.Kind.STOP, kmh(90), kmh(0), 6, Gate.OPEN);
        assertThat(problems(stops, proof(Phase.Kind.STOP, 0, 4))).isEmpty();
        assertThat(procedure(stops, proof(Phase.Kind.STOP, 0, 4)).countedPhase())
                .contains(stops);
        assertThat(problems(proof(Phase.Kind.STOP, 0, 4))).containsExactly("phases.0.provesBack");
        assertThat(problems(stops, proof(Phase.Kind.STOP, 0, 2))).containsExactly("phases.1.repeats");
        assertThat(problems(stops, proof(Phase.Kind.SNUB, 30, 4))).containsExactly("phases.1.provesBack");
    }

    @Test
    void theSafetyGateIsSignedOnlyWhenEverythingWasSeenTo() {
        EnumSet<SafetyCheck> seen = EnumSet.allOf(SafetyCheck.class);
        assertThat(new SafetyGate(seen).problems()).isEmpty();
        seen.remove(SafetyCheck.RUN_OFF_CLEAR);
        assertThat(new SafetyGate(seen).problems())
                .extracting(FieldProblem::field)
                .containsExactly("seen.RUN_OFF_CLEAR");
    }

    @Test
    void nobodyDrivesAndControlsTheLaneAtOnce() {
        assertThat(new Crew(Map.of(CrewRole.DRIVER, "Ash", CrewRole.LANE_CONTROL, "ash ")).problems())
                .extracting(FieldProblem::field)
                .containsExactly("crew.LANE_CONTROL");
        assertThat(new Crew(Map.of(CrewRole.DRIVER, "Ash", CrewRole.RECORDER, "Ash")).problems())
                .isEmpty();
    }
}
