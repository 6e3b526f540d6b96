package app.frenum.server.compare;

import app.frenum.core.compare.Adjusted;
import app.frenum.core.compare.Check;
import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Comparisons;
import app.frenum.core.compare.Conclusion;
import app.frenum.core.compare.DrivingOrder;
import app.frenum.core.compare.Expected;
import app.frenum.core.compare.GripFinding;
import app.frenum.core.compare.GripOrBrakes;
import app.frenum.core.compare.InProportion;
import app.frenum.core.compare.Look;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.Price;
import app.frenum.core.compare.Ranking;
import app.frenum.core.compare.Repeats;
import app.frenum.core.compare.Side;
import app.frenum.core.compare.TurnOver;
import app.frenum.core.finding.AsWritten;
import app.frenum.core.finding.Finding;
import app.frenum.core.garage.Difference;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.LikeStops;
import app.frenum.core.statistics.Consistency;
import app.frenum.core.statistics.SampleSize;
import app.frenum.core.statistics.Summary;
import app.frenum.core.statistics.Trend;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.server.analysis.DrivenTest;
import app.frenum.server.analysis.Letters;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.analysis.StopsChanged;
import app.frenum.server.compare.ComparisonView.CheckView;
import app.frenum.server.compare.ComparisonView.Mark;
import app.frenum.server.compare.ComparisonView.MarkStatus;
import app.frenum.server.compare.ComparisonView.OrderView;
import app.frenum.server.compare.ComparisonView.Pair;
import app.frenum.server.compare.ComparisonView.PlaceView;
import app.frenum.server.compare.ComparisonView.RankingView;
import app.frenum.server.compare.ComparisonView.SideView;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.garage.VehicleView;
import app.frenum.server.plan.Expectation;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.PlannedStops;
import app.frenum.server.plan.TestDefinition;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;

/** Compares a test's configurations with its baseline; remembers each answer until the test's stops change. */
@Service
@Transactional(readOnly = true)
public class ComparisonService {
    private static final int SPEED_POINTS = 60;
    /** So many configurations are ranked; two are compared. */
    private static final int MANY = 3;

    private static final int MOST_REMEMBERED = 500;

    private final GarageService garage;
    private final StopReader stops;
    private final PlannedStops planned;
    private final PlanService plans;
    private final Cache<Asked, ComparisonView> remembered =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();
    private final AtomicLong changes = new AtomicLong();

    ComparisonService(GarageService garage, StopReader stops, PlannedStops planned, PlanService plans) {
        this.garage = garage;
        this.stops = stops;
        this.planned = planned;
        this.plans = plans;
    }

    /** Everything that an answer depends on beside the stops, whose changes are told. */
    private record Asked(UUID testId, @Nullable UUID baselineId, boolean includeStruckOut, PlannedStops.Aim aim) {}

    @TransactionalEventListener(fallbackExecution = true)
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    void forget(StopsChanged changed) {
        changes.incrementAndGet();
        remembered.asMap().keySet().removeIf(a -> a.testId().equals(changed.testId()));
    }

    /**
     * @param baselineId another baseline than the test's own, or null
     * @param includeStruckOut count struck-out stops as if nobody had taken them out
     */
    public ComparisonView compare(UUID testId, @Nullable UUID baselineId, boolean includeStruckOut) {
        Asked asked = new Asked(testId, baselineId, includeStruckOut, planned.aimOf(testId));
        ComparisonView known = remembered.getIfPresent(asked);
        if (known != null) {
            return known;
        }
        long before = changes.get();
        ComparisonView answer = computed(asked);
        // An answer read while the stops were changing may already be old; it is given, but not kept.
        if (changes.get() == before) {
            remembered.put(asked, answer);
        }
        return answer;
    }

    private ComparisonView computed(Asked asked) {
        DrivenTest driven = stops.driven(asked.testId());
        return compared(driven, garage.vehicle(driven.test().vehicleId()), asked, plans.expectation(asked.testId()));
    }

    /**
     * What a comparison of the test's own stops rests on.
     *
     * @param baselineId another baseline than the test's own, or null
     * @param group which stops of the test, by {@link LikeStops#key}; null for those that it asks for first
     */
    public ComparedSides sides(
            UUID testId, @Nullable UUID baselineId, boolean includeStruckOut, @Nullable String group) {
        DrivenTest driven = stops.driven(testId);
        VehicleView vehicle = garage.vehicle(driven.test().vehicleId());
        UUID baseline = baselineId != null ? baselineId : driven.test().baselineConfigurationId();
        List<ConfigurationView> order = order(driven, baseline);
        List<LikeStops> groups = withSomethingToCompare(driven.toCompare());
        // Stops of a kind that are gone since have no group; what stands first is told instead.
        LikeStops like =
                groups.stream().filter(g -> g.key().equals(group)).findFirst().orElse(groups.get(0));
        Compared all = new Compared(
                driven.test(), vehicle, order, driven.configurations(), includeStruckOut, Optional.empty());
        return new ComparedSides(
                driven.test(),
                vehicle.name(),
                order.stream().map(ConfigurationView::id).toList(),
                order.stream().map(all::letter).toList(),
                order.stream().map(c -> all.side(like, c)).toList(),
                new Margin(driven.test().marginSize(), driven.test().marginOfBaseline()),
                like == groups.get(0) ? new Look(planned.each(testId)) : Look.COMPLETE);
    }

    private static List<ConfigurationView> order(DrivenTest driven, @Nullable UUID baseline) {
        return driven.configurations().stream()
                .sorted(Comparator.comparing(c -> c.id().equals(baseline) ? 0 : 1))
                .toList();
    }

    /** Of a test with stops that nobody has kept yet. */
    public ComparisonView asIf(DrivenTest driven, VehicleView vehicle, int plannedEach) {
        return compared(
                driven,
                vehicle,
                new Asked(driven.test().id(), null, false, PlannedStops.Aim.of(driven.test(), plannedEach)),
                Optional.empty());
    }

    private static ComparisonView compared(
            DrivenTest driven, VehicleView vehicle, Asked asked, Optional<Expectation> expected) {
        UUID baseline =
                asked.baselineId() != null ? asked.baselineId() : driven.test().baselineConfigurationId();
        List<ConfigurationView> order = order(driven, baseline);
        List<ComparisonView> groups = new ArrayList<>();
        for (LikeStops group : withSomethingToCompare(driven.toCompare())) {
            // The plan counts the stops that the test asks for; what else was driven has no end planned.
            Look look = groups.isEmpty() ? new Look(asked.aim().each()) : Look.COMPLETE;
            groups.add(view(
                    new Compared(
                            driven.test(),
                            vehicle,
                            order,
                            driven.configurations(),
                            asked.includeStruckOut(),
                            groups.isEmpty() ? expected : Optional.empty()),
                    group,
                    look));
        }
        return groups.get(0).with(groups.subList(1, groups.size()));
    }

    /** What only one configuration was driven through, such as proofs, is compared with nothing, unless there is no other. */
    private static List<LikeStops> withSomethingToCompare(List<LikeStops> all) {
        List<LikeStops> some =
                all.stream().filter(g -> g.configurations().size() > 1).toList();
        return some.isEmpty() ? all : some;
    }

    /** What all groups of a test have in common. */
    private record Compared(
            TestDefinition test,
            VehicleView vehicle,
            List<ConfigurationView> order,
            List<ConfigurationView> asShown,
            boolean includeStruckOut,
            Optional<Expectation> expected) {
        /** By which screens mark a configuration: its place in the test, whichever is the baseline. */
        String letter(ConfigurationView configuration) {
            return Letters.of(asShown.indexOf(configuration));
        }

        Side side(LikeStops group, ConfigurationView configuration) {
            Figure grade = test.grade() == null
                    ? Figure.unknown("the grade of the lane is not known")
                    : Figure.of(test.grade());
            return group.side(
                    DrivenTest.key(configuration),
                    DrivenTest.fitted(configuration, order.get(0)),
                    grade,
                    includeStruckOut);
        }
    }

    private static ComparisonView view(Compared all, LikeStops group, Look look) {
        List<Side> sides = all.order().stream().map(c -> all.side(group, c)).toList();
        List<SideView> views = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            ConfigurationView c = all.order().get(i);
            views.add(sideView(c, sides.get(i), group.of(DrivenTest.key(c)), all.includeStruckOut()));
        }
        return new ComparisonView(
                all.test().id(),
                views.isEmpty() ? group.basis() : views.get(0).basis(),
                group.key(),
                group.nominalSpeed().value(),
                group.phase().orElse(null),
                all.vehicle().spec().figure(VehicleField.LENGTH).orNull(),
                all.vehicle().spec().figure(VehicleField.WIDTH).orNull(),
                views,
                pairs(all, sides, look),
                sides.size() < MANY ? null : ranking(all, sides, look),
                List.of());
    }

    private static List<Pair> pairs(Compared all, List<Side> sides, Look look) {
        if (sides.size() < 2) {
            return List.of();
        }
        Margin margin = new Margin(all.test().marginSize(), all.test().marginOfBaseline());
        List<Comparison> compared = Comparisons.of(sides.get(0), sides.subList(1, sides.size()), margin, look);
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < compared.size(); i++) {
            ConfigurationView candidate = all.order().get(i + 1);
            Conclusion conclusion = Conclusion.of(
                    compared.get(i),
                    all.letter(all.order().get(0)),
                    all.letter(candidate),
                    sides.get(0),
                    sides.get(i + 1));
            Finding inProportion = InProportion.of(
                    compared.get(i),
                    all.letter(all.order().get(0)),
                    sides.get(0),
                    all.vehicle().spec().figure(VehicleField.LENGTH));
            pairs.add(pair(
                    candidate.id(),
                    compared.get(i),
                    sides.get(0),
                    sides.get(i + 1),
                    conclusion,
                    new Asides(
                            inProportion,
                            GripOrBrakes.of(
                                    sides.get(0),
                                    sides.get(i + 1),
                                    all.letter(all.order().get(0)),
                                    all.letter(candidate)),
                            TurnOver.of(sides.get(0), sides.get(i + 1))
                                    .map(t -> t.told(all.letter(all.order().get(0)), all.letter(candidate)))
                                    .orElse(Finding.of(GripFinding.NOTHING)),
                            Repeats.of(
                                    compared.get(i),
                                    all.letter(all.order().get(0)),
                                    all.letter(candidate),
                                    sides.get(0),
                                    sides.get(i + 1)),
                            price(compared.get(i), sides.get(0), all.order().get(0), candidate),
                            expected(all, candidate, compared.get(i), sides.get(0)))));
        }
        return pairs;
    }

    /** A figure that names no configuration is of the first. */
    private static @Nullable Finding expected(
            Compared all, ConfigurationView candidate, Comparison comparison, Side baseline) {
        return all.expected()
                .filter(e -> e.candidateId() == null
                        ? candidate.equals(all.order().get(1))
                        : candidate.id().equals(e.candidateId()))
                .map(e -> Expected.scored(Optional.ofNullable(e.guess()), comparison, baseline))
                .orElse(null);
    }

    private static RankingView ranking(Compared all, List<Side> sides, Look look) {
        Map<String, UUID> byLetter = all.order().stream().collect(Collectors.toMap(all::letter, ConfigurationView::id));
        Ranking ranking =
                Ranking.of(sides, all.order().stream().map(all::letter).toList(), look);
        return new RankingView(
                ranking.places().stream()
                        .map(p -> new PlaceView(
                                Objects.requireNonNull(byLetter.get(p.name())),
                                p.n(),
                                p.mean(),
                                p.halfWidth(),
                                p.standing(),
                                ranking.alike().stream()
                                        .filter(g -> g.contains(p.name()))
                                        .flatMap(List::stream)
                                        .filter(n -> !n.equals(p.name()))
                                        .distinct()
                                        .map(byLetter::get)
                                        .toList()))
                        .toList(),
                ranking.sentences());
    }

    private static SideView sideView(ConfigurationView c, Side side, List<DrivenStop> stops, boolean includeStruckOut) {
        Summary s = side.summary();
        Trend trend = Trend.of(side.values());
        boolean drawable = s.n() > 0 && side.basis() != DistanceBasis.TIME_ONLY;
        return new SideView(
                c.id(),
                c.label(),
                c.changed(),
                side.basis(),
                s.n(),
                side.struckOut(),
                side.repeat(),
                s.mean(),
                s.sd(),
                s.halfWidth95(),
                s.median(),
                s.range(),
                s.cv(),
                trend.perStop(),
                trend.p(),
                side.meanAsDriven(),
                side.mean(ComparedStop::entrySpeed),
                side.mean(ComparedStop::mfdd),
                side.mean(ComparedStop::startTemperature),
                stops.stream()
                        .filter(v -> v.value().isKnown())
                        .map(v -> mark(v, includeStruckOut))
                        .toList(),
                drawable ? Comparisons.speedAlong(side, SPEED_POINTS) : new double[0][]);
    }

    private static Mark mark(DrivenStop stop, boolean includeStruckOut) {
        MarkStatus status = MarkStatus.valueOf(stop.status(includeStruckOut).name());
        Optional<Finding> why = switch (status) {
            case STRUCK_OUT -> stop.driven().struckOut().map(AsWritten::of);
            case REPEAT -> stop.whyRepeat();
            case COUNTS -> Optional.empty();
        };
        return new Mark(stop.driven().id(), stop.driven().number(), stop.value().value(), status, why);
    }

    private static Finding price(Comparison c, Side baseline, ConfigurationView before, ConfigurationView candidate) {
        Difference parts = Difference.between(before.spec(), candidate.spec());
        return Price.of(c, baseline, parts.cost(), parts.currency(), parts.hours());
    }

    /** What is said of a pair beside its verdict. */
    private record Asides(
            Finding inProportion,
            Finding grip,
            Finding turnOver,
            Finding repeats,
            Finding price,
            @Nullable Finding expected) {}

    private static Pair pair(
            UUID id, Comparison c, Side baseline, Side candidate, Conclusion conclusion, Asides asides) {
        Figure blocked = Figure.unknown("the two cannot be compared");
        int fewer = Math.min(baseline.values().length, candidate.values().length);
        return new Pair(
                id,
                c.candidate(),
                c.test().map(t -> Figure.of(t.difference())).orElse(blocked),
                c.differencePercent(),
                c.test().map(t -> t.interval(0.95)).orElse(null),
                c.test().map(t -> t.interval(0.90)).orElse(null),
                c.test().map(t -> Figure.of(t.t())).orElse(blocked),
                c.test().map(t -> Figure.of(t.degreesOfFreedom())).orElse(blocked),
                c.test().map(t -> Figure.of(t.p())).orElse(blocked),
                c.permutationP(),
                c.holmP(),
                c.test().map(t -> Figure.of(t.hedgesG())).orElse(blocked),
                c.consistency().map(Consistency::sdRatio).orElse(blocked),
                c.consistency().flatMap(Consistency::interval).orElse(null),
                c.consistency().map(Consistency::brownForsytheP).orElse(blocked),
                c.instrumentFloor(),
                c.margin(),
                c.verdict(),
                c.worthwhile(),
                c.stopsToSettle(),
                c.test()
                        .map(t -> Figure.of(SampleSize.smallestDifference(fewer, t.pooledSd())))
                        .orElse(blocked),
                c.speedStillCarried(),
                c.metres().orElse(null),
                c.howSure(),
                c.chance(),
                c.order().map(ComparisonService::order).orElse(null),
                c.test().isPresent() ? Adjusted.of(baseline, candidate, c.level()) : List.of(),
                c.level(),
                c.interval().orElse(null),
                c.look().isEarly(fewer),
                c.look().isExtended(fewer),
                c.checks().stream().map(ComparisonService::check).toList(),
                conclusion,
                asides.inProportion(),
                asides.grip(),
                asides.turnOver(),
                asides.repeats(),
                asides.price(),
                asides.expected());
    }

    private static OrderView order(DrivingOrder o) {
        return new OrderView(o.difference(), o.interval(), o.driftPerStop());
    }

    private static CheckView check(Check c) {
        return new CheckView(c.code(), c.level(), Finding.of(c.code()), c.evidence());
    }
}
