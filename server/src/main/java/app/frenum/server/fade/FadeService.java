package app.frenum.server.fade;

import app.frenum.core.fade.FadeDifference;
import app.frenum.core.fade.FadeReference;
import app.frenum.core.fade.FadeStudy;
import app.frenum.core.fade.LimitReading;
import app.frenum.core.fade.StartGate;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Quantity;
import app.frenum.server.analysis.LikeStops;
import app.frenum.server.analysis.StopService;
import app.frenum.server.analysis.StopView;
import app.frenum.server.compare.FluidSigns;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.ProcedureService;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads every configuration of a test for fade, all its blocks one after another, each nominal speed by itself. */
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
        TestDefinition test = tests.test(testId);
        List<SeriesView> series = tests.seriesOf(testId);
        List<StopView> all = series.stream()
                .flatMap(s -> stops.stopsOf(List.of(s.id()), test).stream())
                .toList();
        Driven driven = new Driven(series, garage);
        Optional<Procedure> procedure = procedure(testId);
        Asked asked = new Asked(
                reference,
                procedure.map(FadeService::gate).orElse(StartGate.OPEN),
                procedure.map(Procedure::limits).orElse(List.of()));
        List<List<StopView>> groups = LikeStops.throughPhases(test, series, all);
        return groups.isEmpty()
                ? new FadeView(reference, test.nominalSpeed().inside(), null, List.of(), List.of())
                : view(groups.get(0), driven, asked)
                        .with(groups.stream()
                                .skip(1)
                                .map(g -> view(g, driven, asked.fromAnotherSpeed()))
                                .toList());
    }

    private static FadeView view(List<StopView> alike, Driven driven, Asked asked) {
        List<FadeView.FadeSide> sides = new ArrayList<>();
        for (ConfigurationView c : driven.configurations()) {
            List<StopView> own = alike.stream().filter(s -> driven.isOf(s, c)).toList();
            sides.add(side(c, own, asked, sides.stream().findFirst()));
        }
        StopView any = alike.get(0);
        return new FadeView(
                asked.reference(), any.nominalMps(), driven.load(any).orElse(null), sides, List.of());
    }

    /** Which configuration and load a stop was driven with. */
    private record Driven(Map<UUID, SeriesView> series, List<ConfigurationView> configurations) {
        Driven(List<SeriesView> series, GarageService garage) {
            this(
                    series.stream().collect(Collectors.toMap(SeriesView::id, Function.identity())),
                    inOrder(
                            series.stream()
                                    .map(SeriesView::configurationId)
                                    .distinct()
                                    .toList(),
                            garage));
        }

        private static List<ConfigurationView> inOrder(List<UUID> ids, GarageService garage) {
            Map<UUID, ConfigurationView> known = garage.byId(ids);
            return ids.stream().map(known::get).toList();
        }

        boolean isOf(StopView stop, ConfigurationView configuration) {
            return series.get(stop.seriesId()).configurationId().equals(configuration.id());
        }

        Optional<String> load(StopView stop) {
            return stop.load(series.get(stop.seriesId()).conditions());
        }
    }

    @Override
    public List<String> of(UUID testId) {
        FadeView first = fade(testId, FadeReference.FIRST_THREE_IN_GATE);
        return Stream.concat(Stream.of(first), first.others().stream())
                .flatMap(group -> group.sides().stream())
                .filter(s -> s.study().cause().cause().showsFluid())
                .map(FadeView.FadeSide::name)
                .distinct()
                .toList();
    }

    /** What all sides are read against. */
    private record Asked(FadeReference reference, StartGate gate, List<Procedure.Limit> limits) {
        /** A limit of a distance is of the test's own speed. */
        Asked fromAnotherSpeed() {
            return new Asked(
                    reference,
                    gate,
                    limits.stream()
                            .filter(l -> l.value().unit().dimension() != Dimension.LENGTH)
                            .toList());
        }
    }

    private static FadeView.FadeSide side(
            ConfigurationView configuration, List<StopView> all, Asked asked, Optional<FadeView.FadeSide> first) {
        List<StopView> kept = all.stream().filter(s -> !s.struckOut()).toList();
        List<StopView> read =
                kept.stream().filter(s -> !LikeStops.isAtAnotherSpeed(s)).toList();
        FadeStudy study = FadeStudy.of(read.stream().map(FadeStops::of).toList(), asked.reference(), asked.gate());
        return new FadeView.FadeSide(
                configuration.id(),
                configuration.label(),
                study,
                read.stream().map(StopView::id).toList(),
                all.size() - kept.size(),
                kept.size() - read.size(),
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
