package app.frenum.core.plan;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.heat.Cooling;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Turn;
import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A day of testing by the clock: stops, waits, changes of parts, bedding in and inspections, with the predicted
 * temperature of a front disc. Waits follow from the gates and {@link Cooling}.
 *
 * @param items in order, without holes
 * @param warnings gates that the plan cannot meet
 */
public record DayClock(List<Item> items, List<Finding> warnings) {
    /** A cool-down run lasts this many time constants unless its gate says otherwise. */
    private static final double COOL_DOWN_TAUS = 1.5;

    private static final double COOL_DOWN_WITHOUT_HEAT_S = 300;
    private static final double TREATMENT_S = 300;

    /** What takes time. */
    public enum Kind {
        SWAP,
        BEDDING,
        WAIT,
        RUN,
        COOL_DOWN,
        OBSERVATION,
        INSPECTION,
        TREATMENT
    }

    /**
     * One stretch of the day.
     *
     * @param configuration 0 is the baseline
     * @param phase its name; empty for changes of parts and bedding
     * @param number of the run in its phase and block, or of its repeat of the cycle, from 1; 0 for what is not a run
     * @param startS from the start of the day
     * @param startC disc at the brake point, or at the start of a wait
     * @param peakC disc after braking; for what is not a run, at its end
     */
    public record Item(
            Kind kind,
            int configuration,
            String phase,
            int number,
            double startS,
            double durationS,
            Figure startC,
            Figure peakC) {}

    public static DayClock of(Day day) {
        return new Schedule(day).run();
    }

    public double endS() {
        return items.isEmpty()
                ? 0
                : items.get(items.size() - 1).startS()
                        + items.get(items.size() - 1).durationS();
    }

    /** Time spent on one kind, s. */
    public double spentS(Kind kind) {
        return items.stream()
                .filter(i -> i.kind() == kind)
                .mapToDouble(Item::durationS)
                .sum();
    }

    /** The hottest a disc gets, °C. */
    public Figure hottestC() {
        return extreme(items, true);
    }

    /** The coldest at which a run begins, °C. */
    public Figure coldestStartC() {
        return extreme(items, false);
    }

    private static Figure extreme(List<Item> items, boolean peak) {
        double[] known = items.stream()
                .filter(i -> i.kind() == Kind.RUN)
                .map(i -> peak ? i.peakC() : i.startC())
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .sorted()
                .toArray();
        return known.length == 0
                ? Figure.unknown("the heat of the discs cannot be predicted without masses")
                : Figure.of(known[peak ? known.length - 1 : 0]);
    }

    /** The day as it is written, item after item. */
    private static final class Schedule {
        private final Day day;
        private final List<Item> items = new ArrayList<>();
        private final List<Finding> warnings = new ArrayList<>();
        private final Set<String> tooCold = new HashSet<>();
        private double now;
        private double disc;
        private int cycle;
        private double cycleStart;

        Schedule(Day day) {
            this.day = day;
            disc = day.heat().map(h -> h.cooling().ambientC()).orElse(0.0);
        }

        DayClock run() {
            int fitted = 0;
            boolean[] bedded = new boolean[day.fittings().size()];
            int[] driven = new int[day.fittings().size()];
            for (RunOrder.Block block : day.blocks()) {
                int c = block.configuration();
                Day.Fitting fitting = day.fittings().get(c);
                if (c != fitted) {
                    spend(Kind.SWAP, c, "", fitting.fromS(fitted));
                }
                if (!bedded[c] && fitting.beddingS() > 0) {
                    spend(Kind.BEDDING, c, "", fitting.beddingS());
                }
                bedded[c] = true;
                fitted = c;
                for (Turn turn : day.procedure().turns(block.stops(), driven[c], c == 0)) {
                    turn(c, turn);
                }
                driven[c] += block.stops();
            }
            return new DayClock(List.copyOf(items), warnings.stream().distinct().toList());
        }

        private void turn(int configuration, Turn turn) {
            Phase phase = turn.phase();
            switch (phase.kind()) {
                case COOL_DOWN -> coolDown(configuration, phase);
                case INSPECTION ->
                    spend(
                            Kind.INSPECTION,
                            configuration,
                            phase.name(),
                            day.motion().inspectionS());
                case OBSERVATION ->
                    spend(
                            Kind.OBSERVATION,
                            configuration,
                            phase.name(),
                            day.motion().inspectionS());
                case TREATMENT -> treat(configuration, phase);
                default -> runs(configuration, turn);
            }
        }

        /** The disc must be cold for it. */
        private void treat(int configuration, Phase phase) {
            if (phase.gate().hottest().isPresent()) {
                coolDown(configuration, phase);
            }
            spend(Kind.TREATMENT, configuration, phase.name(), TREATMENT_S);
        }

        private void runs(int configuration, Turn turn) {
            Phase phase = turn.phase();
            // In a cycle the time to the next application is counted from the first.
            double lastStart = turn.cycle() > 0 && turn.cycle() == cycle ? cycleStart : Double.NEGATIVE_INFINITY;
            for (int n = 1; n <= turn.repeats(); n++) {
                waitForGate(configuration, phase, lastStart);
                lastStart = now + day.motion().runUpS(phase.from().inside());
                drive(configuration, phase, turn.cycle() > 0 ? turn.cycle() : n);
            }
            cycle = turn.cycle();
            cycleStart = lastStart;
        }

        /** Waits so that the gate is open when the car is at the brake point. */
        private void waitForGate(int configuration, Phase phase, double lastStart) {
            double runUp = day.motion().runUpS(phase.from().inside());
            Gate gate = phase.gate();
            double wait = gate.soonest()
                    .map(s -> lastStart + s.inside() - now - runUp)
                    .orElse(0.0);
            if (Double.isFinite(lastStart)) {
                wait = Math.max(wait, furtherS(phase));
            }
            if (day.heat().isPresent() && gate.hottest().isPresent()) {
                Cooling cooling = day.heat().get().cooling();
                Figure cool = cooling.waitUntil(disc, gate.hottest().get().inside());
                if (cool.isKnown()) {
                    wait = Math.max(wait, cool.value() - runUp);
                } else {
                    warnings.add(Finding.of(
                            PlanFinding.GATE_OUT_OF_REACH,
                            Term.name(phase.name()),
                            Term.temperature(gate.hottest().get().inside()),
                            Term.temperature(cooling.ambientC())));
                }
            }
            if (wait > 0) {
                spend(Kind.WAIT, configuration, phase.name(), wait);
            }
            gate.latest()
                    .filter(l -> now + runUp - lastStart > l.inside() + 1 && Double.isFinite(lastStart))
                    .ifPresent(l -> warnings.add(Finding.of(PlanFinding.NOT_BACK_IN_TIME, Term.name(phase.name()))));
        }

        /** How much longer it rolls than it would by itself, where the distance between two stops is held. */
        private double furtherS(Phase phase) {
            double rolled = day.motion().rolledM(phase.from().inside());
            return phase.gate()
                    .nearest()
                    .map(n -> Math.max(0, n.inside() - rolled) / day.motion().returnMps())
                    .orElse(0.0);
        }

        private void drive(int configuration, Phase phase, int number) {
            double v1 = phase.from().inside();
            double round = day.roundS(phase);
            double runUp = day.motion().runUpS(v1);
            if (day.heat().isEmpty()) {
                Figure unknown = Figure.unknown("the heat of the discs cannot be predicted without masses");
                items.add(new Item(Kind.RUN, configuration, phase.name(), number, now, round, unknown, unknown));
            } else {
                Day.Heat heat = day.heat().get();
                double start = heat.cooling().after(disc, runUp);
                double peak = start + heat.rise(phase);
                if (!phase.gate().isWarmEnough(start) && tooCold.add(phase.name())) {
                    warnings.add(
                            Finding.of(PlanFinding.STARTS_TOO_COLD, Term.name(phase.name()), Term.temperature(start)));
                }
                items.add(new Item(
                        Kind.RUN, configuration, phase.name(), number, now, round, Figure.of(start), Figure.of(peak)));
                disc = heat.cooling().after(peak, round - runUp);
            }
            now += round;
        }

        private void coolDown(int configuration, Phase phase) {
            double seconds = day.heat()
                    .map(h -> phase.gate()
                            .hottest()
                            .map(t -> h.cooling().waitUntil(disc, t.inside()))
                            .filter(Figure::isKnown)
                            .map(Figure::value)
                            .orElse(COOL_DOWN_TAUS * h.cooling().tauS()))
                    .orElse(COOL_DOWN_WITHOUT_HEAT_S);
            spend(Kind.COOL_DOWN, configuration, phase.name(), seconds);
        }

        private void spend(Kind kind, int configuration, String phase, double seconds) {
            if (seconds <= 0) {
                return;
            }
            Figure unknown = Figure.unknown("the heat of the discs cannot be predicted without masses");
            Figure before = day.heat().isPresent() ? Figure.of(disc) : unknown;
            day.heat().ifPresent(h -> disc = h.cooling().after(disc, seconds));
            Figure after = day.heat().isPresent() ? Figure.of(disc) : unknown;
            items.add(new Item(kind, configuration, phase, 0, now, seconds, before, after));
            now += seconds;
        }
    }
}
