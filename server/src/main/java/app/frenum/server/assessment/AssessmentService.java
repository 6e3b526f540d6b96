package app.frenum.server.assessment;

import app.frenum.core.procedure.LimitReading;
import app.frenum.core.procedure.LimitedStop;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.statistics.Summary;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.Validity;
import app.frenum.formats.words.PhaseWords;
import app.frenum.server.analysis.DrivenTest;
import app.frenum.server.analysis.Letters;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.fade.FadeService;
import app.frenum.server.plan.PlanRequest;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.ProcedureService;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Holds what was driven against the phases of the procedure and the limits entered with it. */
@Service
@Transactional(readOnly = true)
class AssessmentService {
    private static final Figure NO_BASELINE =
            Figure.unknown("no baseline stops were driven from this speed at this load");
    private static final Figure NO_PRESSURE = Figure.unknown("front and rear pressure were not both logged");
    private static final Figure NO_DISTANCE = Figure.unknown("no stopping distance was measured");

    private final StopReader stops;
    private final PlanService plans;
    private final ProcedureService procedures;
    private final FadeService fades;

    AssessmentService(StopReader stops, PlanService plans, ProcedureService procedures, FadeService fades) {
        this.stops = stops;
        this.plans = plans;
        this.procedures = procedures;
        this.fades = fades;
    }

    AssessmentView of(UUID testId) {
        PlanRequest plan = plans.plan(testId).plan();
        if (plan == null) {
            return new AssessmentView(List.of(), List.of());
        }
        Procedure procedure =
                procedures.procedure(plan.procedureId()).procedure().atSpeed(plan.speed());
        Driven driven = new Driven(stops.driven(testId), plan, fades.levels(testId));
        List<AssessmentView.PhaseRow> phases = procedure.phases().stream()
                .filter(p -> p.kind().isBraking())
                .map(p -> row(procedure, p, plan, driven))
                .toList();
        return new AssessmentView(phases, limits(procedure, plan, driven));
    }

    private static AssessmentView.PhaseRow row(Procedure procedure, Phase phase, PlanRequest plan, Driven driven) {
        int asked = procedure.turns(plan.stopsEach(), 0, phase.whose() != Phase.Whose.OTHERS).stream()
                .filter(t -> t.phase().equals(phase))
                .mapToInt(t -> t.repeats())
                .sum();
        List<AssessmentView.DrivenPhase> sides = new ArrayList<>();
        for (int c = 0; c < plan.configurationIds().size(); c++) {
            sides.add(driven.side(c, phase));
        }
        return new AssessmentView.PhaseRow(phase.name(), PhaseWords.of(phase, asked), asked, sides);
    }

    private static List<AssessmentView.LimitRow> limits(Procedure procedure, PlanRequest plan, Driven driven) {
        List<AssessmentView.LimitRow> out = new ArrayList<>();
        for (int c = 0; c < plan.configurationIds().size(); c++) {
            String letter = Letters.of(c);
            LimitReading.of(driven.limited(c), procedure.limits())
                    .forEach(r -> out.add(new AssessmentView.LimitRow(letter, r)));
        }
        return out;
    }

    /** At the phase's speed, m; where only a time was taken, or a snub ended rolling, there is none. */
    private static Figure distance(DrivenStop stop) {
        return stop.isStop() && stop.basis() != DistanceBasis.TIME_ONLY ? stop.value() : NO_DISTANCE;
    }

    /** What was driven, by the stops as they are stored: a proof on the cleaned disc is the baseline's. */
    private record Driven(DrivenTest test, PlanRequest plan, Map<UUID, Figure> levels) {
        AssessmentView.DrivenPhase side(int configuration, Phase phase) {
            List<DrivenStop> own = all(configuration)
                    .filter(s -> test.phaseOf(s).equals(phase.name()))
                    .toList();
            List<DrivenStop> counted = own.stream().filter(Driven::counts).toList();
            Summary distance = summary(counted, AssessmentService::distance);
            return new AssessmentView.DrivenPhase(
                    Letters.of(configuration),
                    counted.size(),
                    own.size() - counted.size(),
                    distance.mean(),
                    distance.halfWidth95(),
                    summary(counted, DrivenStop::mfdd).mean());
        }

        List<LimitedStop> limited(int configuration) {
            return all(configuration).filter(Driven::counts).map(this::limited).toList();
        }

        private static boolean counts(DrivenStop s) {
            return !s.isStruckOut() && s.validity() != Validity.REPEAT;
        }

        private LimitedStop limited(DrivenStop s) {
            return new LimitedStop(
                    test.phaseOf(s),
                    s.mfdd(),
                    distance(s),
                    levels.getOrDefault(s.driven().id(), NO_BASELINE),
                    s.logged().map(MeasuredStop::frontShare).orElse(NO_PRESSURE));
        }

        private Stream<DrivenStop> all(int configuration) {
            String key = plan.configurationIds().get(configuration).toString();
            return test.stops().stream().filter(s -> s.driven().configuration().equals(key));
        }

        private static Summary summary(List<DrivenStop> of, Function<DrivenStop, Figure> figure) {
            return Summary.of(of.stream()
                    .map(figure)
                    .filter(Figure::isKnown)
                    .mapToDouble(Figure::value)
                    .toArray());
        }
    }
}
