package app.frenum.core.plan;

import static app.frenum.core.Vectors.in;
import static app.frenum.core.Vectors.named;
import static app.frenum.core.Vectors.out;
import static app.frenum.core.procedure.Phases.hottest;
import static app.frenum.core.procedure.Phases.procedure;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.frenum.core.finding.Term;
import app.frenum.core.heat.Cooling;
import app.frenum.core.heat.DiscRise;
import app.frenum.core.plan.RunOrder.Block;
import app.frenum.core.procedure.BrakeSystem;
import app.frenum.core.procedure.Cycle;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Phases;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlanTest {
    private static final Percentage SIX_FIGURES = withinPercentage(1e-4);

    @Test
    void howMuchLaneAStopTakes() {
        JsonNode v = named("lane").get(0);
        LaneCheck lane = LaneCheck.of(new LaneCheck.Needs(
                in(v, "v"), in(v, "a_acc"), in(v, "settle_s"), in(v, "s_exp"), LaneCheck.HALF_SYSTEM_MPS2));
        assertThat(lane.reachM()).isCloseTo(out(v, "reachM"), SIX_FIGURES);
        assertThat(lane.settleM()).isCloseTo(out(v, "settleM"), SIX_FIGURES);
        assertThat(lane.stopM()).isCloseTo(out(v, "stopM"), SIX_FIGURES);
        assertThat(lane.runOffM()).isCloseTo(out(v, "runOffM"), SIX_FIGURES);
        assertThat(lane.totalM()).isCloseTo(out(v, "totalM"), SIX_FIGURES);
        assertThat(lane.isGo(210, 60)).isTrue();
        assertThat(lane.missingM(210, 40)).isCloseTo(out(v, "totalM") - 250, SIX_FIGURES);
        // Run-off cannot make up for a lane that is too short to drive on.
        assertThat(lane.isGo(200, 500)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void longerStopsNeverNeedLessLaneAndMoreNoiseNeverFewerStops(long seed) {
        Random random = new Random(seed);
        double v = 10 + 30 * random.nextDouble();
        double stop = 10 + 80 * random.nextDouble();
        double acceleration = 1 + 4 * random.nextDouble();
        double half = 1 + 4 * random.nextDouble();
        double longer = stop * (1 + random.nextDouble());
        LaneCheck near = LaneCheck.of(new LaneCheck.Needs(v, acceleration, 2, stop, half));
        LaneCheck far = LaneCheck.of(new LaneCheck.Needs(v, acceleration, 2, longer, half));
        assertThat(far.stopM() + far.reachM() + far.settleM())
                .isGreaterThanOrEqualTo(near.stopM() + near.reachM() + near.settleM());
        assertThat(far.totalM()).isGreaterThanOrEqualTo(near.totalM() - 1e-9);
        double sd = 0.2 + 2 * random.nextDouble();
        double margin = 0.3 + 2 * random.nextDouble();
        StopsNeeded quiet = new StopsNeeded(sd, StopsNeeded.Source.ASSUMED, margin);
        StopsNeeded noisy = new StopsNeeded(sd * (1 + random.nextDouble()), StopsNeeded.Source.ASSUMED, margin);
        assertThat(noisy.perSide()).isGreaterThanOrEqualTo(quiet.perSide());
        assertThat(quiet.curve()).isSortedAccordingTo((a, b) -> Double.compare(b.smallestM(), a.smallestM()));
    }

    @ParameterizedTest
    @EnumSource(RunOrder.class)
    void everyOrderDrivesEachConfigurationAsOftenAsAsked(RunOrder order) {
        for (int stops = 1; stops <= 11; stops++) {
            List<Block> blocks = order.blocks(3, stops, 42);
            for (int c = 0; c < 3; c++) {
                int configuration = c;
                assertThat(blocks.stream()
                                .filter(b -> b.configuration() == configuration)
                                .mapToInt(Block::stops)
                                .sum())
                        .isEqualTo(stops);
            }
            assertThat(order.blocks(3, stops, 42)).isEqualTo(blocks);
        }
    }

    @ParameterizedTest
    @EnumSource(RunOrder.class)
    void oneConfigurationIsDrivenInOneBlockWhateverTheOrder(RunOrder order) {
        assertThat(order.blocks(1, 7, 42)).containsExactly(new Block(0, 7));
    }

    @Test
    void whatAnOrderCostsInSwaps() {
        assertThat(RunOrder.swaps(RunOrder.ONE_AFTER_ANOTHER.blocks(2, 6, 0))).isEqualTo(1);
        assertThat(RunOrder.swaps(RunOrder.A_B_A.blocks(2, 6, 0))).isEqualTo(2);
        assertThat(RunOrder.swaps(RunOrder.ABBA.blocks(2, 6, 0))).isEqualTo(2);
        assertThat(RunOrder.A_B_A.blocks(2, 7, 0)).containsExactly(new Block(0, 4), new Block(1, 7), new Block(0, 3));
    }

    private static Phase phase(Phase.Kind kind, double from, double to, int repeats, Gate gate) {
        Unit unit = Unit.METRES_PER_SECOND;
        return Phases.phase(kind, new Quantity(from, unit), new Quantity(to, unit), repeats, gate);
    }

    private static Day day(Procedure procedure, RunOrder order, int stops, double beddingS) {
        return new Day(
                procedure,
                order.blocks(2, stops, 1),
                List.of(new Day.Fitting(1800, 0, Map.of()), new Day.Fitting(1800, beddingS, Map.of())),
                new Day.Motion(2.5, 8, 2, 60, 11, 0, 300),
                Map.of(),
                Optional.of(new Day.Heat(1600, 1600, true, 0.7, 7.2, 2, new Cooling(200, 15))));
    }

    @ParameterizedTest
    @CsvSource({
        "FRONT_LEFT_OFF, 1.538, 1.538",
        "REAR_RIGHT_OFF, 1.176, 1.176",
        "DIAGONAL_FRONT_RIGHT_OFF, 2, 2",
        "REAR_CIRCUIT_OFF, 1.429, 0",
        "ASSIST_OFF, 1, 1"
    })
    void whatOneWheelNoLongerTakesTheOthersDo(BrakeSystem system, double front, double rear) {
        Phase whole = phase(Phase.Kind.STOP, 25, 0, 3, Gate.OPEN);
        Day.Heat fronts = new Day.Heat(1600, 1600, true, 0.7, 7.2, 2, new Cooling(200, 15));
        Day.Heat rears = new Day.Heat(1600, 1600, false, 0.3, 5, 2, new Cooling(200, 15));
        // Of the whole, 0.35 twice and 0.15 twice, so much is left to take all of it.
        assertThat(fronts.rise(whole.on(system)) / fronts.rise(whole)).isCloseTo(front, within(1e-3));
        assertThat(rears.rise(whole.on(system)) / rears.rise(whole)).isCloseTo(rear, within(1e-3));
    }

    @Test
    void whereTheDistanceBetweenStopsIsHeldTheDayTakesAsLongAsItIsDriven() {
        Gate held = new Gate(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Quantity(3000, Unit.METRES)),
                Optional.empty());
        // A run is 50 m up to 20 m/s, 40 m in 2 s and 400/14 m to rest; back as far, and up to speed again, is 208.571
        // m.
        assertThat(dayOf(held, 0) - dayOf(Gate.OPEN, 0)).isCloseTo(2 * (3000 - 208.5714) / 30, within(1e-4));
        // On an oval of 900 m it rolls the rest of the lap, and does not turn round, which takes 20 s each time.
        assertThat(dayOf(Gate.OPEN, 900) - dayOf(Gate.OPEN, 0))
                .isCloseTo(3 * ((900 - 2 * 118.5714) / 30 - 20), within(1e-4));
    }

    private static double dayOf(Gate gate, double lapM) {
        Day day = new Day(
                procedure(phase(Phase.Kind.STOP, 20, 0, 3, gate)),
                RunOrder.A_B_A.blocks(1, 3, 1),
                List.of(new Day.Fitting(1800, 0, Map.of())),
                new Day.Motion(4, 7, 2, 20, 30, lapM, 300),
                Map.of(),
                Optional.empty());
        return DayClock.of(day).endS();
    }

    @Test
    void aHundredCyclesAreADayByTheClock() {
        Gate soon = Gate.timed(
                Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(new Quantity(90, Unit.SECONDS)));
        Procedure once = procedure(
                phase(Phase.Kind.SNUB, 40, 5, 1, Phases.hottest(120)),
                Phases.phase(
                        Phase.Kind.SPIKE,
                        new Quantity(40, Unit.METRES_PER_SECOND),
                        new Quantity(0, Unit.METRES_PER_SECOND),
                        1,
                        soon),
                phase(Phase.Kind.COOL_DOWN, 20, 20, 1, Phases.hottest(120)),
                phase(Phase.Kind.INSPECTION, 0, 0, 1, Gate.OPEN));
        Procedure endurance = new Procedure(
                once.name(),
                "",
                once.phases(),
                Optional.of(new Cycle(0, 3, 100, 10)),
                once.abortRules(),
                List.of(),
                List.of(),
                once.runBy(),
                List.of());
        Day one = new Day(
                endurance,
                RunOrder.A_B_A.blocks(1, 100, 1),
                List.of(new Day.Fitting(1800, 0, Map.of())),
                new Day.Motion(4, 7, 2, 20, 30, 0, 300),
                Map.of(),
                Optional.of(new Day.Heat(1600, 1600, true, 0.7, 7.2, 2, new Cooling(200, 15))));
        DayClock clock = DayClock.of(one);
        assertThat(clock.items().stream().filter(i -> i.kind() == DayClock.Kind.RUN))
                .hasSize(200);
        assertThat(clock.spentS(DayClock.Kind.INSPECTION)).isEqualTo(10 * 300);
        assertThat(clock.warnings()).isEmpty();
        assertThat(clock.items().stream().filter(i -> i.kind() == DayClock.Kind.RUN && i.number() == 57))
                .hasSize(2);
        // Every cycle is like the one before, once the disc has settled.
        assertThat(clock.items().stream()
                        .filter(i -> i.kind() == DayClock.Kind.RUN
                                && i.number() > 50
                                && i.phase().equals("SPIKE"))
                        .mapToDouble(i -> i.peakC().value())
                        .distinct()
                        .count())
                .isLessThan(50);
        // 110 °C + 122 °C of the first, some 45 s of cooling at τ = 200 s, 124 °C of the second: 312 °C.
        assertThat(clock.hottestC().value()).isBetween(295.0, 330.0);
    }

    @Test
    void withTheFrontCircuitOffTheRearDiscsTakeAllOfIt() {
        Phase whole = phase(Phase.Kind.STOP, 25, 0, 3, Gate.OPEN);
        Phase rearOnly = Phases.phase(
                Phase.Kind.STOP, whole.from(), whole.to(), BrakeSystem.FRONT_CIRCUIT_OFF, 3, Gate.OPEN, false);
        Day.Heat front = new Day.Heat(1600, 1600, true, 0.7, 7.2, 2, new Cooling(200, 15));
        Day.Heat rear = new Day.Heat(1600, 1600, false, 0.3, 5, 2, new Cooling(200, 15));
        assertThat(front.rise(rearOnly)).isZero();
        assertThat(rear.rise(rearOnly)).isCloseTo(rear.rise(whole) / 0.3, within(1e-9));
    }

    @Test
    void theClockHasNoHolesAndWaitsForTheGate() {
        DayClock clock =
                DayClock.of(day(procedure(phase(Phase.Kind.STOP, 25, 0, 6, hottest(60))), RunOrder.A_B_A, 6, 1200));
        double now = 0;
        for (DayClock.Item i : clock.items()) {
            assertThat(i.startS()).isCloseTo(now, within(1e-6));
            now += i.durationS();
            if (i.kind() == DayClock.Kind.RUN) {
                assertThat(i.startC().value()).isLessThanOrEqualTo(60 + 1e-6);
                assertThat(i.peakC().value() - i.startC().value())
                        .isCloseTo(new DiscRise(1600, 0.7, 7.2, 2).of(25, 0), within(1e-9));
            }
        }
        assertThat(clock.endS()).isCloseTo(now, within(1e-6));
        assertThat(clock.items().stream().filter(i -> i.kind() == DayClock.Kind.RUN))
                .hasSize(12);
        assertThat(clock.spentS(DayClock.Kind.SWAP)).isEqualTo(3600);
        assertThat(clock.spentS(DayClock.Kind.BEDDING)).isEqualTo(1200);
        assertThat(clock.spentS(DayClock.Kind.WAIT)).isGreaterThan(0);
        assertThat(clock.hottestC().value()).isGreaterThan(60);
    }

    @Test
    void aDiscFollowedThroughTheDayIsTheOneThatTheClockPredicted() {
        Day day = day(procedure(phase(Phase.Kind.STOP, 25, 0, 6, hottest(60))), RunOrder.A_B_A, 6, 1200);
        DayClock clock = DayClock.of(day);
        DiscDay front = DiscDay.of(clock, day, day.heat().orElseThrow());
        for (int i = 0; i < clock.items().size(); i++) {
            assertThat(front.swings().get(i).startC())
                    .isCloseTo(clock.items().get(i).startC().value(), within(1e-9));
            assertThat(front.swings().get(i).endC())
                    .isCloseTo(clock.items().get(i).peakC().value(), within(1e-9));
        }
        DiscDay rear = DiscDay.of(clock, day, new Day.Heat(1600, 1600, false, 0.3, 5, 2, new Cooling(200, 15)));
        assertThat(rear.swings()).hasSameSizeAs(clock.items());
        double hottest = clock.hottestC().value();
        assertThat(front.secondsAbove(0, hottest)).isZero();
        assertThat(front.secondsAbove(0, 40)).isGreaterThan(front.secondsAbove(0, 60));
        assertThat(front.secondsAbove(0, -10) + front.secondsAbove(1, -10)).isCloseTo(clock.endS(), within(1e-6));
    }

    @Test
    void gatesThatCannotBeMetAreSaid() {
        Gate cold = hottest(10);
        assertThat(DayClock.of(day(procedure(phase(Phase.Kind.STOP, 25, 0, 2, cold)), RunOrder.A_B_A, 2, 0))
                        .warnings())
                .singleElement()
                .satisfies(w -> assertThat(w.code()).isEqualTo(PlanFinding.GATE_OUT_OF_REACH))
                .satisfies(w -> assertThat(w.terms())
                        .containsEntry("gate", Term.temperature(10))
                        .containsEntry("air", Term.temperature(15)));
        Gate warm = Gate.timed(
                Optional.of(new Quantity(100, Unit.CELSIUS)), Optional.empty(), Optional.empty(), Optional.empty());
        assertThat(DayClock.of(day(procedure(phase(Phase.Kind.STOP, 25, 0, 1, warm)), RunOrder.A_B_A, 1, 0))
                        .warnings())
                .anySatisfy(w -> assertThat(w.code()).isEqualTo(PlanFinding.STARTS_TOO_COLD));
    }

    @Test
    void withoutMassesOnlyIntervalsMakeAnyoneWait() {
        Gate gate = Gate.timed(
                Optional.empty(),
                Optional.of(new Quantity(60, Unit.CELSIUS)),
                Optional.of(new Quantity(5, Unit.MINUTES)),
                Optional.empty());
        Day known = day(procedure(phase(Phase.Kind.STOP, 25, 0, 6, gate)), RunOrder.A_B_A, 6, 0);
        DayClock clock = DayClock.of(new Day(
                known.procedure(), known.blocks(), known.fittings(), known.motion(), Map.of(), Optional.empty()));
        List<DayClock.Item> runs = clock.items().stream()
                .filter(i -> i.kind() == DayClock.Kind.RUN && i.configuration() == 1)
                .toList();
        assertThat(runs.get(1).startS() - runs.get(0).startS()).isCloseTo(300, within(1e-6));
        assertThat(clock.hottestC().reason()).contains("masses");
    }

    @Test
    void whatToDropWhenTheSlotIsTooShort() {
        Procedure stops = procedure(phase(Phase.Kind.STOP, 25, 0, 6, Gate.OPEN));
        Savings.Choice planned = new Savings.Choice(12, RunOrder.A_B_A, false);
        var end = (java.util.function.ToDoubleFunction<Savings.Choice>)
                c -> DayClock.of(day(stops, c.order(), c.stopsEach(), c.beddedBefore() ? 0 : 1200))
                        .endS();
        double whole = end.applyAsDouble(planned);
        assertThat(Savings.of(planned, whole, end)).isEmpty();
        List<Savings.Saving> savings = Savings.of(planned, whole - 1000, end);
        assertThat(savings)
                .extracting(Savings.Saving::kind)
                .containsExactly(
                        Savings.Kind.BED_IN_BEFORE, Savings.Kind.NO_RETURN_TO_BASELINE, Savings.Kind.FEWER_STOPS);
        assertThat(savings).allSatisfy(s -> assertThat(s.endS()).isLessThan(whole));
        assertThat(savings.get(0).fits()).isTrue();
        assertThat(savings.get(2).stopsEach()).isLessThan(12);
    }
}
