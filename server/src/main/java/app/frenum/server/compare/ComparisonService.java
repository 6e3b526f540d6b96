package app.frenum.server.compare;

import app.frenum.core.compare.Alike;
import app.frenum.core.compare.Check;
import app.frenum.core.compare.ComparedStop;
import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Comparisons;
import app.frenum.core.compare.Consistency;
import app.frenum.core.compare.DrivingOrder;
import app.frenum.core.compare.Look;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.SampleSize;
import app.frenum.core.compare.Side;
import app.frenum.core.compare.Summary;
import app.frenum.core.compare.Trend;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.Validity;
import app.frenum.server.analysis.LikeStops;
import app.frenum.server.analysis.StopService;
import app.frenum.server.analysis.StopView;
import app.frenum.server.analysis.StopsChanged;
import app.frenum.server.compare.ComparisonView.CheckView;
import app.frenum.server.compare.ComparisonView.Mark;
import app.frenum.server.compare.ComparisonView.MarkStatus;
import app.frenum.server.compare.ComparisonView.OrderView;
import app.frenum.server.compare.ComparisonView.Pair;
import app.frenum.server.compare.ComparisonView.SideView;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.garage.VehicleView;
import app.frenum.server.plan.PlannedStops;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;

/** Compares a test's configurations with its baseline; remembers each answer until the test's stops change. */
@Service
@Transactional(readOnly = true)
public class ComparisonService {
    private static final int SPEED_POINTS = 60;
    private static final int MOST_REMEMBERED = 500;

    private final TestService tests;
    private final GarageService garage;
    private final StopService stops;
    private final PlannedStops planned;
    private final Cache<Asked, ComparisonView> remembered =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();
    private final AtomicLong changes = new AtomicLong();

    ComparisonService(TestService tests, GarageService garage, StopService stops, PlannedStops planned) {
        this.tests = tests;
        this.garage = garage;
        this.stops = stops;
        this.planned = planned;
    }

    private record Asked(UUID testId, UUID baselineId, boolean includeStruckOut, int plannedEach) {}

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
    public ComparisonView compare(UUID testId, UUID baselineId, boolean includeStruckOut) {
        Asked asked = new Asked(testId, baselineId, includeStruckOut, planned.each(testId));
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
        TestDefinition test = tests.test(asked.testId());
        List<SeriesView> series = tests.seriesOf(test.id());
        Map<UUID, ConfigurationView> configurations = garage.byId(
                series.stream().map(SeriesView::configurationId).distinct().toList());
        List<StopView> all = stops.stopsOf(series.stream().map(SeriesView::id).toList(), test);
        UUID baseline = asked.baselineId() != null ? asked.baselineId() : test.baselineConfigurationId();
        List<ConfigurationView> order = series.stream()
                .map(SeriesView::configurationId)
                .distinct()
                .map(configurations::get)
                .sorted(Comparator.comparing(c -> c.id().equals(baseline) ? 0 : 1))
                .toList();
        TestSides maker = new TestSides(test, series, all);
        Map<UUID, UUID> configurationOf =
                series.stream().collect(Collectors.toMap(SeriesView::id, SeriesView::configurationId));
        List<List<StopView>> groups =
                new ArrayList<>(Alike.groups(all, s -> configurationOf.get(s.seriesId()), maker::alike));
        groups.sort(LikeStops.order(test));
        VehicleView vehicle = garage.vehicle(test.vehicleId());
        // The plan counts the stops that the test asks for; what else was driven has no end planned.
        Look look = new Look(asked.plannedEach());
        List<StopView> first = groups.isEmpty() ? List.of() : groups.get(0);
        List<ComparisonView> others = groups.stream()
                .skip(1)
                .map(g -> view(asked, test, vehicle, maker, order, configurationOf, g, Look.COMPLETE))
                .toList();
        return view(asked, test, vehicle, maker, order, configurationOf, first, look)
                .with(others);
    }

    /** One group of stops that are alike. */
    private ComparisonView view(
            Asked asked,
            TestDefinition test,
            VehicleView vehicle,
            TestSides maker,
            List<ConfigurationView> order,
            Map<UUID, UUID> configurationOf,
            List<StopView> group,
            Look look) {
        List<Side> sides = new ArrayList<>();
        List<SideView> views = new ArrayList<>();
        for (ConfigurationView c : order) {
            List<StopView> own = group.stream()
                    .filter(s -> c.id().equals(configurationOf.get(s.seriesId())))
                    .toList();
            Side side = maker.side(c, order.get(0), own, asked.includeStruckOut());
            sides.add(side);
            views.add(sideView(c, side, own, asked.includeStruckOut()));
        }
        return new ComparisonView(
                test.id(),
                views.isEmpty() ? test.basis() : views.get(0).basis(),
                maker.nominalOf(group),
                maker.phaseOf(group),
                vehicle.spec().figure(VehicleField.LENGTH).orNull(),
                vehicle.spec().figure(VehicleField.WIDTH).orNull(),
                views,
                pairs(order, sides, test, look),
                List.of());
    }

    private static List<Pair> pairs(List<ConfigurationView> order, List<Side> sides, TestDefinition test, Look look) {
        if (sides.size() < 2) {
            return List.of();
        }
        Margin margin = new Margin(test.marginSize(), test.marginOfBaseline());
        List<Comparison> compared = Comparisons.of(sides.get(0), sides.subList(1, sides.size()), margin, look);
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < compared.size(); i++) {
            pairs.add(pair(order.get(i + 1).id(), compared.get(i), sides.get(0), sides.get(i + 1)));
        }
        return pairs;
    }

    private static SideView sideView(ConfigurationView c, Side side, List<StopView> stops, boolean includeStruckOut) {
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

    private static Mark mark(StopView v, boolean includeStruckOut) {
        MarkStatus status = v.struckOut() && !includeStruckOut
                ? MarkStatus.STRUCK_OUT
                : v.validity() == Validity.REPEAT ? MarkStatus.REPEAT : MarkStatus.COUNTS;
        String why = switch (status) {
            case STRUCK_OUT -> v.decisions().get(v.decisions().size() - 1).reason();
            case REPEAT ->
                v.measured() == null
                        ? "entry speed out"
                        : v.measured().flags().stream()
                                .filter(f -> f.code().validity() == Validity.REPEAT)
                                .map(f -> f.message())
                                .findFirst()
                                .orElse("");
            case COUNTS -> "";
        };
        return new Mark(v.id(), v.number(), v.value().value(), status, why);
    }

    private static Pair pair(UUID id, Comparison c, Side baseline, Side candidate) {
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
                c.level(),
                c.interval().orElse(null),
                c.look().isEarly(fewer),
                c.look().isExtended(fewer),
                c.checks().stream().map(ComparisonService::check).toList());
    }

    private static OrderView order(DrivingOrder o) {
        return new OrderView(o.difference(), o.interval(), o.driftPerStop());
    }

    private static CheckView check(Check c) {
        return new CheckView(c.code(), c.level(), c.code().title(), c.message());
    }
}
