package app.frenum.core.plan;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.garage.BeddingIn;
import app.frenum.core.garage.ConfigurationSpec;
import app.frenum.core.garage.Difference;
import app.frenum.core.garage.Slot;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.statistics.AlphaSpending;
import app.frenum.core.statistics.SampleSize;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What a planned test will take and what it can show, computed from what is known of car, parts, lane and earlier
 * stops. What had to be assumed is said in {@code assumptions}.
 *
 * @param expectedStopM from the brake point
 * @param stopsNeeded against the spread
 * @param smallestShownM the smallest difference that the planned stops can show
 * @param lane what the phase that takes most of it takes
 * @param lanes what each phase that brakes takes of it, in order
 * @param missingM lane that is missing, 0 for GO, or why it is not known
 * @param noGo which phase misses it and what would cure it; empty for GO
 * @param blocks in order
 * @param swaps changes of parts
 * @param clock the day
 * @param rear a rear disc through the items of the clock; empty when masses are not known
 * @param savings what to drop when the slot is too short
 * @param heat readings of the predicted temperatures against pads, fluid and the chosen limit
 * @param warnings what keeps the test from answering its question
 * @param assumptions what was taken for want of a figure
 */
public record Forecast(
        double expectedStopM,
        StopsNeeded stopsNeeded,
        double smallestShownM,
        PhaseLane lane,
        List<PhaseLane> lanes,
        Figure missingM,
        Optional<Finding> noGo,
        List<RunOrder.Block> blocks,
        int swaps,
        DayClock clock,
        List<DiscDay.Swing> rear,
        List<Savings.Saving> savings,
        List<HeatReading> heat,
        List<Finding> warnings,
        List<Finding> assumptions) {
    static final double SETTLE_S = 2;
    private static final double RETURN_MPS = 12;
    private static final double INSPECTION_S = 300;
    private static final double POUR_S = 300;
    /** Digits that a plan's figures deserve. */
    private static final double SHOWN_M = 0.1;

    /** Predicted against what a part can stand. */
    public record HeatReading(String configuration, Finding reading, boolean caution) {}

    /** What was driven before by this car, for its spread and its distance. */
    public record Earlier(double meanM, double sdM, int stops) {}

    /**
     * One configuration by name.
     *
     * @param openChecks fitting checks that nobody has ticked yet
     */
    public record Fitted(String name, ConfigurationSpec spec, int openChecks) {}

    /**
     * What a plan is made from.
     *
     * @param configurations the baseline first; one alone is compared with nothing
     * @param speedMps test speed, at which the counted phase begins
     * @param marginM smallest difference worth having
     * @param earlier own earlier stops, if any
     * @param expectedStopM as the person expects it, or absent
     * @param slotS booked
     * @param limitC chosen for the discs
     * @param beddedBefore whether bedding in is done before the day
     */
    public record Inputs(
            VehicleSpec vehicle,
            VehicleSpec.Load load,
            List<Fitted> configurations,
            Procedure procedure,
            Optional<LaneSpec> lane,
            double speedMps,
            double marginM,
            int stopsEach,
            RunOrder order,
            long seed,
            Optional<Earlier> earlier,
            Optional<Double> expectedStopM,
            double slotS,
            double ambientC,
            double fittingS,
            double turnRoundS,
            Optional<Double> limitC,
            boolean beddedBefore) {}

    public static Forecast of(Inputs in) {
        return new Maker(in).make();
    }

    /** The working; each method one part of the plan. */
    private static final class Maker {
        private final Inputs in;
        private final List<Finding> warnings = new ArrayList<>();
        private final Procedure procedure;
        private final PlanFigures figures;
        private final LaneNeed need;

        Maker(Inputs in) {
            this.in = in;
            procedure = in.procedure().atSpeed(new Quantity(in.speedMps(), Unit.METRES_PER_SECOND));
            figures = new PlanFigures(in);
            need = new LaneNeed(in, procedure, figures);
        }

        Forecast make() {
            StopsNeeded needed = figures.stopsNeeded();
            Savings.Choice planned = new Savings.Choice(in.stopsEach(), order(), in.beddedBefore());
            Optional<Day.Heat> heat = figures.front();
            Day day = day(planned, heat);
            DayClock clock = DayClock.of(day);
            Optional<DiscDay> front = heat.map(h -> DiscDay.of(clock, day, h));
            Optional<DiscDay> rear = heat.flatMap(h -> figures.rear()).map(h -> DiscDay.of(clock, day, h));
            List<RunOrder.Block> blocks = blocks(planned);
            List<PhaseLane> lanes = need.lanes();
            PhaseLane longest = need.longest(lanes);
            factors();
            readiness();
            rider();
            warnings.addAll(clock.warnings());
            boolean compares =
                    in.configurations().size() > 1 && procedure.countedPhase().isPresent();
            if (compares && in.stopsEach() < needed.perSide()) {
                warnings.add(Finding.of(
                        PlanFinding.ONLY_SHOWS,
                        Term.count(in.stopsEach()),
                        Term.distance(smallest(needed), SHOWN_M),
                        Term.distance(in.marginM(), SHOWN_M),
                        Term.count(needed.perSide())));
            }
            return new Forecast(
                    figures.stopM,
                    needed,
                    smallest(needed),
                    longest,
                    lanes,
                    in.lane()
                            .map(l -> Figure.of(longest.missingM(
                                    l.length().inside(), l.runOff().inside())))
                            .orElse(Figure.unknown("no lane is chosen")),
                    in.lane().flatMap(l -> need.noGo(l, longest)),
                    blocks,
                    swaps(blocks),
                    clock,
                    rear.map(DiscDay::swings).orElse(List.of()),
                    Savings.of(
                            planned, in.slotS(), c -> DayClock.of(day(c, heat)).endS()),
                    heatReadings(clock, front, rear),
                    List.copyOf(warnings),
                    figures.assumptions());
        }

        /** How often parts are changed over; a treatment is put on without. */
        private int swaps(List<RunOrder.Block> blocks) {
            List<ConfigurationSpec> fitted = blocks.stream()
                    .map(b -> in.configurations().get(b.configuration()).spec())
                    .toList();
            return (int) IntStream.range(1, fitted.size())
                    .filter(i ->
                            blocks.get(i).configuration() != blocks.get(i - 1).configuration())
                    .filter(i -> !Difference.between(fitted.get(i - 1), fitted.get(i))
                            .isTreatmentOnly())
                    .count();
        }

        /** One configuration has no order to save on. */
        private RunOrder order() {
            return in.configurations().size() == 1 ? RunOrder.ONE_AFTER_ANOTHER : in.order();
        }

        private double smallest(StopsNeeded needed) {
            int n = Math.max(2, in.stopsEach());
            return SampleSize.smallestDifference(n, needed.sdM(), AlphaSpending.endP(n));
        }

        private List<RunOrder.Block> blocks(Savings.Choice c) {
            return c.order().blocks(in.configurations().size(), c.stopsEach(), in.seed());
        }

        private Day day(Savings.Choice c, Optional<Day.Heat> heat) {
            List<Day.Fitting> fittings = in.configurations().stream()
                    .map(f -> new Day.Fitting(
                            in.fittingS(), c.beddedBefore() ? 0 : beddingS(f.spec()), quicker(f.spec())))
                    .toList();
            double lapM = in.lane().flatMap(LaneSpec::lap).map(Quantity::inside).orElse(0.0);
            double deceleration = in.speedMps() * in.speedMps() / (2 * figures.stopM);
            return new Day(
                    procedure,
                    blocks(c),
                    fittings,
                    new Day.Motion(
                            figures.acceleration(),
                            deceleration,
                            SETTLE_S,
                            in.turnRoundS(),
                            RETURN_MPS,
                            lapM,
                            INSPECTION_S),
                    need.slowing(),
                    heat);
        }

        /** A treatment is put on in a phase of its own, a spray's liquid is poured in: neither takes wheels off. */
        private Map<Integer, Double> quicker(ConfigurationSpec to) {
            Map<Integer, Double> out = new HashMap<>();
            for (int i = 0; i < in.configurations().size(); i++) {
                Difference from = Difference.between(in.configurations().get(i).spec(), to);
                if (from.isTreatmentOnly()) {
                    out.put(i, 0.0);
                } else if (from.isSprayOnly()) {
                    out.put(i, Math.min(in.fittingS(), POUR_S));
                }
            }
            return out;
        }

        private static double beddingS(ConfigurationSpec spec) {
            return spec.unbedded().values().stream()
                    .flatMap(part -> part.bedding().stream())
                    .mapToDouble(BeddingIn::durationS)
                    .max()
                    .orElse(0);
        }

        private void factors() {
            ConfigurationSpec baseline = in.configurations().get(0).spec();
            for (Fitted candidate :
                    in.configurations().subList(1, in.configurations().size())) {
                Difference.between(baseline, candidate.spec())
                        .warning()
                        .ifPresent(w -> warnings.add(
                                Finding.of(PlanFinding.CHANGED_TOGETHER, Term.name(candidate.name()), Term.name(w))));
            }
        }

        /** What a rider must know, and may not do. */
        private void rider() {
            if (in.vehicle().kind() != VehicleSpec.Kind.MOTORCYCLE) {
                return;
            }
            warnings.add(in.vehicle()
                    .axleLoads(in.load())
                    .map(l -> Finding.of(
                            PlanFinding.REAR_WHEEL_LIFTS,
                            new Term.Amount(AmountKind.DECELERATION, l.rearLiftsMps2(), SHOWN_M)))
                    .orElse(Finding.of(
                            PlanFinding.REAR_WHEEL_LIFT_NOT_KNOWN,
                            Term.name(in.vehicle().axleLoadsReason(in.load())))));
            procedure.phases().stream()
                    .filter(p -> p.grip().isPresent())
                    .forEach(p -> warnings.add(Finding.of(PlanFinding.RIDER_ON_LOW_GRIP, Term.name(p.name()))));
        }

        private void readiness() {
            for (Fitted f : in.configurations()) {
                if (f.openChecks() > 0) {
                    warnings.add(
                            Finding.of(PlanFinding.CHECKS_NOT_TICKED, Term.name(f.name()), Term.count(f.openChecks())));
                }
                f.spec().unbedded().forEach((slot, part) -> {
                    if (part.bedding().isEmpty()) {
                        warnings.add(
                                Finding.of(PlanFinding.NOT_BEDDED_IN, Term.name(f.name()), Term.name(slot.label())));
                    }
                });
            }
        }

        private List<HeatReading> heatReadings(DayClock clock, Optional<DiscDay> front, Optional<DiscDay> rear) {
            List<HeatReading> out = new ArrayList<>();
            for (int c = 0; c < in.configurations().size(); c++) {
                HeatReadings of = new HeatReadings(in.configurations().get(c), c, clock, out);
                front.ifPresent(d -> of.axle("front", Slot.PADS_FRONT, d, in.limitC()));
                rear.ifPresent(d -> of.axle("rear", Slot.PADS_REAR, d, in.limitC()));
                front.ifPresent(of::fluid);
            }
            return out;
        }
    }
}
