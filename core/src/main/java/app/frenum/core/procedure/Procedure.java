package app.frenum.core.procedure;

import app.frenum.core.quantity.FieldProblem;
import app.frenum.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * A reusable method. It says how, never whether a car passes: limits come from whoever answers for them.
 *
 * @param name short
 * @param purpose what it can find out, and what not
 * @param phases in order
 * @param cycle the group of them that is repeated; absent where each is driven in its turn and that is all
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
        Optional<Cycle> cycle,
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
        cycle = Objects.requireNonNullElse(cycle, Optional.empty());
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
     * @param phase by name, whose stops it is of; absent for all of them
     * @param of which figure of a stop it bounds; absent where its unit says so
     */
    public record Limit(
            String what,
            boolean atLeast,
            Quantity value,
            String source,
            Optional<String> phase,
            Optional<LimitedFigure> of) {
        public Limit {
            phase = Objects.requireNonNullElse(phase, Optional.empty());
            of = Objects.requireNonNullElse(of, Optional.empty());
        }

        /** Of what its unit says. */
        public Limit(String what, boolean atLeast, Quantity value, String source, Optional<String> phase) {
            this(what, atLeast, value, source, phase, Optional.empty());
        }

        /** Which figure of a stop it bounds. */
        public LimitedFigure figure() {
            return of.orElseGet(() -> LimitedFigure.of(value));
        }
    }

    /** The same under another name. */
    public Procedure named(String other) {
        return new Procedure(other, purpose, phases, cycle, abortRules, limits, cautions, runBy, bring);
    }

    /** The same with other phases. */
    public Procedure with(List<Phase> others) {
        return new Procedure(name, purpose, others, cycle, abortRules, limits, cautions, runBy, bring);
    }

    /** The same with the counted stops, and those that prove the vehicle back, from a test's own speed. */
    public Procedure atSpeed(Quantity speed) {
        Optional<Phase> counted = countedPhase();
        return with(phases.stream()
                .map(p -> counted.filter(p::equals).isPresent() || p.provesBack() || isOfSome(p) ? p.from(speed) : p)
                .toList());
    }

    /** A stop that only some configurations are driven through is held against those of the others, at one speed. */
    private static boolean isOfSome(Phase p) {
        return isMeasured(p) && p.whose() != Phase.Whose.EVERY;
    }

    /** Applications of the brake in all phases. */
    public int applications() {
        return IntStream.range(0, phases.size())
                .filter(i -> phases.get(i).kind().isBraking())
                .map(i -> phases.get(i).repeats()
                        * cycle.filter(c -> c.holds(i)).map(Cycle::times).orElse(1))
                .sum();
    }

    /**
     * What is driven in one block, written out.
     *
     * @param counted stops of the counted phase, or repeats of the cycle
     * @param before repeats of the cycle that this configuration has behind it
     * @param baseline whether it is the baseline's
     */
    public List<Turn> turns(int counted, int before, boolean baseline) {
        List<Turn> out = new ArrayList<>();
        for (int i = 0; i < phases.size(); i++) {
            Cycle group = cycle.orElse(null);
            if (group == null || !group.holds(i)) {
                turn(phases.get(i), counted, baseline).ifPresent(out::add);
            } else if (i == group.first()) {
                for (int n = 1; n <= counted; n++) {
                    cycled(group, before + n, before + counted, baseline, out);
                }
            }
        }
        return out;
    }

    private Optional<Turn> turn(Phase phase, int counted, boolean baseline) {
        boolean asMany = countedPhase().filter(phase::equals).isPresent() && cycle.isEmpty();
        int repeats = !phase.kind().isBraking() ? 1 : asMany ? counted : phase.repeats();
        return phase.whose().holds(baseline) ? Optional.of(new Turn(phase, repeats, 0)) : Optional.empty();
    }

    private void cycled(Cycle group, int repeat, int of, boolean baseline, List<Turn> out) {
        for (Phase p : phases.subList(group.first(), group.last() + 1)) {
            boolean due = p.kind() != Phase.Kind.INSPECTION || group.inspectsAfter(repeat, of);
            if (due && p.whose().holds(baseline)) {
                out.add(new Turn(p, p.kind().isBraking() ? p.repeats() : 1, repeat));
            }
        }
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
            if (!isNamedApart(phases.get(i), names)) {
                found.add(new FieldProblem("phases." + i + ".name", "Another phase has this name."));
            }
        }
        cycle.ifPresent(c -> found.addAll(c.problems(phases)));
        if (!abortRules.containsAll(ALWAYS)) {
            found.add(new FieldProblem(
                    "abortRules", "A long pedal, lost fluid and a lane that is not clear always end testing."));
        }
        for (int i = 0; i < limits.size(); i++) {
            text(limits.get(i).what(), 1, LONGEST_NAME, "limits." + i + ".what", found);
            text(limits.get(i).source(), 1, LONGEST_NAME, "limits." + i + ".source", found);
            if (limits.get(i).phase().filter(p -> !names.contains(p)).isPresent()) {
                found.add(new FieldProblem("limits." + i + ".phase", "No phase of the procedure has this name."));
            }
            if (!limits.get(i).figure().isMeasuredIn(limits.get(i).value())) {
                found.add(new FieldProblem(
                        "limits." + i + ".value",
                        "%s is not measured in %s. Choose a unit of that figure."
                                .formatted(
                                        limits.get(i).figure().label(),
                                        limits.get(i).value().unit().symbol())));
            }
        }
        return found;
    }

    /** Phases that no configuration drives both of may share a name: their stops are held against each other. */
    private static boolean isNamedApart(Phase p, Set<String> names) {
        String name = p.name().strip();
        return switch (p.whose()) {
            case EVERY -> {
                names.add("BASELINE " + name);
                names.add("OTHERS " + name);
                yield names.add(name);
            }
            case BASELINE, OTHERS -> {
                names.add(name);
                yield names.add(p.whose() + " " + name);
            }
        };
    }

    private static void text(String text, int shortest, int longest, String field, List<FieldProblem> found) {
        int length = text.strip().length();
        if (length < shortest || length > longest) {
            found.add(new FieldProblem(field, "%d to %d characters, please.".formatted(shortest, longest)));
        }
    }
}
