package app.frenum.core.procedure.run;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.procedure.Phase;
import app.frenum.core.stop.Flag;
import java.util.Locale;

/**
 * What to do now, in at most seven words, and why in a line.
 *
 * @param imperative for a glance
 * @param because for whoever asks
 */
public record Instruction(Finding imperative, Finding because) {
    private static Instruction of(RunFinding imperative, RunFinding because) {
        return new Instruction(Finding.of(imperative), Finding.of(because));
    }

    /** What a run asks for at a moment. */
    public static Instruction of(RunState run, GateView gate) {
        return switch (run.stage()) {
            case UNSIGNED -> Instruction.of(RunFinding.SIGN_THE_GATE, RunFinding.NOBODY_DRIVES_UNSIGNED);
            case TASK -> task(run.current().orElseThrow());
            case WAITING -> waiting(gate);
            case APPROACH -> Instruction.of(RunFinding.HOLD_AND_BRAKE, RunFinding.WHOEVER_SEES);
            case AT_REST -> Instruction.of(RunFinding.FOOT_OFF, RunFinding.ROLL_OFF);
            case JUDGED -> judged(run.stops().get(run.stops().size() - 1));
            case STOPPED ->
                new Instruction(
                        Finding.of(RunFinding.IS_STOPPED),
                        run.halts().get(run.halts().size() - 1).why());
            case DONE -> Instruction.of(RunFinding.DONE, RunFinding.ALL_KEPT);
        };
    }

    private static Instruction task(Step step) {
        return switch (step.kind()) {
            case CHANGE_PARTS -> Instruction.of(RunFinding.CHANGE_PARTS, RunFinding.LET_THEM_COOL);
            case BED_IN -> Instruction.of(RunFinding.BED_IN, RunFinding.AS_CONFIGURED);
            default ->
                new Instruction(
                        Finding.of(
                                RunFinding.DO_STEP,
                                Term.name(step.name().substring(0, 1).toUpperCase(Locale.ROOT)
                                        + step.name().substring(1))),
                        Finding.of(step.phase().map(Instruction::hint).orElse(RunFinding.NOTHING)));
        };
    }

    private static Instruction waiting(GateView gate) {
        if (!gate.signed()) {
            return Instruction.of(RunFinding.SIGN_THE_GATE, RunFinding.ANOTHER_DAY);
        }
        if (gate.discs() == GateView.Standing.UNKNOWN) {
            return Instruction.of(RunFinding.READ_THE_DISCS, RunFinding.DISCS_NOT_KNOWN);
        }
        if (gate.discs() == GateView.Standing.WAIT) {
            return Instruction.of(RunFinding.KEEP_ROLLING, RunFinding.NEVER_HOLD);
        }
        if (gate.discs() == GateView.Standing.MISSED) {
            return Instruction.of(RunFinding.WARM_THEM, RunFinding.A_FEW_SNUBS);
        }
        if (gate.interval() == GateView.Standing.WAIT) {
            return Instruction.of(RunFinding.WAIT, RunFinding.TIME_BETWEEN);
        }
        if (gate.interval() == GateView.Standing.MISSED) {
            return Instruction.of(RunFinding.TOO_LATE, RunFinding.ASKED_FOR_AGAIN);
        }
        return gate.lane() == GateView.Standing.MET
                ? Instruction.of(RunFinding.GO, RunFinding.ALL_MET)
                : Instruction.of(RunFinding.ASK_FOR_LANE, RunFinding.LANE_CONTROL_CALLS);
    }

    private static Instruction judged(JudgedStop stop) {
        Finding why = stop.flags().isEmpty()
                ? Finding.of(RunFinding.ALL_AS_ASKED)
                : Finding.of(
                        RunFinding.BECAUSE,
                        Finding.all(stop.flags().stream().map(Flag::finding).toList()));
        RunFinding what = switch (stop.judged()) {
            case VALID -> RunFinding.IT_COUNTS;
            case NOTE -> RunFinding.IT_COUNTS_WITH_NOTE;
            case REPEAT -> RunFinding.DRIVE_AGAIN;
        };
        return new Instruction(Finding.of(what), why);
    }

    /** What a phase that is not driven against a figure asks for. */
    private static RunFinding hint(Phase p) {
        return switch (p.kind()) {
            case COOL_DOWN -> RunFinding.ROLL_WITHOUT_BRAKE;
            case INSPECTION -> RunFinding.LOOK_FOR_CRACKS;
            case TREATMENT -> RunFinding.COLD_DISC_AND_NO_FLAME;
            default -> RunFinding.LOOK_AND_WRITE;
        };
    }
}
