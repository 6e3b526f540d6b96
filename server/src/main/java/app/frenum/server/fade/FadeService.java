package app.frenum.server.fade;

import app.frenum.core.fade.FadeDifference;
import app.frenum.core.fade.FadeReference;
import app.frenum.core.fade.FadeStop;
import app.frenum.core.fade.FadeStudy;
import app.frenum.core.fade.LimitReading;
import app.frenum.core.fade.StartGate;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.Quantity;
import app.frenum.server.analysis.StopService;
import app.frenum.server.analysis.StopView;
import app.frenum.server.compare.FluidSigns;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.ProcedureService;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestService;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads every configuration of a test for fade, all its blocks one after another. */
@Service
@Transactional(readOnly = true)
public class FadeService implements FluidSigns {
    private final TestService tests;
    private final StopService stops;
    private final GarageService garage;
    private final PlanService plans;
    private final ProcedureService procedures;

    FadeService(
            TestService tests,
            StopService stops,
            GarageService garage,
            PlanService plans,
            ProcedureService procedures) {
        this.tests = tests;
        this.stops = stops;
        this.garage = garage;
        this.plans = plans;
        this.procedures = procedures;
    }

    /** The fade of a test. */
    FadeView fade(UUID testId, FadeReference reference) {
        Map<UUID, List<StopView>> byConfiguration = new LinkedHashMap<>();
        for (SeriesView series : tests.seriesOf(testId)) {
            byConfiguration
                    .computeIfAbsent(series.configurationId(), k -> new ArrayList<>())
                    .addAll(stops.stopsOf(List.of(series.id()), tests.test(testId)));
        }
        Map<UUID, ConfigurationView> names = garage.byId(List.copyOf(byConfiguration.keySet()));
        Optional<Procedure> procedure = procedure(testId);
        StartGate gate = procedure.map(FadeService::gate).orElse(StartGate.OPEN);
        List<Procedure.Limit> limits = procedure.map(Procedure::limits).orElse(List.of());
        List<FadeView.FadeSide> sides = new ArrayList<>();
        byConfiguration.forEach((id, own) -> sides.add(side(
                names.get(id),
                own,
                new Asked(reference, gate, limits),
                sides.stream().findFirst())));
        return new FadeView(reference, sides);
    }

    @Override
    public List<String> of(UUID testId) {
        return fade(testId, FadeReference.FIRST_THREE_IN_GATE).sides().stream()
                .filter(s -> s.study().cause().cause().showsFluid())
                .map(FadeView.FadeSide::name)
                .toList();
    }

    /** What all sides are read against. */
    private record Asked(FadeReference reference, StartGate gate, List<Procedure.Limit> limits) {}

    private static FadeView.FadeSide side(
            ConfigurationView configuration, List<StopView> all, Asked asked, Optional<FadeView.FadeSide> first) {
        List<FadeStop> counted =
                all.stream().filter(s -> !s.struckOut()).map(FadeStops::of).toList();
        FadeStudy study = FadeStudy.of(counted, asked.reference(), asked.gate());
        return new FadeView.FadeSide(
                configuration.id(),
                configuration.label(),
                study,
                all.size() - counted.size(),
                study.cause().cause().label(),
                study.cause().cause().cure(),
                study.cause().cause().cost(),
                study.cause().confidence().label(),
                LimitReading.of(study, asked.limits()),
                first.map(f -> FadeDifference.of(f.study(), study)).orElse(null));
    }

    private Optional<Procedure> procedure(UUID testId) {
        return Optional.ofNullable(plans.plan(testId).plan())
                .map(p -> procedures.procedure(p.procedureId()).procedure());
    }

    /** Where a reference stop may begin: the gate of the first stops that ask for a temperature. */
    private static StartGate gate(Procedure procedure) {
        return procedure.phases().stream()
                .filter(p -> p.kind() == Phase.Kind.STOP)
                .map(Phase::gate)
                .filter(g -> g.coldest().isPresent() || g.hottest().isPresent())
                .findFirst()
                .map(FadeService::gate)
                .orElse(StartGate.OPEN);
    }

    private static StartGate gate(Gate gate) {
        return new StartGate(bound(gate.coldest()), bound(gate.hottest()));
    }

    private static OptionalDouble bound(Optional<Quantity> q) {
        return q.isPresent() ? OptionalDouble.of(q.get().inside()) : OptionalDouble.empty();
    }
}
