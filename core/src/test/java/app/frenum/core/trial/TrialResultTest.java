package app.frenum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TrialResultTest {
    private static TrialResult result(
            Map<TrialField, Quantity> figures, Map<WheelPosition, Quantity> wheels, String seen) {
        return new TrialResult(figures, wheels, Set.of(), Optional.empty(), Optional.empty(), seen, Optional.empty());
    }

    private static List<String> wrong(TrialResult result, TrialKind kind) {
        return result.problems(kind).stream().map(FieldProblem::field).toList();
    }

    @Test
    void takesWhatItsKindMeasures() {
        Quantity laps = new Quantity(12, Unit.ONE);
        Quantity disc = new Quantity(540, Unit.CELSIUS);
        TrialResult lapped =
                result(Map.of(TrialField.LAPS, laps), Map.of(WheelPosition.FRONT_LEFT, disc), "pedal long at the end");
        assertThat(lapped.problems(TrialKind.CIRCUIT)).isEmpty();
        assertThat(lapped.rollers(TrialKind.CIRCUIT)).isEmpty();
        assertThat(wrong(lapped, TrialKind.PARKED_AIR)).containsExactly("figures.LAPS", "wheels");
        assertThat(wrong(lapped, TrialKind.ROLLER_TESTER)).containsExactly("figures.LAPS", "wheels.FRONT_LEFT");
        assertThat(wrong(result(Map.of(), Map.of(), " "), TrialKind.CIRCUIT)).containsExactly("seen");
    }

    @Test
    void forcesComeInTheUnitTheyWereReadIn() {
        Map<WheelPosition, Quantity> forces = Map.of(
                WheelPosition.FRONT_LEFT, new Quantity(3000, Unit.NEWTONS),
                WheelPosition.FRONT_RIGHT, new Quantity(3000, Unit.NEWTONS));
        TrialResult rolled = new TrialResult(
                Map.of(),
                forces,
                Set.of(WheelPosition.FRONT_LEFT),
                Optional.empty(),
                Optional.empty(),
                "",
                Optional.of(TrialResult.AsGuessed.PARTLY));
        assertThat(rolled.problems(TrialKind.ROLLER_TESTER)).isEmpty();
        assertThat(rolled.rollers(TrialKind.ROLLER_TESTER)
                        .orElseThrow()
                        .wheels()
                        .get(WheelPosition.FRONT_LEFT)
                        .locked())
                .isTrue();
        TrialResult lockedUnread = new TrialResult(
                Map.of(),
                Map.of(),
                Set.of(WheelPosition.REAR_LEFT),
                Optional.empty(),
                Optional.empty(),
                "locked",
                Optional.empty());
        assertThat(wrong(lockedUnread, TrialKind.ROLLER_TESTER)).containsExactly("locked");
    }
}
