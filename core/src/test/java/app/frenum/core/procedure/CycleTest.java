package app.frenum.core.procedure;

import static app.frenum.core.procedure.Phases.hottest;
import static app.frenum.core.procedure.Phases.kmh;
import static app.frenum.core.procedure.Phases.phase;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.frenum.core.quantity.FieldProblem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A group of phases that is driven over and over. */
class CycleTest {
    private static final Phase FIRST = phase(Phase.Kind.SNUB, kmh(160), kmh(20), 1, hottest(100));
    private static final Phase SECOND = phase(Phase.Kind.SPIKE, kmh(160), kmh(0), 1, Gate.OPEN);
    private static final Phase COOL = phase(Phase.Kind.COOL_DOWN, kmh(80), kmh(80), 1, hottest(100));
    private static final Phase LOOK = phase(Phase.Kind.INSPECTION, kmh(0), kmh(0), 1, Gate.OPEN);
    private static final Phase WARM = phase(Phase.Kind.STOP, kmh(60), kmh(0), 3, Gate.OPEN);

    private static Procedure cycled(Cycle cycle, Phase... phases) {
        Procedure once = Phases.procedure(phases);
        return new Procedure(
                once.name(),
                once.purpose(),
                once.phases(),
                Optional.of(cycle),
                once.abortRules(),
                once.limits(),
                once.cautions(),
                once.runBy(),
                once.bring());
    }

    @Test
    void aGroupIsDrivenSoManyTimesAndLookedAtAfterEveryTenthAndTheLast() {
        Procedure endurance = cycled(new Cycle(1, 4, 100, 10), WARM, FIRST, SECOND, COOL, LOOK);
        assertThat(endurance.problems()).isEmpty();
        assertThat(endurance.applications()).isEqualTo(3 + 200);
        List<Turn> turns = endurance.turns(25, 0, true);
        assertThat(turns.get(0)).isEqualTo(new Turn(WARM, 3, 0));
        assertThat(turns.stream().filter(t -> t.phase().equals(SECOND))).hasSize(25);
        assertThat(turns.stream().filter(t -> t.phase().equals(LOOK)))
                .extracting(Turn::cycle)
                .containsExactly(10, 20, 25);
        assertThat(turns.subList(1, 4))
                .extracting(Turn::phase, Turn::cycle)
                .containsExactly(tuple(FIRST, 1), tuple(SECOND, 1), tuple(COOL, 1));
    }

    @Test
    void theCounterGoesOnInTheNextBlock() {
        Procedure endurance = cycled(new Cycle(0, 1, 10, 4), FIRST, LOOK);
        assertThat(endurance.turns(5, 5, true).stream().filter(t -> t.phase().equals(LOOK)))
                .extracting(Turn::cycle)
                .containsExactly(8, 10);
    }

    @Test
    void whatIsOnlyForTheBaselineOrTheOthersIsLeftOutOfTheRest() {
        Phase baselineOnly = whose(WARM, Phase.Whose.BASELINE);
        Phase othersOnly = whose(LOOK, Phase.Whose.OTHERS);
        Procedure some = Phases.procedure(baselineOnly, othersOnly, COOL);
        assertThat(some.turns(3, 0, true)).extracting(Turn::phase).containsExactly(baselineOnly, COOL);
        assertThat(some.turns(3, 0, false)).extracting(Turn::phase).containsExactly(othersOnly, COOL);
    }

    private static Phase whose(Phase p, Phase.Whose whose) {
        return new Phase(
                p.name(),
                p.kind(),
                p.from(),
                p.to(),
                p.target(),
                p.gear(),
                p.load(),
                p.system(),
                p.gate(),
                p.repeats(),
                p.mostExtra(),
                p.lockForbidden(),
                p.adjuster(),
                p.provesBack(),
                whose,
                p.grip());
    }

    @ParameterizedTest
    @CsvSource({
        "0, 3, 1, 10, cycle.times",
        "0, 3, 501, 10, cycle.times",
        "0, 3, 10, 0, cycle.inspectEvery",
        "2, 3, 10, 10, cycle.first",
        "2, 1, 10, 10, cycle.first",
        "0, 4, 10, 10, cycle.first"
    })
    void aGroupThatCannotBeDrivenIsRefused(int first, int last, int times, int every, String field) {
        Procedure wrong = cycled(new Cycle(first, last, times, every), FIRST, SECOND, COOL, LOOK);
        assertThat(wrong.problems()).extracting(FieldProblem::field).containsExactly(field);
    }
}
