package app.frenum.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.garage.VehicleSpec.Load;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProcedureTest {
    private static Quantity kmh(double v) {
        return new Quantity(v, Unit.KILOMETRES_PER_HOUR);
    }

    private static Optional<Quantity> celsius(double t) {
        return Optional.of(new Quantity(t, Unit.CELSIUS));
    }

    private static Phase phase(Phase.Kind kind, double from, double to, Phase.BrakeSystem system, Gate gate) {
        return new Phase(
                "phase " + kind,
                kind,
                kmh(from),
                kmh(to),
                Optional.empty(),
                Phase.Gear.NEUTRAL,
                Load.LADEN,
                system,
                gate,
                6,
                3,
                true);
    }

    private static Procedure of(Phase... phases) {
        return new Procedure(
                "Straight stops",
                "",
                List.of(phases),
                EnumSet.allOf(AbortRule.class),
                List.of(),
                List.of(),
                Procedure.RunBy.ANY_DRIVER,
                List.of());
    }

    private static List<String> problems(Phase... phases) {
        return of(phases).problems().stream().map(FieldProblem::field).toList();
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
    void speedsMustMakeSenseForWhatIsDone(
            Phase.Kind kind, double from, double to, Phase.BrakeSystem system, String problem) {
        assertThat(problems(phase(kind, from, to, system, Gate.OPEN)))
                .isEqualTo(problem.isEmpty() ? List.of() : List.of(problem));
    }

    @Test
    void aGateUpsideDownIsRefused() {
        Gate gate = new Gate(celsius(120), celsius(80), Optional.empty(), Optional.empty());
        assertThat(problems(phase(Phase.Kind.STOP, 90, 0, Phase.BrakeSystem.WHOLE, gate)))
                .containsExactly("phases.0.gate.hottest");
        Quantity minute = new Quantity(1, Unit.MINUTES);
        Gate interval = new Gate(Optional.empty(), Optional.empty(), Optional.of(minute), Optional.of(minute));
        assertThat(problems(phase(Phase.Kind.STOP, 90, 0, Phase.BrakeSystem.WHOLE, interval)))
                .containsExactly("phases.0.gate.latest");
    }

    @Test
    void gatesAreClosedOnBothSides() {
        Gate gate = new Gate(celsius(80), celsius(120), Optional.empty(), Optional.empty());
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
                List.of(phase(Phase.Kind.STOP, 90, 0, Phase.BrakeSystem.WHOLE, Gate.OPEN)),
                EnumSet.of(AbortRule.CRACK),
                List.of(),
                List.of(),
                Procedure.RunBy.ANY_DRIVER,
                List.of());
        assertThat(lax.problems()).extracting(FieldProblem::field).containsExactly("abortRules");
    }

    @Test
    void onlyASinglePhaseOfStopsCanBeMadeLonger() {
        Phase warm = phase(Phase.Kind.SNUB, 60, 30, Phase.BrakeSystem.WHOLE, Gate.OPEN);
        Phase stops = phase(Phase.Kind.STOP, 90, 0, Phase.BrakeSystem.WHOLE, Gate.OPEN);
        assertThat(of(warm, stops).countedPhase()).contains(stops);
        assertThat(of(warm, stops, stops).countedPhase()).isEmpty();
        assertThat(of(warm, stops).applications()).isEqualTo(12);
        assertThat(problems(stops, stops)).containsExactly("phases.1.name");
        assertThat(problems()).containsExactly("phases");
    }
}
