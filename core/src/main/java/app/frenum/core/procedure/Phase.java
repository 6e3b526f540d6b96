package app.frenum.core.procedure;

import app.frenum.core.garage.VehicleSpec.Load;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Equal applications of the brake in a row.
 *
 * @param name such as "cold stops"
 * @param kind what is done each time
 * @param from speed at the start of each
 * @param to speed at its end: 0 for a stop or a spike, above 0 for a snub
 * @param target deceleration to hold, or pedal effort; absent means as hard as the tyres allow
 * @param gear the drive
 * @param load the vehicle's
 * @param system which part of the brakes works
 * @param gate what must be true before each
 * @param repeats how many
 * @param mostExtra how many more may be driven in place of those that do not count
 * @param lockForbidden whether a locked wheel means do it again
 * @param adjuster turns of the bias adjuster from full front; absent to leave it as it stands
 * @param provesBack whether these stops must show that the vehicle is back at its baseline, after a treatment was
 *     cleaned off, before anything else is driven
 * @param whose for which configurations it is driven
 * @param grip between tyres and lane where it is driven on a surface of its own, such as a wetted one; absent on the plan's
 */
public record Phase(
        String name,
        Kind kind,
        Quantity from,
        Quantity to,
        Optional<Quantity> target,
        Gear gear,
        Load load,
        BrakeSystem system,
        Gate gate,
        int repeats,
        int mostExtra,
        boolean lockForbidden,
        Optional<Quantity> adjuster,
        boolean provesBack,
        Whose whose,
        Optional<Quantity> grip) {
    private static final double FASTEST_PARTIAL_MPS = 100 / 3.6;
    private static final int MOST_REPEATS = 500;
    /** Fewer on a side give figures, but no verdict. */
    private static final int FEWEST_PROOFS = 3;

    public Phase {
        // Bundles may leave them out, as those from before phases had them do.
        adjuster = Objects.requireNonNullElse(adjuster, Optional.empty());
        grip = Objects.requireNonNullElse(grip, Optional.empty());
        whose = Objects.requireNonNullElse(whose, Whose.EVERY);
    }

    /** What is done each time. */
    public enum Kind {
        STOP,
        SNUB,
        /** A sudden full application. */
        SPIKE,
        /** Rolling without the brake. */
        COOL_DOWN,
        /** Looked at and written down, not driven against a figure. */
        OBSERVATION,
        INSPECTION,
        /** Something is put on disc or drum, once for the stop that follows. */
        TREATMENT;

        /** Whether the brake is applied. */
        public boolean isBraking() {
            return this == STOP || this == SNUB || this == SPIKE;
        }
    }

    /** The drive while braking. */
    public enum Gear {
        NEUTRAL,
        IN_GEAR
    }

    /** For which configurations of a test it is driven. */
    public enum Whose {
        EVERY,
        BASELINE,
        OTHERS;

        boolean holds(boolean baseline) {
            return this == EVERY || (this == BASELINE) == baseline;
        }
    }

    /** The same with another part of the brakes. */
    public Phase on(BrakeSystem other) {
        return new Phase(
                name,
                kind,
                from,
                to,
                target,
                gear,
                load,
                other,
                gate,
                repeats,
                mostExtra,
                lockForbidden,
                adjuster,
                provesBack,
                whose,
                grip);
    }

    /** The same from another speed. */
    public Phase from(Quantity speed) {
        return new Phase(
                name,
                kind,
                speed,
                to,
                target,
                gear,
                load,
                system,
                gate,
                repeats,
                mostExtra,
                lockForbidden,
                adjuster,
                provesBack,
                whose,
                grip);
    }

    List<FieldProblem> problems(String path) {
        List<FieldProblem> found = new ArrayList<>();
        if (name.isBlank()) {
            found.add(new FieldProblem(path + ".name", "Name the phase."));
        }
        if (repeats < 1 || repeats > MOST_REPEATS) {
            found.add(new FieldProblem(path + ".repeats", repeats + " read. It must be 1 to " + MOST_REPEATS + "."));
        }
        if (mostExtra < 0 || mostExtra > MOST_REPEATS) {
            found.add(
                    new FieldProblem(path + ".mostExtra", mostExtra + " read. It must be 0 to " + MOST_REPEATS + "."));
        }
        PhaseField.FROM.bounds().check(from, path + ".from", found);
        PhaseField.TO.bounds().check(to, path + ".to", found);
        if (kind.isBraking() && found.isEmpty()) {
            speeds(path, found);
        }
        target.ifPresent(t -> target(t, path + ".target", found));
        adjuster.ifPresent(t -> PhaseField.ADJUSTER
                .bounds()
                .problem(t)
                .ifPresent(m -> found.add(new FieldProblem(path + ".adjuster", m))));
        grip.ifPresent(g ->
                PhaseField.GRIP.bounds().problem(g).ifPresent(m -> found.add(new FieldProblem(path + ".grip", m))));
        if (provesBack && kind != Kind.STOP) {
            found.add(new FieldProblem(path + ".provesBack", "Only stops can prove anything; make the phase stops."));
        } else if (provesBack && repeats < FEWEST_PROOFS) {
            found.add(new FieldProblem(
                    path + ".repeats",
                    "%d read. It takes %d stops or more to prove the vehicle back.".formatted(repeats, FEWEST_PROOFS)));
        }
        found.addAll(gate.problems(path + ".gate"));
        return found;
    }

    private void speeds(String path, List<FieldProblem> found) {
        if (from.inside() <= to.inside()) {
            found.add(new FieldProblem(path + ".to", "It must be slower than the start."));
        } else if (kind == Kind.SNUB && to.inside() == 0) {
            found.add(new FieldProblem(path + ".to", "A snub ends rolling; to come to rest make it a stop."));
        } else if (kind != Kind.SNUB && to.inside() != 0) {
            found.add(new FieldProblem(path + ".to", "A stop ends at 0; to end rolling make it a snub."));
        }
        if (system.isPartial() && from.inside() > FASTEST_PARTIAL_MPS) {
            found.add(new FieldProblem(
                    path + ".from",
                    "With part of the brakes off start at 100 km/h or less, and on more lane than the plan asks for."));
        }
    }

    private static void target(Quantity t, String field, List<FieldProblem> found) {
        boolean effort = t.unit().dimension() == PhaseField.EFFORT.bounds().dimension();
        (effort ? PhaseField.EFFORT : PhaseField.TARGET).bounds().check(t, field, found);
    }
}
