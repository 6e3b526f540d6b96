package app.frenum.core.procedure.run;

import app.frenum.core.compare.BackToBaseline;
import app.frenum.core.compare.EarlyLook;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Summary;
import app.frenum.core.statistics.Trend;
import java.util.ArrayList;
import java.util.List;

/**
 * What the stops of a run say so far.
 *
 * @param sides one per configuration, the baseline first
 * @param warnings drifts and what cannot be settled, as soon as they show
 */
public record RunProgress(List<SideProgress> sides, List<Finding> warnings) {
    private static final double SURE = 0.05;

    /**
     * One configuration so far.
     *
     * @param halfWidth95 of the mean, m
     * @param early against the baseline, corrected for looking early; for the baseline always too early
     */
    public record SideProgress(
            String name, double[] values, Figure meanM, Figure sdM, Figure halfWidth95, EarlyLook early) {}

    public static RunProgress of(RunState run) {
        RunScript script = run.script();
        List<SideProgress> sides = new ArrayList<>();
        List<Finding> warnings = new ArrayList<>();
        double[] baseline = run.values(0);
        for (int c = 0; c < script.sides().size(); c++) {
            double[] own = run.values(c);
            Summary s = Summary.of(own);
            EarlyLook early = EarlyLook.of(
                    baseline,
                    c == 0 ? new double[0] : own,
                    script.stopsEach(),
                    script.marginM(),
                    script.sides().size() - 1);
            String name = script.sides().get(c).name();
            sides.add(new SideProgress(name, own, s.mean(), s.sd(), s.halfWidth95(), early));
            drift(name, own, script, warnings);
            if (early.answer() == EarlyLook.Answer.WILL_NOT_SETTLE) {
                warnings.add(Finding.of(RunFinding.OF_SIDE, Term.name(name), new Term.Said(early.finding())));
            }
        }
        proofs(run, warnings);
        stepsLeftShort(run, warnings);
        return new RunProgress(List.copyOf(sides), List.copyOf(warnings));
    }

    /** What the stops that must prove the vehicle back say, once there are as many as asked for. */
    private static void proofs(RunState run, List<Finding> warnings) {
        for (int i = 0; i < run.script().steps().size(); i++) {
            Step step = run.script().steps().get(i);
            int own = i;
            long counted = run.stops().stream()
                    .filter(s -> s.step() == own && s.counts())
                    .count();
            if (step.provesBack() && counted >= step.repeats()) {
                BackToBaseline proof = run.proof(i);
                String name = run.script().sides().get(step.configuration()).name();
                if (!proof.proved()) {
                    warnings.add(Finding.of(
                            RunFinding.OF_STEP,
                            Term.name(name),
                            Term.name(step.name()),
                            new Term.Said(proof.finding())));
                }
            }
        }
    }

    /** Steps that were left with fewer stops that count than they ask for, because no attempt was left. */
    private static void stepsLeftShort(RunState run, List<Finding> warnings) {
        for (int i = 0; i < Math.min(run.step(), run.script().steps().size()); i++) {
            Step step = run.script().steps().get(i);
            int counted = run.counted(i);
            if (step.isBraking() && counted < step.repeats()) {
                int own = i;
                long attempts =
                        run.stops().stream().filter(s -> s.step() == own).count();
                String name = run.script().sides().get(step.configuration()).name();
                warnings.add(Finding.of(
                        RunFinding.ATTEMPTS_USED_UP,
                        Term.name(name),
                        Term.name(step.name()),
                        Term.count(counted),
                        Term.count(step.repeats()),
                        Term.count(attempts)));
            }
        }
    }

    private static void drift(String name, double[] values, RunScript script, List<Finding> warnings) {
        Trend trend = Trend.of(values);
        // Every side is looked at after every stop; all those looks together may cry wolf once in twenty.
        double looks = script.sides().size() * Math.max(1.0, script.stopsEach() - 3.0);
        if (trend.p().isKnown() && trend.p().value() < SURE / looks) {
            double perStop = trend.perStop().value();
            warnings.add(Finding.of(
                    perStop < 0 ? RunFinding.FALLS : RunFinding.GROWS,
                    Term.name(name),
                    Term.distance(Math.abs(perStop), 0.1)));
        }
    }
}
