package app.frenum.server.balance;

import app.frenum.core.balance.AdjusterLine;
import app.frenum.core.balance.AxleLoads;
import app.frenum.core.balance.AxleLoads.Axle;
import app.frenum.core.balance.BalanceAnswer;
import app.frenum.core.balance.LineShare;
import app.frenum.core.balance.LockOrder;
import app.frenum.core.balance.PressureToForce;
import app.frenum.core.finding.Finding;
import app.frenum.core.garage.PartField;
import app.frenum.core.garage.Slot;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.procedure.Phase;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.HandEntry;
import app.frenum.core.statistics.Summary;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.server.analysis.DrivenTest;
import app.frenum.server.analysis.EdgeService;
import app.frenum.server.analysis.Letters;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.analysis.StopView;
import app.frenum.server.analysis.StopsChanged;
import app.frenum.server.balance.BalanceView.AdjusterView;
import app.frenum.server.balance.BalanceView.BalanceSide;
import app.frenum.server.balance.BalanceView.BalanceStop;
import app.frenum.server.balance.BalanceView.BandAt;
import app.frenum.server.balance.BalanceView.IdealAt;
import app.frenum.server.balance.BalanceView.IdealView;
import app.frenum.server.balance.BalanceView.RolledView;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.PlanRequest;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.ProcedureService;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.LetGo;
import app.frenum.server.recording.RecordingService;
import app.frenum.server.trial.TrialService;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;

/** Reads how the stops of a test shared their pressure, off their logs, beside what would be ideal. */
@Service
@Transactional(readOnly = true)
class BalanceService {
    private static final int IDEAL_STEPS = 24;
    private static final double HARDEST_MPS2 = 12;
    private static final int BAND_STEPS = 12;
    private static final int MOST_REMEMBERED = 5000;

    private final StopReader stops;
    private final EdgeService edges;
    private final RecordingService recordings;
    private final GarageService garage;
    private final PlanService plans;
    private final ProcedureService procedures;
    private final TrialService trials;
    /** Read off the log once. */
    private final Cache<UUID, LineShare> shares =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    BalanceService(
            StopReader stops,
            EdgeService edges,
            RecordingService recordings,
            GarageService garage,
            PlanService plans,
            ProcedureService procedures,
            TrialService trials) {
        this.stops = stops;
        this.edges = edges;
        this.recordings = recordings;
        this.garage = garage;
        this.plans = plans;
        this.procedures = procedures;
        this.trials = trials;
    }

    BalanceView of(UUID testId, @Nullable Double wanted) {
        if (wanted != null && !(wanted > 0 && wanted < 1)) {
            throw Problem.invalid("wanted", "A share lies between 0 and 1.");
        }
        DrivenTest driven = stops.driven(testId);
        LetGo letGo = recordings.letGoOf(driven.stops());
        VehicleSpec vehicle = garage.vehicle(driven.test().vehicleId()).spec();
        Map<String, Double> byPhase = turnsByPhase(testId);
        List<BalanceSide> sides = driven.configurations().stream()
                .map(c -> side(c, driven, letGo, byPhase))
                .toList();
        Optional<AdjusterView> adjuster = adjuster(sides, driven);
        return new BalanceView(
                sentences(vehicle, driven, letGo, seenFirst(testId), sides, adjuster, wanted),
                letGo.said(driven.stops()).orElse(null),
                asEntered(vehicle, VehicleSpec.Load.LADEN)
                        .toForce()
                        .map(f -> Figure.of(f.ratio()))
                        .orElse(vehicle.brakeForceShare()),
                List.of(ideal(vehicle, VehicleSpec.Load.LADEN), ideal(vehicle, VehicleSpec.Load.LIGHT)),
                sides,
                adjuster.orElse(null),
                rolled(testId));
    }

    /** Which axle somebody saw lock first, by stop. */
    private Map<UUID, Axle> seenFirst(UUID testId) {
        Map<UUID, Axle> seen = new HashMap<>();
        for (StopView stop : stops.stopsOf(testId)) {
            Optional.ofNullable(stop.byHand())
                    .flatMap(HandEntry::lockedFirst)
                    .ifPresent(axle -> seen.put(stop.id(), axle));
        }
        return seen;
    }

    /** Settings that the phases of the plan's procedure ask for. */
    private Map<String, Double> turnsByPhase(UUID testId) {
        PlanRequest plan = plans.plan(testId).plan();
        Map<String, Double> turns = new HashMap<>();
        if (plan != null) {
            for (Phase p : procedures.procedure(plan.procedureId()).procedure().phases()) {
                p.adjuster().ifPresent(t -> turns.put(p.name(), t.inside()));
            }
        }
        return turns;
    }

    private BalanceSide side(ConfigurationView c, DrivenTest driven, LetGo letGo, Map<String, Double> byPhase) {
        List<BalanceStop> own = driven.counted(c).stream()
                .filter(s -> s.isStop() && s.logged().isPresent() && !letGo.isOf(s))
                .map(s -> stop(s, c, byPhase))
                .toList();
        Summary means = Summary.of(own.stream()
                .filter(s -> s.share().mean().isKnown())
                .mapToDouble(s -> s.share().mean().value())
                .toArray());
        return new BalanceSide(c.id(), c.label(), means.n(), means.mean(), means.halfWidth95(), own);
    }

    private BalanceStop stop(DrivenStop s, ConfigurationView c, Map<String, Double> byPhase) {
        MeasuredStop m = s.logged().orElseThrow();
        LineShare share = Objects.requireNonNull(shares.get(s.driven().id(), id -> share(id, m)));
        Double turns = s.driven().phase().map(byPhase::get).orElseGet(() -> turnsOf(c));
        boolean light = s.driven().surroundings().load().filter("light"::equals).isPresent();
        return new BalanceStop(
                s.driven().id(),
                s.driven().number(),
                light ? VehicleSpec.Load.LIGHT : VehicleSpec.Load.LADEN,
                m.mfdd(),
                turns,
                share,
                LockOrder.of(m, edges.trace(s.driven().id())));
    }

    private LineShare share(UUID stopId, MeasuredStop m) {
        boolean plateau = m.plateauStartS().isKnown() && m.plateauEndS().isKnown();
        return LineShare.of(
                edges.trace(stopId),
                plateau ? m.plateauStartS().value() - m.onsetS() : 0,
                plateau ? m.plateauEndS().value() - m.onsetS() : 0,
                m.endS() - m.onsetS());
    }

    /** A moved edge may have changed any of them. */
    @TransactionalEventListener(fallbackExecution = true)
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    void forget(StopsChanged changed) {
        shares.invalidateAll();
    }

    private static @Nullable Double turnsOf(ConfigurationView c) {
        return Optional.ofNullable(c.spec().parts().get(Slot.BIAS))
                .map(p -> p.figures().get(PartField.TURNS))
                .map(Quantity::inside)
                .orElse(null);
    }

    private static VehicleSpec.Load mostDriven(List<BalanceSide> sides) {
        long light = sides.stream()
                .flatMap(s -> s.stops().stream())
                .filter(s -> s.load() == VehicleSpec.Load.LIGHT)
                .count();
        long all = sides.stream().mapToLong(s -> s.stops().size()).sum();
        return 2 * light > all ? VehicleSpec.Load.LIGHT : VehicleSpec.Load.LADEN;
    }

    private static BalanceAnswer answer(VehicleSpec vehicle, VehicleSpec.Load load) {
        BalanceAnswer asEntered = asEntered(vehicle, load);
        return new BalanceAnswer(
                asEntered.loads(),
                asEntered.toForce(),
                asEntered.whyNot(),
                vehicle.movedByTheirUncertainties().stream()
                        .map(moved -> asEntered(moved, load))
                        .toList());
    }

    private static BalanceAnswer asEntered(VehicleSpec vehicle, VehicleSpec.Load load) {
        Figure share = vehicle.brakeForceShare();
        Optional<AxleLoads> loads = vehicle.axleLoads(load);
        return new BalanceAnswer(
                loads,
                share.isKnown()
                        ? Optional.of(PressureToForce.ofShareAtEqualPressures(share.value()))
                        : Optional.empty(),
                loads.isEmpty() ? vehicle.axleLoadsReason(load) : share.reason());
    }

    private static IdealView ideal(VehicleSpec vehicle, VehicleSpec.Load load) {
        BalanceAnswer answer = answer(vehicle, load);
        return answer.loads()
                .map(l -> new IdealView(
                        load,
                        "",
                        IntStream.rangeClosed(0, IDEAL_STEPS)
                                .mapToDouble(i -> Math.min(HARDEST_MPS2, l.rearLiftsMps2()) * i / IDEAL_STEPS)
                                .mapToObj(a -> new IdealAt(
                                        a,
                                        l.idealShare(a),
                                        answer.forceHalfWidth(a),
                                        answer.ideal(a),
                                        answer.idealHalfWidth(a)))
                                .toList()))
                .orElseGet(() -> new IdealView(load, vehicle.axleLoadsReason(load), List.of()));
    }

    private static List<Finding> sentences(
            VehicleSpec vehicle,
            DrivenTest driven,
            LetGo letGo,
            Map<UUID, Axle> seenFirst,
            List<BalanceSide> sides,
            Optional<AdjusterView> adjuster,
            @Nullable Double wanted) {
        List<Finding> out = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            List<DrivenStop> counted = driven.counted(driven.configurations().get(i));
            if (counted.stream().noneMatch(letGo::isOf) || sides.get(i).n() > 0) {
                out.addAll(ofSide(vehicle, Letters.of(i), sides.get(i)));
            }
            locked(driven, seenFirst, i, sides.get(i)).ifPresent(out::add);
        }
        double hardest = sides.stream()
                .flatMap(s -> s.stops().stream())
                .map(BalanceStop::decelerationMps2)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .max()
                .orElse(0);
        BalanceAnswer answer = answer(vehicle, mostDriven(sides));
        adjuster.ifPresent(a -> {
            AdjusterLine line = AdjusterLine.of(a.tried());
            out.add(BalanceAnswer.aTurn(line));
            if (wanted != null) {
                out.add(answer.turn(line, a.tried(), a.standsAt(), wanted, hardest));
            }
        });
        if (hardest > 0) {
            out.add(answer.lessGrip(hardest));
        }
        return out.stream().distinct().toList();
    }

    /** Each load by itself: the weight lies otherwise, and so does the ideal. */
    private static List<Finding> ofSide(VehicleSpec vehicle, String letter, BalanceSide side) {
        List<VehicleSpec.Load> loads =
                side.stops().stream().map(BalanceStop::load).distinct().sorted().toList();
        if (loads.isEmpty()) {
            return List.of(answer(vehicle, VehicleSpec.Load.LADEN)
                    .share(letter, side.mean(), side.halfWidth(), new Figure[0], side.mean()));
        }
        return loads.stream()
                .map(load -> {
                    List<BalanceStop> own =
                            side.stops().stream().filter(b -> b.load() == load).toList();
                    Summary shares = Summary.of(known(own, b -> b.share().mean()));
                    Figure[] through = {
                        mean(own, b -> b.share().low()),
                        mean(own, b -> b.share().high())
                    };
                    String name = loads.size() > 1 ? letter + " " + load.name().toLowerCase(Locale.ROOT) : letter;
                    return answer(vehicle, load)
                            .share(
                                    name,
                                    shares.mean(),
                                    shares.halfWidth95(),
                                    through,
                                    mean(own, BalanceStop::decelerationMps2));
                })
                .toList();
    }

    /** By wheel speeds where a logger ran, and by what somebody saw where none did. */
    private static Optional<Finding> locked(DrivenTest driven, Map<UUID, Axle> seenFirst, int i, BalanceSide side) {
        Stream<LockOrder> logged = side.stops().stream().flatMap(b -> b.locked().stream());
        Stream<LockOrder> seen = driven.counted(driven.configurations().get(i)).stream()
                .flatMap(s -> Stream.ofNullable(seenFirst.get(s.driven().id())))
                .map(LockOrder::seen);
        return BalanceAnswer.locked(Letters.of(i), Stream.concat(logged, seen).toList());
    }

    private static double[] known(List<BalanceStop> stops, Function<BalanceStop, Figure> of) {
        return stops.stream()
                .map(of)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .toArray();
    }

    private static Figure mean(List<BalanceStop> stops, Function<BalanceStop, Figure> of) {
        return Summary.of(known(stops, of)).mean();
    }

    /** Only where more than one setting was driven. */
    private static Optional<AdjusterView> adjuster(List<BalanceSide> sides, DrivenTest driven) {
        List<UUID> order = driven.stops().stream().map(s -> s.driven().id()).toList();
        List<BalanceStop> set = sides.stream()
                .flatMap(s -> s.stops().stream())
                .filter(s -> s.turns() != null && s.share().mean().isKnown())
                .sorted(Comparator.comparingInt(s -> order.indexOf(s.stopId())))
                .toList();
        if (set.stream().map(BalanceStop::turns).distinct().count() < 2) {
            return Optional.empty();
        }
        List<AdjusterLine.Tried> tried = set.stream()
                .map(s -> new AdjusterLine.Tried(
                        Objects.requireNonNull(s.turns()), s.share().mean().value()))
                .toList();
        AdjusterLine line = AdjusterLine.of(tried);
        return Optional.of(
                new AdjusterView(tried, tried.get(tried.size() - 1).turns(), line.play(), band(line, tried)));
    }

    private static List<BandAt> band(AdjusterLine line, List<AdjusterLine.Tried> tried) {
        if (!line.line().slope().isKnown()) {
            return List.of();
        }
        double from = tried.stream()
                .min(Comparator.comparingDouble(AdjusterLine.Tried::turns))
                .orElseThrow()
                .turns();
        double to = tried.stream()
                .max(Comparator.comparingDouble(AdjusterLine.Tried::turns))
                .orElseThrow()
                .turns();
        return IntStream.rangeClosed(0, BAND_STEPS)
                .mapToDouble(i -> from + (to - from) * i / BAND_STEPS)
                .mapToObj(x -> new BandAt(
                        x, line.line().at(x).value(), line.line().halfWidthAt(x).value()))
                .toList();
    }

    private List<RolledView> rolled(UUID testId) {
        return trials.ofTest(testId).stream()
                .filter(t -> t.rollers() != null)
                .map(t -> new RolledView(
                        t.id(),
                        t.configurationId(),
                        Objects.requireNonNull(t.rollers()).frontShare()))
                .toList();
    }
}
