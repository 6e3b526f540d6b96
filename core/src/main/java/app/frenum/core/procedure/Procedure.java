package app.frenum.core.procedure;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A reusable method. It says how, never whether a car passes: limits come from whoever answers for them.
 *
 * @param name short
 * @param purpose what it can find out, and what not
 * @param phases in order
 * @param abortRules what ends testing
 * @param limits a person's own, from the code that binds them
 * @param cautions said before it is run
 * @param runBy who may run it
 * @param bring what it needs on the day
 */
public record Procedure(
        String name,
        String purpose,
        List<Phase> phases,
        Set<AbortRule> abortRules,
        List<Limit> limits,
        List<String> cautions,
        RunBy runBy,
        List<String> bring) {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_TEXT = 2000;
    private static final int MOST_PHASES = 40;
    private static final Set<AbortRule> ALWAYS =
            Set.of(AbortRule.PEDAL_TO_FLOOR, AbortRule.FLUID_LOSS, AbortRule.LANE_NOT_CLEAR);

    public Procedure {
        phases = List.copyOf(phases);
        abortRules = abortRules.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(abortRules));
        limits = List.copyOf(limits);
        cautions = List.copyOf(cautions);
        bring = List.copyOf(bring);
    }

    /** Who may run it. */
    public enum RunBy {
        ANY_DRIVER,
        TRAINED_DRIVER,
        /** Somebody who answers for work on brakes. */
        BRAKE_ENGINEER
    }

    /**
     * An acceptance limit that a person entered.
     *
     * @param what of, such as "mean deceleration, laden"
     * @param atLeast or, when false, at most
     * @param value the limit
     * @param source the code it comes from, as the person named it
     */
    public record Limit(String what, boolean atLeast, Quantity value, String source) {}

    /** The same under another name. */
    public Procedure named(String other) {
        return new Procedure(other, purpose, phases, abortRules, limits, cautions, runBy, bring);
    }

    /** The same with other phases. */
    public Procedure with(List<Phase> others) {
        return new Procedure(name, purpose, others, abortRules, limits, cautions, runBy, bring);
    }

    /** The same with the counted stops, and those that prove the vehicle back, from a test's own speed. */
    public Procedure atSpeed(Quantity speed) {
        Optional<Phase> counted = countedPhase();
        return with(phases.stream()
                .map(p -> counted.filter(p::equals).isPresent() || p.provesBack() ? p.from(speed) : p)
                .toList());
    }

    /** Applications of the brake in all phases. */
    public int applications() {
        return phases.stream()
                .filter(p -> p.kind().isBraking())
                .mapToInt(Phase::repeats)
                .sum();
    }

    /**
     * The phase whose stops a plan may make more or fewer of: the only one that comes to rest, proofs apart. A procedure with several
     * of them is driven as it is written.
     */
    public Optional<Phase> countedPhase() {
        List<Phase> stops = phases.stream().filter(Procedure::isMeasured).toList();
        return stops.size() == 1 ? Optional.of(stops.get(0)) : Optional.empty();
    }

    private static boolean isMeasured(Phase p) {
        return p.kind() == Phase.Kind.STOP && !p.provesBack();
    }

    /** Everything that contradicts itself; a procedure with none can be run. */
    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        text(name, 1, LONGEST_NAME, "name", found);
        text(purpose, 0, LONGEST_TEXT, "purpose", found);
        if (phases.isEmpty() || phases.size() > MOST_PHASES) {
            found.add(new FieldProblem("phases", "A procedure has 1 to " + MOST_PHASES + " phases."));
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < phases.size(); i++) {
            found.addAll(phases.get(i).problems("phases." + i));
            if (phases.get(i).provesBack() && phases.subList(0, i).stream().noneMatch(Procedure::isMeasured)) {
                found.add(new FieldProblem(
                        "phases." + i + ".provesBack", "Stops must come before it that it can be held against."));
            }
            if (!names.add(phases.get(i).name().strip())) {
                found.add(new FieldProblem("phases." + i + ".name", "Another phase has this name."));
            }
        }
        if (!abortRules.containsAll(ALWAYS)) {
            found.add(new FieldProblem(
                    "abortRules", "A long pedal, lost fluid and a lane that is not clear always end testing."));
        }
        for (int i = 0; i < limits.size(); i++) {
            text(limits.get(i).what(), 1, LONGEST_NAME, "limits." + i + ".what", found);
            text(limits.get(i).source(), 1, LONGEST_NAME, "limits." + i + ".source", found);
        }
        return found;
    }

    private static void text(String text, int shortest, int longest, String field, List<FieldProblem> found) {
        int length = text.strip().length();
        if (length < shortest || length > longest) {
            found.add(new FieldProblem(field, "%d to %d characters, please.".formatted(shortest, longest)));
        }
    }
}
