package app.frenum.core.procedure.run;

import static app.frenum.core.procedure.Phases.celsius;
import static app.frenum.core.procedure.Phases.kmh;
import static app.frenum.core.procedure.Phases.phase;
import static app.frenum.core.procedure.Phases.procedure;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.finding.Term;
import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.log.Calibration;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.plan.RunOrder;
import app.frenum.core.plan.RunScripts;
import app.frenum.core.procedure.AbortRule;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.SafetyCheck;
import app.frenum.core.procedure.SafetyGate;
import app.frenum.core.quantity.Figure;
import app.frenum.core.simulate.Approach;
import app.frenum.core.simulate.Hydraulics;
import app.frenum.core.simulate.Rehearsal;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.LiveStops;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.Validity;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A run whose stops come from the logger of a car that is really driven, in simulation. */
class LoggedRunTest {
    private static final double ASKED_MPS = 25;
    private static final UUID RECORDING = UUID.randomUUID();

    private final Rehearsal drive = new Rehearsal(85, 11);
    private RunState state = RunState.of(new RunScript(
            RunScripts.steps(
                    procedure(phase(
                            Phase.Kind.STOP,
                            kmh(90),
                            kmh(0),
                            4,
                            Gate.timed(celsius(60), celsius(130), Optional.empty(), Optional.empty()))),
                    RunOrder.ONE_AFTER_ANOTHER.blocks(2, 4, 1),
                    List.of(false, false),
                    (a, b) -> true),
            List.of(
                    new RunScript.Side("Dry", Map.of(BrakeSwitch.COOLING_SPRAY, false)),
                    new RunScript.Side("Sprayed", Map.of(BrakeSwitch.COOLING_SPRAY, true))),
            EnumSet.allOf(AbortRule.class),
            ASKED_MPS,
            1,
            4,
            15,
            180,
            Optional.empty(),
            Optional.of(300.0),
            Set.of(),
            RunScript.RULES));

    private void says(Happening what) {
        state = state.next(new RunEvent(UUID.randomUUID(), drive.car.timeS(), new Who("Marshal"), what));
    }

    private LoggedRunTest signed() {
        says(new Happening.Signed(new SafetyGate(EnumSet.allOf(SafetyCheck.class))));
        return this;
    }

    private void started() {
        double c = drive.car.discsC()[0];
        says(new Happening.DiscsRead(Map.of(WheelPosition.FRONT_LEFT, c)));
        says(new Happening.LaneCalled(true));
        says(new Happening.Started());
    }

    /** Drives it, and gives what the logger saw. */
    private LoggedStop drives(Approach approach) {
        double from = drive.car.timeS();
        drive.car.run(approach);
        drive.untilOver().car.advance(0.5);
        MemoryLog log = drive.log();
        Calibration calibration = Calibration.of(log);
        MeasuredStop stop = LiveStops.over(log, calibration, from, AnalysisOptions.onset(Figure.of(ASKED_MPS)))
                .get(0);
        return new LoggedStop(
                RECORDING,
                stop.onsetS(),
                stop.endS(),
                Map.of(BrakeSwitch.COOLING_SPRAY, false),
                calibration,
                Optional.empty(),
                stop);
    }

    private void logged(Approach approach) {
        started();
        says(new Happening.Logged(drives(approach)));
    }

    private void cool() {
        while (drive.car.discsC()[1] > 110) {
            drive.car.advance(5);
        }
    }

    private JudgedStop last() {
        return state.stops().get(state.stops().size() - 1);
    }

    @Test
    void aLoggedStopIsJudgedWithoutAnybodyTypingAndMayBeAddedTo() {
        signed().logged(Approach.stop(ASKED_MPS, 0));
        assertThat(state.stage()).isEqualTo(Stage.JUDGED);
        assertThat(last().judged()).isNotEqualTo(Validity.REPEAT);
        assertThat(last().correctedM().value()).isBetween(30.0, 60.0);
        assertThat(last().startC().get(WheelPosition.FRONT_LEFT)).isCloseTo(85, within(6.0));
        double distance = last().correctedM().value();
        says(new Happening.Entered(HandReadingsSample.pedal(PedalFeel.FIRM)));
        assertThat(state.stops()).hasSize(1);
        assertThat(last().readings().pedal()).contains(PedalFeel.FIRM);
        assertThat(last().correctedM().value()).isEqualTo(distance);
        says(new Happening.Decided(Validity.VALID, "", Optional.empty()));
        assertThat(state.counted()).isEqualTo(1);
    }

    @Test
    void tooFastTooHotAndAForgottenSwitchMustBeDrivenAgain() {
        signed().logged(Approach.stop(ASKED_MPS * 1.06, 0));
        assertThat(last().flags()).extracting(f -> f.code()).contains(FlagCode.ENTRY_SPEED_OUT);
        assertThat(last().judged()).isEqualTo(Validity.REPEAT);
        while (state.counted() < 4 && state.step() == 0) {
            says(new Happening.Decided(last().judged(), "", Optional.empty()));
            cool();
            if (state.step() == 0) {
                logged(Approach.stop(ASKED_MPS, 0));
            }
        }
        says(new Happening.Decided(last().judged(), "", Optional.empty()));
        says(new Happening.TaskDone("spray fitted", Optional.empty()));
        cool();
        logged(Approach.stop(ASKED_MPS, 0));
        assertThat(last().flags()).extracting(f -> f.code()).contains(FlagCode.WRONG_STATE);
        assertThat(last().judged()).isEqualTo(Validity.REPEAT);
        says(new Happening.Decided(Validity.NOTE, "we looked: it was on", Optional.empty()));
        RunReview review = RunReview.of(state);
        assertThat(review.remarks())
                .extracting(RunReview.Remark::kind)
                .containsExactly(RunReview.Kind.OVERRULED, RunReview.Kind.MISSED);
        assertThat(review.remarks().get(0).finding().code()).isEqualTo(RunFinding.LET_COUNT_AGAINST_RULES);
        assertThat(review.remarks().get(0).finding().terms().get("reason"))
                .isEqualTo(Term.name("we looked: it was on"));
        assertThat(review.byTheRules()).isEqualTo(state.stops().size() - 1);
    }

    @Test
    void aStopFromBeforeTheNewestIsNotPutInLater() {
        signed();
        LoggedStop late = drives(Approach.stop(ASKED_MPS, 0));
        cool();
        logged(Approach.stop(ASKED_MPS, 0));
        assertThat(state.asksFor(late)).isFalse();
        assertThat(state.stops()).hasSize(1);
    }

    /** Nobody read the discs, which is a note beside what has it driven again. */
    @Test
    void aNoteIsNoReasonToDriveAgain() {
        signed();
        says(new Happening.LaneCalled(true));
        LoggedStop fast = drives(Approach.stop(ASKED_MPS * 1.06, 0));
        says(new Happening.Logged(fast));
        assertThat(last().flags()).extracting(f -> f.code()).contains(FlagCode.NOT_STARTED);
        assertThat(last().whyRepeat())
                .extracting(f -> f.code())
                .contains(FlagCode.ENTRY_SPEED_OUT)
                .allMatch(code -> code.validity() == Validity.REPEAT);
    }

    @Test
    void whatIsDrivenInBetweenIsNoStopOfTheRun() {
        signed().started();
        LoggedStop slow = drives(Approach.stop(12, 0));
        assertThat(state.asksFor(slow)).isFalse();
        LoggedStop right = drives(Approach.stop(ASKED_MPS, 0));
        says(new Happening.AtRest());
        assertThat(state.asksFor(right)).isTrue();
        says(new Happening.Logged(right));
        assertThat(state.asksFor(right)).as("a second time").isFalse();
        assertThat(state.stage()).isEqualTo(Stage.JUDGED);
        cool();
        LoggedStop unstarted = drives(Approach.stop(ASKED_MPS, 0));
        assertThat(state.asksFor(unstarted)).isTrue();
        says(new Happening.Logged(unstarted));
        assertThat(last().flags()).extracting(f -> f.code()).contains(FlagCode.NOT_STARTED);
        assertThat(state.stops()).hasSize(2);
        assertThat(state.stops().get(0).flags()).extracting(f -> f.code()).doesNotContain(FlagCode.NOT_STARTED);
        assertThat(state.stops().get(0).decision()).isPresent();
    }

    @Test
    void aPedalThatGrowsLongStopsTestingByItself() {
        signed();
        for (int i = 0; i < 3; i++) {
            logged(Approach.stop(ASKED_MPS, 0));
            says(new Happening.Decided(last().judged(), "", Optional.empty()));
            cool();
        }
        Hydraulics vapour = new Hydraulics(0.06, 35, 0.35, 20, 0.3, 40);
        drive.car.become(Rehearsal.CAR.with(Rehearsal.CAR.front().pad(), vapour));
        logged(Approach.stop(ASKED_MPS, 0));
        assertThat(state.stage()).isEqualTo(Stage.STOPPED);
        assertThat(state.halts().get(0).rule()).contains(AbortRule.PEDAL_TO_FLOOR);
        assertThat(state.halts().get(0).why().code()).isEqualTo(RunFinding.PEDAL_LONGER);
    }

    @Test
    void aThermometersReadingsAfterRestAreCarriedBackToThePeak() {
        signed().logged(Approach.stop(ASKED_MPS, 0));
        double rest = last().restAtS();
        drive.car.advance(30);
        says(new Happening.DiscsRead(Map.of(WheelPosition.REAR_LEFT, 120.0)));
        says(new Happening.Entered(HandReadingsSample.pedal(PedalFeel.NORMAL)));
        double late = drive.car.timeS() - rest;
        assertThat(last().peaks().get(WheelPosition.REAR_LEFT).celsius())
                .isCloseTo(15 + 105 * (Math.exp(late / 180) + Math.exp(late / 540)) / 2, within(1.5));
    }
}
