package app.frenum.core.plan;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.garage.BeddingIn;
import app.frenum.core.garage.ConfigurationSpec;
import app.frenum.core.garage.Difference;
import app.frenum.core.garage.Slot;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.heat.Cooling;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.statistics.SampleSize;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

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
    private static final double ASSUMED_MPS2 = 8;
    private static final double ASSUMED_LOST_S = 0.25;
    private static final double ASSUMED_ACCELERATION = 2.5;
    private static final double ASSUMED_TAU_S = 200;
    private static final double ASSUMED_SHARE = 0.70;
    private static final double ASSUMED_DISC_KG = 7;
    private static final double ASSUMED_REAR_DISC_KG = 5;
    private static final double SETTLE_S = 2;
    private static final double RETURN_MPS = 12;
    private static final double INSPECTION_S = 300;
    private static final double SLOWEST_CURE_MPS = 5;
    /** Digits that a plan's figures deserve. */
    private static final double SHOWN_M = 0.1;

    private static final double HUNDREDTH = 0.01;
    private static final double SHARE_STEP = 0.001;

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
     * @param configurations the baseline first, at least two
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
        private final List<Finding> assumptions = new ArrayList<>();
        private final List<Finding> warnings = new ArrayList<>();
        private final Procedure procedure;
        private final double stopM;

        Maker(Inputs in) {
            this.in = in;
            procedure = in.procedure().atSpeed(new Quantity(in.speedMps(), Unit.METRES_PER_SECOND));
            stopM = expectedStop();
        }

        Forecast make() {
            StopsNeeded needed = stopsNeeded();
            Savings.Choice planned = new Savings.Choice(in.stopsEach(), in.order(), in.beddedBefore());
            Optional<Day.Heat> heat = front();
            Day day = day(planned, heat);
            DayClock clock = DayClock.of(day);
            Optional<DiscDay> front = heat.map(h -> DiscDay.of(clock, day, h));
            Optional<DiscDay> rear = heat.flatMap(h -> rear()).map(h -> DiscDay.of(clock, day, h));
            List<RunOrder.Block> blocks = blocks(planned);
            List<PhaseLane> lanes = lanes();
            PhaseLane longest = longest(lanes);
            factors();
            readiness();
            warnings.addAll(clock.warnings());
            if (in.stopsEach() < needed.perSide()) {
                warnings.add(Finding.of(
                        PlanFinding.ONLY_SHOWS,
                        Term.count(in.stopsEach()),
                        Term.distance(smallest(needed), SHOWN_M),
                        Term.distance(in.marginM(), SHOWN_M),
                        Term.count(needed.perSide())));
            }
            return new Forecast(
                    stopM,
                    needed,
                    smallest(needed),
                    longest,
                    lanes,
                    in.lane()
                            .map(l -> Figure.of(longest.missingM(
                                    l.length().inside(), l.runOff().inside())))
                            .orElse(Figure.unknown("no lane is chosen")),
                    in.lane().flatMap(l -> noGo(l, longest)),
                    blocks,
                    RunOrder.swaps(blocks),
                    clock,
                    rear.map(DiscDay::swings).orElse(List.of()),
                    Savings.of(
                            planned, in.slotS(), c -> DayClock.of(day(c, heat)).endS()),
                    heatReadings(clock, front, rear),
                    List.copyOf(warnings),
                    List.copyOf(assumptions));
        }

        /** Phase by phase; a procedure that never brakes is held against one stop of the plan. */
        private List<PhaseLane> lanes() {
            PhaseLane.Basis basis = laneBasis();
            List<PhaseLane> all = procedure.phases().stream()
                    .flatMap(p -> PhaseLane.of(p, basis).stream())
                    .toList();
            all.stream()
                    .filter(p -> !p.because().isEmpty() && !p.because().startsWith("as gently"))
                    .forEach(p -> assume(Finding.of(
                            PlanFinding.PHASE_SLOWS_BY,
                            Term.name(p.phase()),
                            Term.name(p.because()),
                            new Term.Amount(AmountKind.DECELERATION, p.slowingMps2(), SHOWN_M))));
            return all.isEmpty() ? List.of(stopOfThePlan()) : all;
        }

        private PhaseLane.Basis laneBasis() {
            double v = in.speedMps();
            double lost = Math.min(ASSUMED_LOST_S * v, stopM / 2);
            return new PhaseLane.Basis(in.vehicle(), acceleration(), SETTLE_S, v * v / (2 * (stopM - lost)));
        }

        private PhaseLane stopOfThePlan() {
            double v = in.speedMps();
            return new PhaseLane(
                    "a stop",
                    v,
                    v * v / (2 * stopM),
                    "",
                    LaneCheck.of(new LaneCheck.Needs(v, acceleration(), SETTLE_S, stopM, LaneCheck.HALF_SYSTEM_MPS2)));
        }

        /** The phase that misses most of the lane, or takes most where nobody chose one. */
        private PhaseLane longest(List<PhaseLane> lanes) {
            Comparator<PhaseLane> byTotal = Comparator.comparing(p -> p.check().totalM());
            return lanes.stream()
                    .max(in.lane()
                            .map(l -> Comparator.comparing((PhaseLane p) -> p.missingM(
                                            l.length().inside(), l.runOff().inside()))
                                    .thenComparing(byTotal))
                            .orElse(byTotal))
                    .orElseThrow();
        }

        private Optional<Finding> noGo(LaneSpec lane, PhaseLane longest) {
            double missing =
                    longest.missingM(lane.length().inside(), lane.runOff().inside());
            if (missing <= 0) {
                return Optional.empty();
            }
            double fits = procedure.phases().stream()
                    .filter(p -> p.name().equals(longest.phase()))
                    .findFirst()
                    .map(p -> PhaseLane.fastestThatFits(
                            p,
                            laneBasis(),
                            lane.length().inside(),
                            lane.runOff().inside()))
                    .orElse(0.0);
            Term cure = new Term.Said(
                    fits > SLOWEST_CURE_MPS
                            ? Finding.of(PlanFinding.CURED_BY_SPEED, Term.speed(wholeKmhBelow(fits)))
                            : Finding.of(PlanFinding.CURED_BY_LANE));
            Term phase = Term.name(longest.phase());
            Term speed = Term.speed(longest.speedMps());
            Term total = Term.distance(longest.check().totalM(), 1);
            Term missed = Term.distance(Math.ceil(missing), 1);
            return Optional.of(
                    longest.because().isEmpty()
                            ? Finding.of(PlanFinding.NO_GO, phase, speed, total, missed, cure)
                            : Finding.of(
                                    PlanFinding.NO_GO_BECAUSE,
                                    phase,
                                    speed,
                                    Term.name(longest.because()),
                                    total,
                                    missed,
                                    cure));
        }

        /** Never rounded up to a speed that does not fit. */
        private static double wholeKmhBelow(double mps) {
            return Unit.KILOMETRES_PER_HOUR.toInside(Math.floor(Unit.KILOMETRES_PER_HOUR.fromInside(mps)));
        }

        private double smallest(StopsNeeded needed) {
            return SampleSize.smallestDifference(Math.max(2, in.stopsEach()), needed.sdM());
        }

        private double expectedStop() {
            if (in.expectedStopM().isPresent()) {
                return in.expectedStopM().get();
            }
            if (in.earlier().isPresent()) {
                return in.earlier().get().meanM();
            }
            double v = in.speedMps();
            double assumed = v * v / (2 * ASSUMED_MPS2) + ASSUMED_LOST_S * v;
            assume(Finding.of(
                    PlanFinding.ASSUMED_STOP,
                    Term.distance(assumed, 1),
                    new Term.Amount(AmountKind.DECELERATION, ASSUMED_MPS2, 1),
                    new Term.Amount(AmountKind.TIME, ASSUMED_LOST_S, HUNDREDTH)));
            return assumed;
        }

        private StopsNeeded stopsNeeded() {
            if (in.earlier().isPresent() && in.earlier().get().sdM() > 0) {
                Earlier earlier = in.earlier().get();
                double bound = StopsNeeded.bound(earlier.sdM(), earlier.stops());
                assumptions.add(Finding.of(
                        PlanFinding.SPREAD_OF_EARLIER_STOPS,
                        Term.distance(bound, HUNDREDTH),
                        Term.count(earlier.stops()),
                        Term.distance(earlier.sdM(), HUNDREDTH)));
                return new StopsNeeded(bound, StopsNeeded.Source.OWN_SERIES, in.marginM());
            }
            double sd = StopsNeeded.ASSUMED_CV * stopM;
            assume(Finding.of(
                    PlanFinding.ASSUMED_SPREAD,
                    Term.distance(sd, SHOWN_M),
                    new Term.Amount(AmountKind.SHARE, StopsNeeded.ASSUMED_CV, SHARE_STEP)));
            return new StopsNeeded(sd, StopsNeeded.Source.ASSUMED, in.marginM());
        }

        private double acceleration() {
            return orAssumed(
                    in.vehicle().figure(VehicleField.ACCELERATION),
                    ASSUMED_ACCELERATION,
                    PlanFinding.ASSUMED_ACCELERATION,
                    AmountKind.DECELERATION,
                    SHOWN_M);
        }

        private Optional<Day.Heat> front() {
            return disc(
                    true,
                    orAssumed(
                            in.vehicle().figure(VehicleField.FRONT_DISC_MASS),
                            ASSUMED_DISC_KG,
                            PlanFinding.ASSUMED_FRONT_DISCS,
                            AmountKind.MASS,
                            1),
                    frontShare());
        }

        private Optional<Day.Heat> rear() {
            return in.vehicle().rearBrake() == VehicleSpec.BrakeKind.NONE
                    ? Optional.empty()
                    : disc(
                            false,
                            orAssumed(
                                    in.vehicle().figure(VehicleField.REAR_DISC_MASS),
                                    ASSUMED_REAR_DISC_KG,
                                    PlanFinding.ASSUMED_REAR_DISCS,
                                    AmountKind.MASS,
                                    1),
                            1 - frontShare());
        }

        private double frontShare() {
            return orAssumed(
                    in.vehicle().brakeForceShare(),
                    ASSUMED_SHARE,
                    PlanFinding.ASSUMED_SHARE,
                    AmountKind.SHARE,
                    HUNDREDTH);
        }

        private Optional<Day.Heat> disc(boolean front, double discKg, double axleShare) {
            Figure mass = in.vehicle().mass(in.load());
            if (!mass.isKnown()) {
                return Optional.empty();
            }
            double tau = orAssumed(
                    in.vehicle().figure(VehicleField.COOLING_TIME),
                    ASSUMED_TAU_S,
                    PlanFinding.ASSUMED_COOLING,
                    AmountKind.TIME,
                    1);
            return Optional.of(new Day.Heat(
                    in.vehicle().mass(VehicleSpec.Load.LIGHT).orElse(mass.value()),
                    mass.value(),
                    front,
                    axleShare,
                    discKg,
                    in.vehicle().wheelsPerAxle(),
                    new Cooling(tau, in.ambientC())));
        }

        private double orAssumed(Figure known, double assumed, PlanFinding code, AmountKind kind, double step) {
            if (!known.isKnown()) {
                assume(Finding.of(code, new Term.Amount(kind, assumed, step)));
            }
            return known.orElse(assumed);
        }

        private void assume(Finding assumption) {
            if (!assumptions.contains(assumption)) {
                assumptions.add(assumption);
            }
        }

        private List<RunOrder.Block> blocks(Savings.Choice c) {
            return c.order().blocks(in.configurations().size(), c.stopsEach(), in.seed());
        }

        private Day day(Savings.Choice c, Optional<Day.Heat> heat) {
            List<Day.Fitting> fittings = in.configurations().stream()
                    .map(f -> new Day.Fitting(in.fittingS(), c.beddedBefore() ? 0 : beddingS(f.spec())))
                    .toList();
            double laneM = in.lane()
                    .map(l -> l.length().inside())
                    .orElse(in.speedMps() * in.speedMps() / (2 * acceleration()) + stopM);
            double deceleration = in.speedMps() * in.speedMps() / (2 * stopM);
            return new Day(
                    procedure,
                    blocks(c),
                    fittings,
                    new Day.Motion(
                            acceleration(), deceleration, SETTLE_S, in.turnRoundS(), RETURN_MPS, laneM, INSPECTION_S),
                    slowing(),
                    heat);
        }

        /** As the lane is reckoned: with what each phase asks for, or what works of the brakes gives. */
        private Map<String, Double> slowing() {
            PhaseLane.Basis basis = laneBasis();
            return procedure.phases().stream()
                    .flatMap(p -> PhaseLane.of(p, basis).stream())
                    .collect(Collectors.toMap(PhaseLane::phase, PhaseLane::slowingMps2));
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
