package app.frenum.core.procedure.run;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.procedure.AbortRule;
import java.util.List;
import java.util.Optional;

/** Sees when a rule of the procedure stops testing, whatever anybody says. */
final class AbortWatch {
    private AbortWatch() {}

    /** A rule that is met, and how. */
    record Due(AbortRule rule, Finding why) {}

    /** By what the last stop was like; empty when testing may go on. */
    static Optional<Due> after(RunScript script, List<JudgedStop> stops) {
        JudgedStop last = stops.get(stops.size() - 1);
        HandReadings readings = last.readings();
        if (readings.pedal().filter(p -> p == PedalFeel.TO_THE_FLOOR).isPresent()) {
            // This one holds in every procedure.
            return Optional.of(new Due(AbortRule.PEDAL_TO_FLOOR, Finding.of(RunFinding.FLOOR)));
        }
        boolean rearFirst = readings.rearFirst()
                || last.logged().filter(l -> l.measured().rearLockedFirst()).isPresent();
        Optional<Due> rear = rearFirst && script.systemOf(last.step()).answersTo(AbortRule.REAR_LOCKS_FIRST)
                ? asked(script, AbortRule.REAR_LOCKS_FIRST, Finding.of(RunFinding.REAR_FIRST))
                : Optional.empty();
        double read = readings.peaks().values().stream()
                .mapToDouble(q -> q.inside())
                .max()
                .orElse(0);
        double logged = last.logged().flatMap(l -> l.measured().hottestC()).orElse(0.0);
        return rear.or(() ->
                        PedalWatch.goneLong(script, stops).flatMap(why -> asked(script, AbortRule.PEDAL_TO_FLOOR, why)))
                .or(() -> tooHot(script, Math.max(read, logged)));
    }

    /** By a disc read at so many °C. */
    static Optional<Due> tooHot(RunScript script, double hottestC) {
        return script.limitC()
                .filter(limit -> hottestC > limit)
                .flatMap(limit -> asked(
                        script,
                        AbortRule.LIMIT_TEMPERATURE,
                        Finding.of(RunFinding.OVER_LIMIT, Term.temperature(hottestC), Term.temperature(limit))));
    }

    /** By a disc face that was looked at after others. */
    static Optional<Due> cracked(RunScript script, CrackSeen seen, Optional<CrackSeen> before) {
        return seen.endsTesting(before).flatMap(why -> asked(script, AbortRule.CRACK, why));
    }

    private static Optional<Due> asked(RunScript script, AbortRule rule, Finding why) {
        return script.abortRules().contains(rule) ? Optional.of(new Due(rule, why)) : Optional.empty();
    }
}
