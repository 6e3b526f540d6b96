package app.frenum.core.plan;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.Unit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What a plan takes of the lane, phase by phase, and what would cure it where that is too much. */
final class LaneNeed {
    private static final double SLOWEST_CURE_MPS = 5;
    private static final double SHOWN_M = 0.1;

    private final Forecast.Inputs in;
    private final Procedure procedure;
    private final PlanFigures figures;

    LaneNeed(Forecast.Inputs in, Procedure procedure, PlanFigures figures) {
        this.in = in;
        this.procedure = procedure;
        this.figures = figures;
    }

    /** Phase by phase; a procedure that never brakes is held against one stop of the plan. */
    List<PhaseLane> lanes() {
        PhaseLane.Basis basis = laneBasis();
        List<PhaseLane> all = procedure.phases().stream()
                .flatMap(p -> PhaseLane.of(p, basis).stream())
                .toList();
        all.stream()
                .filter(p -> !p.because().isEmpty() && !p.because().startsWith("as gently"))
                .forEach(p -> figures.assume(Finding.of(
                        PlanFinding.PHASE_SLOWS_BY,
                        Term.name(p.phase()),
                        Term.name(p.because()),
                        new Term.Amount(AmountKind.DECELERATION, p.slowingMps2(), SHOWN_M))));
        return all.isEmpty() ? List.of(stopOfThePlan()) : all;
    }

    private PhaseLane.Basis laneBasis() {
        double v = in.speedMps();
        double lost = Math.min(PlanFigures.ASSUMED_LOST_S * v, figures.stopM / 2);
        return new PhaseLane.Basis(
                in.vehicle(), figures.acceleration(), Forecast.SETTLE_S, v * v / (2 * (figures.stopM - lost)));
    }

    private PhaseLane stopOfThePlan() {
        double v = in.speedMps();
        return new PhaseLane(
                "a stop",
                v,
                v * v / (2 * figures.stopM),
                "",
                LaneCheck.of(new LaneCheck.Needs(
                        v, figures.acceleration(), Forecast.SETTLE_S, figures.stopM, LaneCheck.HALF_SYSTEM_MPS2)));
    }

    /** The phase that misses most of the lane, or takes most where nobody chose one. */
    PhaseLane longest(List<PhaseLane> lanes) {
        Comparator<PhaseLane> byTotal = Comparator.comparing(p -> p.check().totalM());
        return lanes.stream()
                .max(in.lane()
                        .map(l -> Comparator.comparing((PhaseLane p) -> p.missingM(
                                        l.length().inside(), l.runOff().inside()))
                                .thenComparing(byTotal))
                        .orElse(byTotal))
                .orElseThrow();
    }

    Optional<Finding> noGo(LaneSpec lane, PhaseLane longest) {
        double missing = longest.missingM(lane.length().inside(), lane.runOff().inside());
        if (missing <= 0) {
            return Optional.empty();
        }
        double fits = procedure.phases().stream()
                .filter(p -> p.name().equals(longest.phase()))
                .findFirst()
                .map(p -> PhaseLane.fastestThatFits(
                        p, laneBasis(), lane.length().inside(), lane.runOff().inside()))
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

    /** As the lane is reckoned: with what each phase asks for, or what works of the brakes gives. */
    Map<String, Double> slowing() {
        PhaseLane.Basis basis = laneBasis();
        return procedure.phases().stream()
                .flatMap(p -> PhaseLane.of(p, basis).stream())
                .collect(Collectors.toMap(PhaseLane::phase, PhaseLane::slowingMps2, Math::min));
    }
}
