package app.frenum.server.fade;

import app.frenum.core.fade.FadeAnswer;
import app.frenum.core.fade.FadeDifference;
import app.frenum.core.fade.FadeReference;
import app.frenum.core.fade.FadeStudy;
import app.frenum.core.fade.StartGate;
import app.frenum.core.finding.Finding;
import app.frenum.core.procedure.Gate;
import app.frenum.core.procedure.LimitReading;
import app.frenum.core.procedure.LimitedStop;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.LikeStops;
import app.frenum.server.analysis.DrivenTest;
import app.frenum.server.analysis.Letters;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.compare.FluidSigns;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.ProcedureService;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads every configuration of a test for fade, all its blocks one after another, each nominal speed by itself. */
@Service
@Transactional(readOnly = true)
public class FadeService implements FluidSigns {
    private static final Figure NOT_BY_STOP = Figure.unknown("brake bias is read with the phases of a procedure");

    private final StopReader stops;
    private final PlanService plans;
    private final ProcedureService procedures;

    FadeService(StopReader stops, PlanService plans, ProcedureService procedures) {
        this.stops = stops;
        this.plans = plans;
        this.procedures = procedures;
    }

    /** The fade of a test. */
    FadeView fade(UUID testId, FadeReference reference) {
        DrivenTest driven = stops.driven(testId);
        Optional<Procedure> procedure = procedure(testId);
        Asked asked = new Asked(
                reference,
                procedure.map(FadeService::gate).orElse(StartGate.OPEN),
                procedure.map(Procedure::limits).orElse(List.of()).stream()
                        // Of one phase it stands with all phases of the test.
                        .filter(l -> l.phase().isEmpty())
                        .toList());
        List<FadeView> groups = new ArrayList<>();
        for (LikeStops group : driven.throughPhases()) {
            groups.add(view(group, driven.configurations(), groups.isEmpty() ? asked : asked.fromAnotherSpeed()));
        }
        return groups.get(0).with(groups.subList(1, groups.size()));
    }

    private static FadeView view(LikeStops group, List<ConfigurationView> configurations, Asked asked) {
        List<FadeView.FadeSide> sides = new ArrayList<>();
        for (ConfigurationView c : configurations) {
            sides.add(side(
                    c,
                    group.of(DrivenTest.key(c)),
                    asked,
                    sides.stream().findFirst(),
                    Letters.of(configurations.indexOf(c))));
        }
        return new FadeView(
                asked.reference(),
                group.nominalSpeed().value(),
                group.load().orElse(null),
                readFrom(asked, sides),
                FadeAnswer.together(
                        sides.stream().map(FadeView.FadeSide::answer).toList()),
                sides,
                List.of());
    }

    /** How strong each stop was against the baseline stops of its configuration, load and speed; 1 is as strong. */
    public Map<UUID, Figure> levels(UUID testId) {
        FadeView first = fade(testId, FadeReference.FIRST_THREE_IN_GATE);
        Map<UUID, Figure> levels = new HashMap<>();
        Stream.concat(Stream.of(first), first.others().stream())
                .flatMap(group -> group.sides().stream())
                .forEach(side -> IntStream.range(0, side.stopIds().size())
                        .forEach(i -> levels.put(
                                side.stopIds().get(i),
                                side.study().levels().get(i).level())));
        return levels;
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
            ConfigurationView configuration,
            List<DrivenStop> all,
            Asked asked,
            Optional<FadeView.FadeSide> first,
            String letter) {
        // A snub that nobody measured heats the discs, and tells nothing of fade.
        List<DrivenStop> measured =
                all.stream().filter(s -> s.isStop() || s.logged().isPresent()).toList();
        List<DrivenStop> kept = measured.stream().filter(s -> !s.isStruckOut()).toList();
        List<DrivenStop> read = kept.stream().filter(s -> !s.isAtAnotherSpeed()).toList();
        FadeStudy study = FadeStudy.of(read.stream().map(DrivenStop::faded).toList(), asked.reference(), asked.gate());
        return new FadeView.FadeSide(
                configuration.id(),
                configuration.label(),
                study,
                read.stream().map(s -> s.driven().id()).toList(),
                measured.size() - kept.size(),
                kept.size() - read.size(),
                study.cause().cause().label(),
                study.cause().cause().cure(),
                study.cause().cause().cost(),
                study.cause().confidence().label(),
                LimitReading.of(
                        study.levels().stream()
                                .map(l -> new LimitedStop(l.phase(), l.mfdd(), l.distanceM(), l.level(), NOT_BY_STOP))
                                .toList(),
                        asked.limits()),
                FadeAnswer.of(study, letter),
                first.map(f -> FadeAnswer.against(FadeDifference.of(f.study(), study), letter))
                        .orElse(null));
    }

    private static Finding readFrom(Asked asked, List<FadeView.FadeSide> sides) {
        return FadeAnswer.readFrom(
                sides.stream().map(s -> s.study().measure()).toList(),
                asked.reference(),
                sides.stream().mapToInt(FadeView.FadeSide::struckOut).sum(),
                sides.stream().mapToInt(FadeView.FadeSide::atAnotherSpeed).sum());
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
