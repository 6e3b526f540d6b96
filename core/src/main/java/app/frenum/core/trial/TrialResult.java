package app.frenum.core.trial;

import app.frenum.core.balance.RollerReading;
import app.frenum.core.heat.AirFlowMethod;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What came of a trial.
 *
 * @param figures of the vehicle
 * @param wheels by wheel: discs as they were read after laps, or forces on the rollers
 * @param locked wheels that stopped turning on the rollers
 * @param method how the air was looked at
 * @param pedal how it felt at the end
 * @param seen in words
 * @param guess whether it came as guessed, by whoever says so
 */
public record TrialResult(
        Map<TrialField, Quantity> figures,
        Map<WheelPosition, Quantity> wheels,
        Set<WheelPosition> locked,
        Optional<AirFlowMethod> method,
        Optional<PedalFeel> pedal,
        String seen,
        Optional<AsGuessed> guess) {
    private static final int LONGEST = 2000;

    public TrialResult {
        figures = figures.isEmpty() ? Map.of() : new EnumMap<>(figures);
        wheels = wheels.isEmpty() ? Map.of() : new EnumMap<>(wheels);
        locked = locked.isEmpty() ? Set.of() : EnumSet.copyOf(locked);
    }

    /** Whether it came as guessed. */
    public enum AsGuessed {
        YES("as guessed"),
        PARTLY("partly as guessed"),
        NO("not as guessed");

        private final String label;

        AsGuessed(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** Forces on the rollers; empty where none were read. */
    public Optional<RollerReading> rollers(TrialKind kind) {
        if (kind != TrialKind.ROLLER_TESTER || wheels.isEmpty()) {
            return Optional.empty();
        }
        Map<WheelPosition, RollerReading.Wheel> read = new EnumMap<>(WheelPosition.class);
        wheels.forEach(
                (wheel, force) -> read.put(wheel, new RollerReading.Wheel(force.inside(), locked.contains(wheel))));
        return Optional.of(new RollerReading(read));
    }

    /** Everything that cannot be right of a trial of this kind. */
    public List<FieldProblem> problems(TrialKind kind) {
        List<FieldProblem> found = new ArrayList<>();
        if (seen.length() > LONGEST || seen.isBlank() && figures.isEmpty() && wheels.isEmpty()) {
            found.add(new FieldProblem("seen", "Say what came of it, in 1 to %d characters.".formatted(LONGEST)));
        }
        figures.forEach((field, q) -> {
            String at = "figures." + field;
            if (field.kind() != kind || field.isPerWheel()) {
                found.add(new FieldProblem(at, "Not measured in this kind of trial."));
            } else {
                field.bounds().check(q, at, found);
            }
        });
        TrialField perWheel = kind == TrialKind.ROLLER_TESTER ? TrialField.FORCE : TrialField.DISC;
        wheels.forEach((wheel, q) -> perWheel.bounds().check(q, "wheels." + wheel, found));
        if (kind == TrialKind.PARKED_AIR && !wheels.isEmpty()) {
            found.add(new FieldProblem("wheels", "Nothing is read by wheel here; say it in words."));
        }
        if (!wheels.keySet().containsAll(locked)) {
            found.add(new FieldProblem("locked", "A wheel that locked has a force, too: enter it."));
        }
        return found;
    }
}
