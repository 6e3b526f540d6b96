package app.frenum.core.procedure.run;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.procedure.AbortRule;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.Validity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a crew can learn from a run: which calls of the rules they overruled, and which they missed.
 *
 * @param byTheRules stops on which the crew went along with the rules
 * @param remarks in the order of the run
 */
public record RunReview(int byTheRules, List<Remark> remarks) {
    /** Discs are to be read before this long after rest, s. */
    private static final double READ_LATE_S = 60;

    private static final Set<FlagCode> SWITCHES = Set.of(FlagCode.WRONG_STATE, FlagCode.STATE_NOT_LOOKED_AT);
    private static final Set<FlagCode> GATES = Set.of(FlagCode.START_TEMPERATURE_OUT, FlagCode.INTERVAL_OUT);

    /** What a remark is about. */
    public enum Kind {
        /** The rules said otherwise. */
        OVERRULED,
        /** Nobody said or did what was due. */
        MISSED
    }

    /**
     * One remark.
     *
     * @param atS on the run's clock, s
     * @param where such as "front stops, stop 3"
     * @param finding what was due, and what was done
     */
    public record Remark(Kind kind, double atS, String where, Finding finding) {}

    /** Reviews a run as far as it went. */
    public static RunReview of(RunState run) {
        List<Remark> remarks = new ArrayList<>();
        for (int i = 0; i < run.stops().size(); i++) {
            JudgedStop stop = run.stops().get(i);
            overruled(run, stop).ifPresent(remarks::add);
            gateMissed(run, stop).ifPresent(remarks::add);
            switchForgotten(run, stop).ifPresent(remarks::add);
            notStarted(run, stop).ifPresent(remarks::add);
            readLate(run, stop).ifPresent(remarks::add);
            pedalIgnored(run, stop, i + 1 < run.stops().size()).ifPresent(remarks::add);
        }
        // A snub that counts is decided by the rules alone: nobody went along with them.
        int along = (int) run.stops().stream()
                .filter(s -> s.decision().isPresent() && !isOverruled(s))
                .filter(s -> s.judged() == Validity.REPEAT || !run.isSnub(s))
                .count();
        return new RunReview(along, List.copyOf(remarks));
    }

    private static Remark remark(Kind kind, RunState run, JudgedStop stop, Finding finding) {
        String where =
                "%s, attempt %d".formatted(run.script().steps().get(stop.step()).name(), stop.attempt());
        return new Remark(kind, stop.restAtS(), where, finding);
    }

    private static Finding said(RunFinding what, Flag flag) {
        return Finding.of(what, new Term.Said(flag.finding()));
    }

    private static boolean isOverruled(JudgedStop stop) {
        return stop.decision()
                .filter(d -> (d.validity() == Validity.REPEAT) != (stop.judged() == Validity.REPEAT))
                .isPresent();
    }

    private static Optional<Remark> overruled(RunState run, JudgedStop stop) {
        if (!isOverruled(stop)) {
            return Optional.empty();
        }
        JudgedStop.Ruling ruling = stop.decision().orElseThrow();
        Term by = Term.name(ruling.by().name());
        Term reason = Term.name(ruling.reason());
        Finding rule = stop.judged() == Validity.REPEAT
                ? Finding.of(RunFinding.LET_COUNT_AGAINST_RULES, whyRepeat(stop), by, reason)
                : Finding.of(RunFinding.REPEATED_AGAINST_RULES, by, reason);
        return Optional.of(remark(Kind.OVERRULED, run, stop, rule));
    }

    private static Term whyRepeat(JudgedStop stop) {
        return Finding.all(stop.whyRepeat().stream().map(Flag::finding).toList());
    }

    private static Optional<Remark> gateMissed(RunState run, JudgedStop stop) {
        return stop.flags().stream()
                .filter(f -> GATES.contains(f.code()))
                .findFirst()
                .map(f -> remark(Kind.MISSED, run, stop, said(RunFinding.OUTSIDE_GATE, f)));
    }

    private static Optional<Remark> switchForgotten(RunState run, JudgedStop stop) {
        return stop.flags().stream()
                .filter(f -> SWITCHES.contains(f.code()))
                .findFirst()
                .map(f -> remark(
                        Kind.MISSED,
                        run,
                        stop,
                        said(
                                f.code() == FlagCode.WRONG_STATE
                                        ? RunFinding.SWITCH_FORGOTTEN
                                        : RunFinding.SWITCH_NOT_LOOKED_AT,
                                f)));
    }

    private static Optional<Remark> notStarted(RunState run, JudgedStop stop) {
        return stop.flags().stream()
                .filter(f -> f.code() == FlagCode.NOT_STARTED)
                .findFirst()
                .map(f -> remark(Kind.MISSED, run, stop, Finding.of(RunFinding.NOT_STARTED_AT_CARD)));
    }

    private static Optional<Remark> readLate(RunState run, JudgedStop stop) {
        double late = stop.readings().lateS();
        return stop.readings().peaks().isEmpty() || late <= READ_LATE_S
                ? Optional.empty()
                : Optional.of(remark(
                        Kind.MISSED,
                        run,
                        stop,
                        Finding.of(RunFinding.READ_LATE, Term.seconds(late), Term.seconds(READ_LATE_S))));
    }

    /** The pedal was felt to go long, and they drove on. */
    private static Optional<Remark> pedalIgnored(RunState run, JudgedStop stop, boolean droveOn) {
        boolean soft =
                stop.readings().pedal().filter(p -> p == PedalFeel.LONG_SOFT).isPresent();
        boolean halted = run.halts().stream()
                .anyMatch(h ->
                        h.rule().filter(r -> r == AbortRule.PEDAL_TO_FLOOR).isPresent() && h.atS() >= stop.restAtS());
        return soft && droveOn && !halted
                ? Optional.of(remark(Kind.MISSED, run, stop, Finding.of(RunFinding.PEDAL_IGNORED)))
                : Optional.empty();
    }
}
