package app.frenum.core.procedure.run;

import static app.frenum.core.procedure.Phases.celsius;
import static app.frenum.core.procedure.Phases.hottest;
import static app.frenum.core.procedure.Phases.kmh;
import static app.frenum.core.procedure.Phases.phase;
import static app.frenum.core.procedure.Phases.procedure;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.compare.Instrument;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.heat.Motion;
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
import app.frenum.core.procedure.Procedure;
import app.frenum.core.procedure.SafetyCheck;
import app.frenum.core.procedure.SafetyGate;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.FlagFinding;
import app.frenum.core.stop.Validity;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunStateTest {
    private static final Gate GATE =
            Gate.timed(celsius(60), celsius(110), Optional.of(new Quantity(60, Unit.SECONDS)), Optional.empty());
    private static final Procedure STOPS = procedure(phase(Phase.Kind.STOP, kmh(90), kmh(0), 2, GATE));

    /** A run driven by hand: every call is one event, a minute after the one before unless it says otherwise. */
    private static final class Driven {
        private final List<RunEvent> events = new ArrayList<>();
        private final RunScript script;
        private RunState state;
        private double now;

        Driven(Procedure procedure, int stopsEach) {
            this(procedure, stopsEach, 2);
        }

        Driven(Procedure procedure, int stopsEach, int configurations) {
            script = new RunScript(
                    RunScripts.steps(
                            procedure,
                            RunOrder.A_B_A.blocks(configurations, stopsEach, 1),
                            List.of(false, true),
                            (a, b) -> true),
                    List.of(
                                    new RunScript.Side("As bought", Map.of(BrakeSwitch.COOLING_SPRAY, false)),
                                    new RunScript.Side("With spray", Map.of(BrakeSwitch.COOLING_SPRAY, true)))
                            .subList(0, configurations),
                    EnumSet.allOf(AbortRule.class),
                    25,
                    1,
                    stopsEach,
                    15,
                    180,
                    Optional.empty(),
                    Optional.of(400.0),
                    Set.of(),
                    RunScript.RULES);
            state = RunState.of(script);
        }

        Driven says(double laterS, Happening what) {
            now += laterS;
            RunEvent event = new RunEvent(UUID.randomUUID(), now, new Who("Marshal"), what);
            state = state.next(event);
            events.add(event);
            return this;
        }

        Driven signed() {
            return says(1, new Happening.Signed(new SafetyGate(EnumSet.allOf(SafetyCheck.class))));
        }

        Driven discsAt(double celsius) {
            return says(
                    60,
                    new Happening.DiscsRead(
                            Map.of(WheelPosition.FRONT_LEFT, celsius, WheelPosition.FRONT_RIGHT, celsius + 4)));
        }

        /** With the switches found as asked. */
        Driven driven(double discC, HandReadings readings) {
            int side = state.current().orElseThrow().configuration();
            return drivenWith(discC, with(readings, script.sides().get(side).switches()));
        }

        Driven drivenWith(double discC, HandReadings readings) {
            return discsAt(discC)
                    .says(5, new Happening.LaneCalled(true))
                    .says(5, new Happening.Started())
                    .says(20, new Happening.AtRest())
                    .says(30, new Happening.Entered(readings));
        }

        Driven valid(double distanceM) {
            return driven(90, stop(90, distanceM)).says(5, new Happening.Decided(Validity.VALID, "", Optional.empty()));
        }

        JudgedStop last() {
            return state.stops().get(state.stops().size() - 1);
        }

        List<FlagCode> flags() {
            return last().flags().stream().map(Flag::code).toList();
        }
    }

    private static HandReadings with(HandReadings r, Map<BrakeSwitch, Boolean> switches) {
        return new HandReadings(
                r.entrySpeed(),
                r.distances(),
                r.instrument(),
                r.time(),
                r.peaks(),
                r.lateS(),
                r.pedal(),
                r.lockSeen(),
                r.rearFirst(),
                r.switches().isEmpty() ? switches : r.switches(),
                r.note(),
                r.readOn(),
                r.effort(),
                r.rolled(),
                Optional.empty());
    }

    private static HandReadings stop(double entryKmh, double distanceM) {
        return readings(entryKmh, distanceM, Map.of(), false, Optional.of(PedalFeel.NORMAL), Map.of());
    }

    private static HandReadings readings(
            double entryKmh,
            double distanceM,
            Map<WheelPosition, Quantity> peaks,
            boolean lock,
            Optional<PedalFeel> pedal,
            Map<BrakeSwitch, Boolean> switches) {
        return new HandReadings(
                Optional.of(kmh(entryKmh)),
                List.of(new HandReadings.DistanceRead(new Who("Marshal"), new Quantity(distanceM, Unit.METRES))),
                Instrument.TAPE,
                Optional.empty(),
                peaks,
                30,
                pedal,
                lock,
                false,
                switches,
                "",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static HandReadings rolled(double metres) {
        HandReadings r = stop(90, 44);
        return new HandReadings(
                r.entrySpeed(),
                r.distances(),
                r.instrument(),
                r.time(),
                r.peaks(),
                r.lateS(),
                r.pedal(),
                r.lockSeen(),
                r.rearFirst(),
                r.switches(),
                r.note(),
                r.readOn(),
                Optional.of(PedalEffort.ALL_OF_IT),
                Optional.of(new Quantity(metres, Unit.METRES)),
                Optional.empty());
    }

    @Test
    void stopsHoldTheDistanceBetweenThem() {
        Gate held = new Gate(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Quantity(1.4, Unit.KILOMETRES)),
                Optional.of(new Quantity(1.6, Unit.KILOMETRES)));
        Driven run = new Driven(procedure(phase(Phase.Kind.STOP, kmh(90), kmh(0), 9, held)), 9, 1).signed();
        run.driven(90, stop(90, 44));
        assertThat(run.flags()).as("nothing was before the first").doesNotContain(FlagCode.INTERVAL_NOT_READ);
        run.says(5, new Happening.Decided(Validity.VALID, "", Optional.empty())).driven(90, stop(90, 44));
        assertThat(run.flags()).contains(FlagCode.INTERVAL_NOT_READ);
        run.says(5, new Happening.Decided(Validity.VALID, "", Optional.empty())).driven(90, rolled(1500));
        assertThat(run.last().judged()).isEqualTo(Validity.VALID);
        run.says(5, new Happening.Decided(Validity.VALID, "", Optional.empty())).driven(90, rolled(900));
        assertThat(run.last().flags().get(0).finding().code()).isEqualTo(FlagFinding.ROLLED_TOO_LITTLE);
        assertThat(run.last().judged()).isEqualTo(Validity.REPEAT);
        run.says(5, new Happening.Decided(Validity.REPEAT, "", Optional.empty()))
                .driven(90, rolled(2000));
        assertThat(run.last().flags().get(0).finding().code()).isEqualTo(FlagFinding.ROLLED_TOO_FAR);
    }

    @Test
    void aWholeReturnToTheBaselineRunsFromTheSafetyGateToItsEnd() {
        Driven run = new Driven(STOPS, 4).signed();
        run.valid(48).valid(48.5);
        assertThat(run.state.stage()).isEqualTo(Stage.TASK);
        assertThat(run.state.current().orElseThrow().name()).isEqualTo("change parts");
        run.says(60, new Happening.TaskDone("", Optional.empty()))
                .says(60, new Happening.TaskDone("bedded in", Optional.empty()));
        run.valid(45).valid(45.2).valid(44.9).valid(45.1);
        run.says(60, new Happening.TaskDone("", Optional.empty())).valid(48.2).valid(48.3);
        assertThat(run.state.stage()).isEqualTo(Stage.DONE);
        assertThat(run.state.values(0)).hasSize(4);
        RunProgress progress = RunProgress.of(run.state);
        assertThat(progress.sides().get(1).meanM().value()).isCloseTo(45.05, within(1e-9));
        assertThat(progress.sides().get(1).early().answer().name()).isEqualTo("SETTLED");
        assertThatThrownBy(() -> run.says(1, new Happening.Started())).isInstanceOf(OutOfTurn.class);
    }

    @Test
    void aRunIsRebuiltFromItsEvents() {
        Driven run = new Driven(STOPS, 4).signed().valid(48);
        run.driven(150, stop(90, 47));
        RunState again = RunState.of(run.script);
        for (RunEvent e : run.events) {
            again = again.next(e);
        }
        assertThat(again).isEqualTo(run.state);
    }

    @ParameterizedTest
    @CsvSource({
        "90, 90, VALID, ",
        "95, 90, REPEAT, ENTRY_SPEED_OUT",
        "90, 140, REPEAT, START_TEMPERATURE_OUT",
        "90, 40, REPEAT, START_TEMPERATURE_OUT"
    })
    void theRulesDecideAtOnceAndARepeatGoesBackIntoThePlan(
            double entryKmh, double discC, Validity judged, FlagCode flag) {
        Driven run = new Driven(STOPS, 4).signed().driven(discC, stop(entryKmh, 48));
        assertThat(run.last().judged()).isEqualTo(judged);
        assertThat(run.flags()).isEqualTo(flag == null ? List.of() : List.of(flag));
        run.says(1, new Happening.Decided(judged, "", Optional.empty()));
        assertThat(run.state.counted()).isEqualTo(judged == Validity.REPEAT ? 0 : 1);
        assertThat(run.state.stage()).isEqualTo(Stage.WAITING);
    }

    @Test
    void aDiscJustOverTheGateIsToldWithTheDigitThatSaysSo() {
        Driven run = new Driven(STOPS, 4).signed().driven(106.2, stop(90, 48));
        assertThat(run.last().flags().get(0).finding())
                .isEqualTo(Finding.of(
                        FlagFinding.HOTTER_THAN_GATE, Term.temperature(110.2, 0.1), Term.temperature(110, 0.1)));
    }

    @Test
    void aForgottenSwitchALockedWheelAndAHurriedStopAreRepeated() {
        Driven run = new Driven(STOPS, 4).signed().valid(48);
        Map<BrakeSwitch, Boolean> spray = Map.of(BrakeSwitch.COOLING_SPRAY, true);
        run.driven(90, readings(90, 47, Map.of(), true, Optional.empty(), spray));
        assertThat(run.flags()).containsExactly(FlagCode.WRONG_STATE, FlagCode.WHEEL_LOCK);
        assertThat(run.last().judged()).isEqualTo(Validity.REPEAT);
        run.says(1, new Happening.Decided(Validity.REPEAT, "", Optional.empty()));
        run.says(1, new Happening.DiscsRead(Map.of(WheelPosition.FRONT_LEFT, 90.0)))
                .says(1, new Happening.LaneCalled(true))
                .says(1, new Happening.Started())
                .says(10, new Happening.AtRest())
                .says(1, new Happening.Entered(with(stop(90, 48), Map.of(BrakeSwitch.COOLING_SPRAY, false))));
        assertThat(run.flags()).containsExactly(FlagCode.INTERVAL_OUT);
    }

    @Test
    void overrulingTheRulesTakesAReasonAndAWrongSpeedCannotBeOverruled() {
        Driven run = new Driven(STOPS, 4).signed().driven(140, stop(90, 48));
        assertThatThrownBy(() -> run.says(1, new Happening.Decided(Validity.NOTE, " ", Optional.empty())))
                .hasMessageContaining("GIVE_A_REASON");
        run.says(1, new Happening.Decided(Validity.NOTE, "the gun was held at the pad", Optional.empty()));
        assertThat(run.last().counts()).isTrue();
        assertThat(run.last().decision().orElseThrow().reason()).contains("the gun");
        run.driven(90, stop(99, 60));
        assertThat(run.last().correctedM().reason()).contains("too far off");
        assertThatThrownBy(() -> run.says(1, new Happening.Decided(Validity.VALID, "looked fine", Optional.empty())))
                .hasMessageContaining("WRONG_SPEED_CANNOT_COUNT");
    }

    @Test
    void twoWhoJudgeTheSameStopDifferentlyAreBothHeardAndTheNextStopIsNotTouched() {
        Driven run = new Driven(STOPS, 4).signed().driven(90, stop(90, 48));
        UUID first = run.last().id();
        run.says(1, new Happening.Decided(Validity.VALID, "", Optional.of(first)));
        run.driven(90, stop(90, 47.8));
        UUID second = run.last().id();
        // Somebody without a link had decided on the first, and it comes only now.
        run.says(1, new Happening.Decided(Validity.REPEAT, "a gust", Optional.of(first)));
        assertThat(run.state.stage()).isEqualTo(Stage.JUDGED);
        JudgedStop disputed = run.state.stops().get(0);
        assertThat(disputed.counts()).as("the first that came stands").isTrue();
        assertThat(disputed.objections()).extracting(JudgedStop.Ruling::reason).containsExactly("a gust");
        assertThat(run.last().decision()).isEmpty();
        run.says(1, new Happening.Decided(Validity.NOTE, "", Optional.of(first)));
        assertThat(run.state.stops().get(0).objections())
                .as("the same once more")
                .hasSize(1);
        run.says(1, new Happening.Decided(Validity.VALID, "", Optional.of(second)));
        run.says(1, new Happening.Settled(first));
        assertThat(run.state.stops().get(0).objections()).isEmpty();
        assertThatThrownBy(() -> run.says(1, new Happening.Settled(UUID.randomUUID())))
                .hasMessageContaining("NO_SUCH_STOP");
    }

    @Test
    void extraRunsComeToAnEnd() {
        Driven run = new Driven(STOPS, 4).signed();
        for (int i = 0; i < 5; i++) {
            run.driven(140, stop(90, 48)).says(1, new Happening.Decided(Validity.REPEAT, "", Optional.empty()));
        }
        assertThat(run.state.stage()).isEqualTo(Stage.TASK);
        assertThat(run.state.values(0)).isEmpty();
    }

    @Test
    void nothingStartsWithoutTheSafetyGateOrTheLane() {
        Driven run = new Driven(STOPS, 4);
        assertThatThrownBy(() -> run.says(1, new Happening.Started())).isInstanceOf(OutOfTurn.class);
        SafetyGate partial = new SafetyGate(EnumSet.of(SafetyCheck.HELMETS));
        assertThatThrownBy(() -> run.says(1, new Happening.Signed(partial))).hasMessageContaining("GATE_NOT_COMPLETE");
        run.signed();
        assertThatThrownBy(() -> run.says(1, new Happening.Started())).hasMessageContaining("LANE_NOT_CLEAR");
        run.says(1, new Happening.LaneCalled(true));
        assertThatThrownBy(() -> run.says(121, new Happening.Started())).hasMessageContaining("LANE_NOT_CLEAR");
        run.says(1, new Happening.LaneCalled(true)).says(1, new Happening.Started());
        run.says(1, new Happening.LaneCalled(false));
        assertThat(run.state.stage()).isEqualTo(Stage.WAITING);
        run.driven(90, stop(90, 48)).says(1, new Happening.Decided(Validity.VALID, "", Optional.empty()));
        assertThatThrownBy(() -> run.says(1, new Happening.Started())).hasMessageContaining("LANE_NOT_CLEAR");
    }

    @Test
    void aPedalToTheFloorStopsTestingUntilSomebodySaysWhatWasInspected() {
        Driven run = new Driven(STOPS, 4)
                .signed()
                .driven(90, readings(90, 52, Map.of(), false, Optional.of(PedalFeel.TO_THE_FLOOR), Map.of()));
        assertThat(run.state.stage()).isEqualTo(Stage.STOPPED);
        assertThat(run.state.halts().get(0).rule()).contains(AbortRule.PEDAL_TO_FLOOR);
        assertThatThrownBy(() -> run.says(1, new Happening.Decided(Validity.NOTE, "go on", Optional.empty())))
                .hasMessageContaining("RELEASE_IT_FIRST");
        assertThatThrownBy(() -> run.says(1, new Happening.Released(" ")))
                .hasMessageContaining("SAY_WHAT_WAS_INSPECTED");
        run.says(600, new Happening.Released("bled, fluid fresh, pedal firm"));
        assertThat(run.state.stage()).isEqualTo(Stage.JUDGED);
        assertThat(run.state.halts().get(0).releasedBy()).isEqualTo(new Who("Marshal"));
        run.says(1, new Happening.Stopped(Optional.empty(), "a dog on the lane"));
        run.says(1, new Happening.Stopped(Optional.empty(), "said twice"));
        assertThat(run.state.halts()).hasSize(2);
    }

    @Test
    void aCrackThatReachedAnEdgeOrGrewStopsTestingUntilAnotherDiscIsSeenInItsPlace() {
        Driven car = new Driven(STOPS, 2).signed();
        car.says(5, crack(CrackClass.NONE, null)).says(5, crack(CrackClass.HEAT_CHECKS, null));
        assertThat(car.state.stage()).isEqualTo(Stage.WAITING);

        car.says(5, crack(CrackClass.SHORT_RADIAL, 8.0));
        assertThat(car.state.stage()).isEqualTo(Stage.STOPPED);
        assertThat(car.state.halts().get(0).why())
                .isEqualTo(Finding.of(
                        RunFinding.CRACK_GREW,
                        Term.name("front left disc, outer face"),
                        new Term.Said(Finding.of(
                                RunFinding.CRACK_OF_LENGTH,
                                Term.name("short radial crack, within the face"),
                                Term.millimetres(0.008)))));
        // The same crack entered again is not an old one.
        car.says(5, crack(CrackClass.SHORT_RADIAL, 8.0));
        assertThatThrownBy(() -> car.says(5, new Happening.Released("looked again")))
                .isInstanceOf(OutOfTurn.class)
                .hasMessageContaining("CRACKED_STILL");
        car.says(600, crack(CrackClass.NONE, null)).says(5, new Happening.Released("other disc fitted, whole"));
        assertThat(car.state.stage()).isEqualTo(Stage.WAITING);
    }

    @ParameterizedTest
    @CsvSource({
        "SHORT_RADIAL, 8, SHORT_RADIAL, 8.6, WAITING",
        "SHORT_RADIAL, 8, SHORT_RADIAL, 9.5, STOPPED",
        "SHORT_RADIAL, 8, TO_THE_EDGE, , STOPPED",
        "TO_THE_EDGE, , TO_THE_EDGE, , STOPPED",
    })
    void aCrackIsToldAgainstTheLookBefore(CrackClass first, Double firstMm, CrackClass then, Double thenMm, Stage end) {
        Driven car =
                new Driven(STOPS, 2).signed().says(5, crack(first, firstMm)).says(5, crack(then, thenMm));
        assertThat(car.state.stage()).isEqualTo(end);
    }

    @Test
    void aCrackIsNoCrackWithALengthAndNobodyLooksAtMovingDiscs() {
        Driven car = new Driven(STOPS, 2);
        assertThatThrownBy(() -> car.says(1, crack(CrackClass.NONE, null))).isInstanceOf(OutOfTurn.class);
        car.signed();
        assertThatThrownBy(() -> car.says(1, crack(CrackClass.NONE, 5.0)))
                .hasMessageContaining("No crack has no length");
        assertThatThrownBy(() -> car.says(1, crack(CrackClass.SHORT_RADIAL, 5000.0)))
                .hasMessageContaining("0.5 to 400 mm");
    }

    private static Happening crack(CrackClass seen, Double mm) {
        return new Happening.CracksSeen(List.of(new CrackSeen(
                WheelPosition.FRONT_LEFT,
                DiscFace.OUTER,
                seen,
                Optional.ofNullable(mm).map(x -> new Quantity(x, Unit.MILLIMETRES)))));
    }

    @Test
    void aDiscOverItsLimitStopsTestingToo() {
        Driven run = new Driven(STOPS, 4).signed().discsAt(420);
        assertThat(run.state.stage()).isEqualTo(Stage.STOPPED);
        assertThat(run.state.halts().get(0).why())
                .isEqualTo(Finding.of(RunFinding.OVER_LIMIT, Term.temperature(424), Term.temperature(400)));
    }

    @Test
    void aParkedCarsDiscsAreWaitedForLongerThanARollingOnes() {
        Driven run = new Driven(STOPS, 4).signed().discsAt(200);
        GateView unsaid = GateView.of(run.state, run.now);
        run.says(1, new Happening.CarMoves(Motion.ROLLING));
        GateView rolling = GateView.of(run.state, run.now);
        run.says(1, new Happening.CarMoves(Motion.STANDING));
        GateView standing = GateView.of(run.state, run.now);
        assertThat(unsaid.motion()).isEmpty();
        assertThat(rolling.motion()).contains(Motion.ROLLING);
        assertThat(standing.readyAtS().value() - run.now)
                .isGreaterThan(2 * (rolling.readyAtS().value() - run.now));
        assertThat(rolling.readyPlusMinusS().value())
                .isLessThan(0.5 * unsaid.readyPlusMinusS().value());
        assertThat(standing.readyPlusMinusS().value())
                .isLessThan(unsaid.readyPlusMinusS().value());
    }

    @Test
    void theGateTellsWhenItOpensFromThisVeryCoolDown() {
        Driven run = new Driven(STOPS, 4).signed().discsAt(200);
        GateView hot = GateView.of(run.state, run.now);
        assertThat(hot.discs()).isEqualTo(GateView.Standing.WAIT);
        assertThat(hot.open()).isFalse();
        assertThat(hot.readyAtS().value()).isGreaterThan(run.now + 60);
        run.discsAt(150).discsAt(115).discsAt(88);
        GateView cool = GateView.of(run.state, run.now + 1);
        assertThat(cool.discs()).isEqualTo(GateView.Standing.MET);
        assertThat(cool.lane()).isEqualTo(GateView.Standing.UNKNOWN);
        run.says(1, new Happening.LaneCalled(true));
        assertThat(GateView.of(run.state, run.now).open()).isTrue();
        assertThat(GateView.of(run.state, run.now + 130).discs()).isEqualTo(GateView.Standing.UNKNOWN);
        run.discsAt(40);
        assertThat(GateView.of(run.state, run.now).discs()).isEqualTo(GateView.Standing.MISSED);
    }

    @Test
    void aLateReadingIsCarriedBackToItsPeak() {
        Map<WheelPosition, Quantity> peaks = Map.of(WheelPosition.FRONT_LEFT, new Quantity(150, Unit.CELSIUS));
        Driven run =
                new Driven(STOPS, 4).signed().driven(90, readings(90, 48, peaks, false, Optional.empty(), Map.of()));
        assertThat(run.last().peaks().get(WheelPosition.FRONT_LEFT).celsius())
                .isCloseTo(15 + 135 * (Math.exp(30 / 180.0) + Math.exp(30 / 540.0)) / 2, within(1.5));
        assertThat(run.last().startC()).containsEntry(WheelPosition.FRONT_RIGHT, 94.0);
    }

    private static final Procedure TREATMENT = procedure(
            phase(Phase.Kind.STOP, kmh(90), kmh(0), 3, GATE),
            phase(Phase.Kind.STOP, kmh(90), kmh(0), BrakeSystem.WHOLE, 3, GATE, true));

    @Test
    void aTreatmentIsGoneOnlyWhenItsStopsProveIt() {
        Driven run = new Driven(TREATMENT, 6).signed().valid(48.0).valid(48.1).valid(47.9);
        assertThat(run.state.current().orElseThrow().name()).isEqualTo("proof");
        run.valid(48.0).valid(48.1).valid(48.0);
        assertThat(run.state.current().orElseThrow().name()).isEqualTo("change parts");
        run.says(60, new Happening.TaskDone("", Optional.empty()))
                .says(60, new Happening.TaskDone("", Optional.empty()));
        for (int i = 0; i < 6; i++) {
            run.valid(44 + i / 10.0);
        }
        run.valid(45.9).valid(46.0).valid(46.1);
        assertThat(run.state.current().orElseThrow().name()).isEqualTo("proof");
        assertThat(RunProgress.of(run.state).warnings())
                .anyMatch(w -> w.toString().contains("NOT_PROVED_BACK"));
        run.valid(48.0).valid(48.0).valid(48.0);
        // The extra runs are used up; what was not proved stays said.
        assertThat(run.state.current().orElseThrow().name()).isEqualTo("change parts");
        assertThat(RunProgress.of(run.state).warnings())
                .anyMatch(w -> w.toString().contains("NOT_PROVED_BACK"));
    }

    @Test
    void whatNobodyReadIsSaidAndNotTakenForRight() {
        Driven run = new Driven(STOPS, 2).signed();
        HandReadings noSpeed = new HandReadings(
                Optional.empty(),
                stop(90, 44).distances(),
                stop(90, 44).instrument(),
                Optional.empty(),
                Map.of(),
                0,
                Optional.empty(),
                false,
                false,
                Map.of(),
                "",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        run.driven(90, noSpeed);
        assertThat(run.flags()).contains(FlagCode.NO_ENTRY_SPEED).doesNotContain(FlagCode.ENTRY_SPEED_OUT);
        assertThat(run.last().judged()).isEqualTo(Validity.NOTE);
        Driven unread = new Driven(STOPS, 2).signed();
        unread.says(5, new Happening.LaneCalled(true))
                .says(5, new Happening.Started())
                .says(20, new Happening.AtRest())
                .says(30, new Happening.Entered(stop(90, 44)));
        assertThat(unread.flags()).contains(FlagCode.NO_START_TEMPERATURE);
    }

    private static final Phase HARD = phase(Phase.Kind.SNUB, kmh(160), kmh(20), 1, Gate.OPEN);
    private static final Phase AGAIN = phase(
            Phase.Kind.SPIKE,
            kmh(160),
            kmh(0),
            1,
            Gate.timed(
                    Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(new Quantity(60, Unit.SECONDS))));
    private static final Phase LOOK = phase(Phase.Kind.INSPECTION, kmh(0), kmh(0), 1, Gate.OPEN);

    private static Procedure endurance(int times) {
        Procedure once = procedure(HARD, AGAIN, LOOK);
        return new Procedure(
                "Endurance",
                "",
                once.phases(),
                Optional.of(new Cycle(0, 2, times, 2)),
                once.abortRules(),
                List.of(),
                List.of(),
                once.runBy(),
                List.of());
    }

    private static HandReadings spike() {
        return readings(160, 120, Map.of(), false, Optional.empty(), Map.of(BrakeSwitch.COOLING_SPRAY, false));
    }

    private static Driven pair(Driven run, double laterS) {
        run.says(5, new Happening.LaneCalled(true))
                .says(5, new Happening.Started())
                .says(10, new Happening.AtRest());
        return run.says(laterS, new Happening.LaneCalled(true))
                .says(5, new Happening.Started())
                .says(10, new Happening.AtRest())
                .says(5, new Happening.Entered(spike()));
    }

    @Test
    void theSecondOfAPairIsTimedFromTheFirstAndTheFirstOfTheNextIsNot() {
        Driven run = pair(new Driven(endurance(4), 4, 1).signed(), 20);
        assertThat(run.flags()).isEmpty();
        run.says(1, new Happening.Decided(Validity.VALID, "", Optional.empty()));
        assertThat(run.state.current().orElseThrow().cycle()).isEqualTo(2);
        assertThat(run.state.lastStartS()).isEmpty();
        pair(run, 80);
        assertThat(run.flags()).containsExactly(FlagCode.INTERVAL_OUT);
        run.says(1, new Happening.Decided(Validity.REPEAT, "", Optional.empty()));
        assertThat(run.state.current().orElseThrow().phase()).contains(AGAIN);
    }

    @Test
    void aSnubThatCountsIsOnRecordWithoutAPress() {
        Driven run = new Driven(endurance(4), 4, 1)
                .signed()
                .says(5, new Happening.LaneCalled(true))
                .says(5, new Happening.Started())
                .says(10, new Happening.AtRest());
        assertThat(run.state.recorded()).singleElement().satisfies(s -> {
            assertThat(s.decision().orElseThrow().validity()).isEqualTo(Validity.VALID);
            assertThat(s.counts()).isTrue();
        });
        assertThat(RunReview.of(run.state).byTheRules())
                .as("nobody went along with anything")
                .isZero();
    }

    @Test
    void aStopThatTestingWasStoppedOnIsOnRecordTooAndMayBeDecidedLater() {
        Driven run = new Driven(STOPS, 2).signed().driven(90, stop(90, 48));
        assertThat(run.state.recorded()).isEmpty();
        run.says(5, new Happening.Stopped(Optional.empty(), "a dog"));
        assertThat(run.state.recorded()).hasSize(1);
        run.says(60, new Happening.Released("the dog is caught"))
                .says(5, new Happening.Decided(Validity.REPEAT, "it swerved", Optional.empty()));
        assertThat(run.state.recorded())
                .singleElement()
                .satisfies(s -> assertThat(s.counts()).isFalse());
    }

    @Test
    void anInspectionIsDoneWhenItsFacesWereSeenOrAReasonIsGivenAndOnlyOnce() {
        Driven run = pair(new Driven(endurance(4), 4, 1).signed(), 20)
                .says(1, new Happening.Decided(Validity.VALID, "", Optional.empty()));
        pair(run, 20).says(1, new Happening.Decided(Validity.VALID, "", Optional.empty()));
        int step = run.state.step();
        assertThatThrownBy(() -> run.says(5, new Happening.TaskDone("", Optional.of(step))))
                .isInstanceOf(OutOfTurn.class);
        run.says(5, crack(CrackClass.NONE, null)).says(5, new Happening.TaskDone("", Optional.of(step)));
        assertThat(run.state.step()).isEqualTo(step + 1);
        // Pressed twice: the second press was for the step before.
        run.says(0.2, new Happening.TaskDone("", Optional.of(step)));
        assertThat(run.state.step()).isEqualTo(step + 1);
        assertThat(run.state.tasks()).hasSize(1);
    }

    @Test
    void aStepThatRanOutOfAttemptsIsNotLeftWithoutAWord() {
        Driven run = new Driven(STOPS, 2).signed();
        int attempts = 0;
        while (run.state.step() == 0) {
            attempts++;
            run.driven(90, stop(97, 55)).says(1, new Happening.Decided(Validity.REPEAT, "", Optional.empty()));
        }
        assertThat(RunProgress.of(run.state).warnings()).anySatisfy(w -> {
            assertThat(w.code()).isEqualTo(RunFinding.ATTEMPTS_USED_UP);
            assertThat(w.terms().get("counted")).isEqualTo(Term.count(0));
        });
        assertThat(attempts).isGreaterThan(2);
    }

    @Test
    void anEnduranceIsSuspendedByACrackAndGoesOnAnotherDayWhereItStood() {
        Driven run = pair(new Driven(endurance(4), 4, 1).signed(), 20)
                .says(1, new Happening.Decided(Validity.VALID, "", Optional.empty()));
        pair(run, 20).says(1, new Happening.Decided(Validity.VALID, "", Optional.empty()));
        assertThat(run.state.current().orElseThrow().name()).isEqualTo("INSPECTION");
        CrackSeen edge = new CrackSeen(
                WheelPosition.FRONT_LEFT,
                DiscFace.OUTER,
                CrackClass.TO_THE_EDGE,
                Optional.of(new Quantity(8, Unit.MILLIMETRES)));
        run.says(60, new Happening.CracksSeen(List.of(edge)));
        assertThat(run.state.stage()).isEqualTo(Stage.STOPPED);
        CrackSeen none = new CrackSeen(WheelPosition.FRONT_LEFT, DiscFace.OUTER, CrackClass.NONE, Optional.empty());
        run.says(20 * 3600, new Happening.CracksSeen(List.of(none)))
                .says(60, new Happening.Released("another disc, both faces seen"))
                .says(60, new Happening.TaskDone("none", Optional.empty()));
        assertThat(run.state.current().orElseThrow().cycle()).isEqualTo(3);
        run.says(5, new Happening.LaneCalled(true));
        assertThat(GateView.of(run.state, run.now).signed()).isFalse();
        assertThat(Instruction.of(run.state, GateView.of(run.state, run.now)).imperative())
                .isEqualTo(Finding.of(RunFinding.SIGN_THE_GATE));
        assertThatThrownBy(() -> run.says(5, new Happening.Started())).isInstanceOf(OutOfTurn.class);
        run.signed();
        pair(run, 20);
        assertThat(run.state.stops()).hasSize(6);
        assertThatThrownBy(run::signed).isInstanceOf(OutOfTurn.class);
    }

    @Test
    void aSwitchThatNobodyLookedAtIsNotAsAsked() {
        Driven run = new Driven(STOPS, 4)
                .signed()
                .drivenWith(90, readings(90, 47, Map.of(), false, Optional.empty(), Map.of()));
        assertThat(run.flags()).containsExactly(FlagCode.STATE_NOT_LOOKED_AT);
        assertThat(run.last().judged()).isEqualTo(Validity.NOTE);
        assertThat(run.last().counts()).isTrue();
        run.says(1, new Happening.Decided(Validity.NOTE, "", Optional.empty()));
        assertThat(RunReview.of(run.state).remarks())
                .extracting(r -> r.finding().code())
                .contains(RunFinding.SWITCH_NOT_LOOKED_AT);
    }

    @Test
    void aRearAxleThatBrakesAloneMayLockAndTestingGoesOn() {
        Phase alone = phase(Phase.Kind.STOP, kmh(60), kmh(0), BrakeSystem.FRONT_CIRCUIT_OFF, 2, Gate.OPEN, false);
        Driven run = new Driven(procedure(alone), 2).signed().driven(90, rearFirst());
        assertThat(run.state.stage()).isEqualTo(Stage.JUDGED);
        Driven whole = new Driven(procedure(alone.from(kmh(60)).on(BrakeSystem.WHOLE)), 2)
                .signed()
                .driven(90, rearFirst());
        assertThat(whole.state.stage()).isEqualTo(Stage.STOPPED);
    }

    private static HandReadings rearFirst() {
        return new HandReadings(
                Optional.of(kmh(60)),
                List.of(new HandReadings.DistanceRead(new Who("Marshal"), new Quantity(60, Unit.METRES))),
                Instrument.TAPE,
                Optional.empty(),
                Map.of(),
                30,
                Optional.empty(),
                true,
                true,
                Map.of(),
                "",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void stopsOfSeveralPhasesAreNoOneAverage() {
        Phase whole = phase(Phase.Kind.STOP, kmh(60), kmh(0), 1, Gate.OPEN);
        Phase alone = phase(Phase.Kind.STOP, kmh(60), kmh(0), BrakeSystem.FRONT_CIRCUIT_OFF, 2, Gate.OPEN, true);
        Phase rear = new Phase(
                "rear alone",
                alone.kind(),
                alone.from(),
                alone.to(),
                alone.target(),
                alone.gear(),
                alone.load(),
                alone.system(),
                alone.gate(),
                alone.repeats(),
                alone.mostExtra(),
                false,
                alone.adjuster(),
                false,
                alone.whose(),
                alone.grip());
        Driven run = new Driven(procedure(whole, rear), 1, 1).signed();
        run.driven(90, stop(60, 20)).says(1, new Happening.Decided(Validity.VALID, "", Optional.empty()));
        assertThat(run.state.measuredPhase()).contains("rear alone");
        assertThat(run.state.values(0)).isEmpty();
        run.driven(90, stop(60, 55)).says(1, new Happening.Decided(Validity.VALID, "", Optional.empty()));
        assertThat(run.state.values(0)).containsExactly(55);
        assertThat(run.script.measuredStops(0, run.state.measuredPhase())).isEqualTo(2);
    }

    @Test
    void aCoolDownIsOverWhenTheDiscsSaySo() {
        Phase cool = phase(Phase.Kind.COOL_DOWN, kmh(60), kmh(60), 1, hottest(100));
        Phase once = phase(Phase.Kind.STOP, kmh(60), kmh(0), 1, Gate.OPEN);
        Driven run = new Driven(procedure(cool, once), 1).signed().discsAt(140);
        assertThat(run.state.current().orElseThrow().phase()).contains(cool);
        run.discsAt(95);
        assertThat(run.state.current().orElseThrow().phase()).contains(once);
        assertThat(run.state.lastRead()).isNotEmpty();
    }

    @Test
    void aTreatmentGoesOnAColdDiscAndIsWrittenDown() {
        Phase apply = phase(Phase.Kind.TREATMENT, kmh(0), kmh(0), 1, hottest(40));
        Phase once = phase(Phase.Kind.STOP, kmh(60), kmh(0), 1, Gate.OPEN);
        Driven run = new Driven(procedure(apply, once), 1).signed();
        assertThatThrownBy(() -> run.says(1, new Happening.TaskDone("film on both faces", Optional.empty())))
                .isInstanceOf(OutOfTurn.class);
        run.discsAt(90);
        assertThatThrownBy(() -> run.says(1, new Happening.TaskDone("film on both faces", Optional.empty())))
                .isInstanceOf(OutOfTurn.class);
        run.discsAt(30);
        assertThatThrownBy(() -> run.says(1, new Happening.TaskDone(" ", Optional.empty())))
                .isInstanceOf(OutOfTurn.class);
        run.says(1, new Happening.TaskDone("film on both faces, two strokes", Optional.empty()));
        assertThat(run.state.tasks())
                .extracting(RunState.Task::note)
                .containsExactly("film on both faces, two strokes");
        assertThat(run.state.current().orElseThrow().phase()).contains(once);
    }
}
