package app.frenum.core.procedure.run;

import static app.frenum.core.procedure.Phases.celsius;
import static app.frenum.core.procedure.Phases.kmh;
import static app.frenum.core.procedure.Phases.phase;
import static app.frenum.core.procedure.Phases.procedure;
import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.compare.Instrument;
import app.frenum.core.log.DiscFace;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.plan.RunOrder;
import app.frenum.core.plan.RunScripts;
import app.frenum.core.procedure.AbortRule;
import app.frenum.core.procedure.BrakeSystem;
import app.frenum.core.procedure.CrackClass;
import app.frenum.core.procedure.Cycle;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Phases;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.procedure.SafetyCheck;
import app.frenum.core.procedure.SafetyGate;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.Validity;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.IntPredicate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whoever says whatever in whatever order, what is true of every run stays true. */
class RunPropertiesTest {
    private static final int STEPS = 400;
    private static final Gate GATE = Gate.timed(celsius(60), celsius(110), Optional.empty(), Optional.empty());
    private static final Phase STOPS = phase(Phase.Kind.STOP, kmh(90), kmh(0), 2, GATE);
    private static final Phase PROOF = phase(Phase.Kind.STOP, kmh(90), kmh(0), BrakeSystem.WHOLE, 3, GATE, true);

    /** Plain stops; a cycle; something put on, taken off and proved gone; part of the brakes. */
    private static List<Procedure> procedures() {
        Procedure group = procedure(
                phase(Phase.Kind.SNUB, kmh(90), kmh(20), 2, GATE),
                phase(Phase.Kind.SPIKE, kmh(90), kmh(0), 1, Gate.OPEN),
                phase(Phase.Kind.COOL_DOWN, kmh(60), kmh(60), 1, Phases.hottest(100)),
                phase(Phase.Kind.INSPECTION, kmh(0), kmh(0), 1, Gate.OPEN));
        return List.of(
                procedure(STOPS),
                new Procedure(
                        "Cycles",
                        "",
                        group.phases(),
                        Optional.of(new Cycle(0, 3, 4, 3)),
                        group.abortRules(),
                        List.of(),
                        List.of(),
                        group.runBy(),
                        List.of()),
                procedure(
                        STOPS,
                        phase(Phase.Kind.TREATMENT, kmh(0), kmh(0), 1, Phases.hottest(90)),
                        phase(Phase.Kind.INSPECTION, kmh(0), kmh(0), 1, Gate.OPEN),
                        PROOF),
                procedure(
                        STOPS.on(BrakeSystem.FRONT_CIRCUIT_OFF),
                        phase(Phase.Kind.OBSERVATION, kmh(0), kmh(0), 1, Gate.OPEN),
                        STOPS.on(BrakeSystem.DIAGONAL_FRONT_LEFT_OFF)));
    }

    private static RunScript script(long seed) {
        Procedure procedure = procedures().get((int) Math.floorMod(seed, 4L));
        return new RunScript(
                RunScripts.steps(procedure, RunOrder.A_B_A.blocks(2, 4, 1), List.of(false, true), (a, b) -> true),
                List.of(new RunScript.Side("As bought", Map.of()), new RunScript.Side("Other pads", Map.of())),
                EnumSet.allOf(AbortRule.class),
                25,
                1,
                4,
                15,
                180,
                Optional.empty(),
                Optional.of(400.0),
                Set.of(),
                RunScript.RULES);
    }

    static List<Long> seeds() {
        return new Random(17).longs(40).boxed().toList();
    }

    /** Mostly what the stage asks for, else anything. */
    private static Happening next(RunState state, Random random) {
        if (random.nextInt(3) == 0) {
            return something(random);
        }
        return switch (state.stage()) {
            case UNSIGNED -> new Happening.Signed(new SafetyGate(EnumSet.allOf(SafetyCheck.class)));
            case WAITING -> random.nextBoolean() ? new Happening.LaneCalled(true) : new Happening.Started();
            case APPROACH -> new Happening.AtRest();
            case AT_REST -> new Happening.Entered(readings(88 + 4 * random.nextDouble(), 44 + 6 * random.nextDouble()));
            case JUDGED ->
                new Happening.Decided(
                        state.stops().get(state.stops().size() - 1).judged(), "", Optional.empty());
            case TASK -> new Happening.TaskDone(random.nextBoolean() ? "" : "film, two strokes", Optional.empty());
            case STOPPED ->
                random.nextBoolean() ? new Happening.Released("looked at everything") : looked(CrackClass.NONE);
            case DONE -> something(random);
        };
    }

    private static Happening something(Random random) {
        IntPredicate oneIn = n -> random.nextInt(n) == 0;
        return switch (random.nextInt(14)) {
            case 0 -> new Happening.Signed(new SafetyGate(EnumSet.allOf(SafetyCheck.class)));
            case 1, 2 ->
                new Happening.DiscsRead(
                        Map.of(any(random, WheelPosition.class), oneIn.test(8) ? 420 : 40 + 80 * random.nextDouble()));
            case 3, 4 -> new Happening.LaneCalled(!oneIn.test(4));
            case 5 -> new Happening.Started();
            case 6 -> new Happening.AtRest();
            case 7 -> oneIn.test(3) ? new Happening.WavedOff("a hare on the lane") : new Happening.AtRest();
            case 8 -> new Happening.Entered(readings(85 + 10 * random.nextDouble(), 44 + 6 * random.nextDouble()));
            case 9, 10 ->
                new Happening.Decided(
                        any(random, Validity.class), oneIn.test(2) ? "" : "the wind turned", Optional.empty());
            case 11 -> new Happening.TaskDone("", Optional.empty());
            case 12 ->
                oneIn.test(4) ? looked(any(random, CrackClass.class)) : new Happening.TaskDone("", Optional.empty());
            default ->
                oneIn.test(3)
                        ? new Happening.Stopped(Optional.empty(), "somebody said so")
                        : new Happening.Released("looked at everything");
        };
    }

    private static Happening looked(CrackClass found) {
        return new Happening.CracksSeen(
                List.of(new CrackSeen(WheelPosition.FRONT_LEFT, DiscFace.OUTER, found, Optional.empty())));
    }

    private static <E extends Enum<E>> E any(Random random, Class<E> of) {
        List<E> all = List.copyOf(EnumSet.allOf(of));
        return all.get(random.nextInt(all.size()));
    }

    private static HandReadings readings(double entryKmh, double metres) {
        return new HandReadings(
                Optional.of(kmh(entryKmh)),
                List.of(new HandReadings.DistanceRead(new Who("Marshal"), new Quantity(metres, Unit.METRES))),
                Instrument.TAPE,
                Optional.empty(),
                Map.of(),
                30,
                Optional.of(PedalFeel.NORMAL),
                false,
                false,
                Map.of(),
                "",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whateverHappensARunIsWhatItsEventsMakeIt(long seed) {
        Random random = new Random(seed);
        RunState state = RunState.of(script(seed));
        List<RunEvent> taken = new ArrayList<>();
        double now = 0;
        for (int i = 0; i < STEPS; i++) {
            now += 1 + 60 * random.nextDouble();
            RunEvent event =
                    new RunEvent(new UUID(seed, i), now, new Who("Marshal " + random.nextInt(2)), next(state, random));
            RunState before = state;
            try {
                state = before.next(event);
                taken.add(event);
            } catch (OutOfTurn refused) {
                assertThat(refused.getMessage()).isNotBlank();
            }
            holds(before, state, event);
        }
        assertThat(state.stops()).as("some were driven at all").isNotEmpty();
        RunState rebuilt = RunState.of(script(seed));
        for (RunEvent event : taken) {
            rebuilt = rebuilt.next(event);
        }
        assertThat(rebuilt).isEqualTo(state);
    }

    private static void holds(RunState before, RunState after, RunEvent event) {
        if (event.what() instanceof Happening.Started && !after.equals(before)) {
            // A start outside the other gates is taken, and its stop judged for it: the card may have been offline.
            assertThat(GateView.of(before, event.atS()).lane())
                    .as("nothing starts on a lane that is not clear")
                    .isEqualTo(GateView.Standing.MET);
        }
        if (before.stage() == Stage.STOPPED && after.stage() != Stage.STOPPED) {
            assertThat(event.what()).as("only a release ends a halt").isInstanceOf(Happening.Released.class);
        }
        if (event.what() instanceof Happening.Stopped && !after.equals(before)) {
            assertThat(after.stage()).isEqualTo(Stage.STOPPED);
        }
        assertThat(after.stops())
                .as("a stop that was driven stays")
                .hasSizeGreaterThanOrEqualTo(before.stops().size());
        assertThat(after.step()).as("no step is taken back").isGreaterThanOrEqualTo(before.step());
        assertThat(after.counted()).isLessThanOrEqualTo((int)
                after.stops().stream().filter(s -> s.step() == after.step()).count());
        assertThat(after.values(0).length + after.values(1).length)
                .as("what is compared is what counts")
                .isLessThanOrEqualTo(
                        (int) after.stops().stream().filter(JudgedStop::counts).count());
        assertThat(RunProgress.of(after).sides()).hasSize(2);
        assertThat(Instruction.of(after, GateView.of(after, event.atS())).imperative())
                .as("there is always something to do next")
                .isNotNull();
    }
}
