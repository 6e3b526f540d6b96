package app.frenum.server.compare;

import app.frenum.core.compare.Verdict;
import app.frenum.formats.verdict.FrozenVerdict;
import app.frenum.server.analysis.StopCount;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.document.Documents;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.garage.VehicleView;
import app.frenum.server.plan.PlannedStops;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The list of all tests, each with its verdict in a word. Verdicts are kept until the stops behind them change. */
@Service
@Transactional
class TestListService {
    private final TestService tests;
    private final GarageService garage;
    private final StopReader stops;
    private final ComparisonService comparisons;
    private final KeptVerdictRepository kept;
    private final PlannedStops planned;
    private final FluidSigns fluid;
    private final Documents documents;

    TestListService(
            TestService tests,
            GarageService garage,
            StopReader stops,
            ComparisonService comparisons,
            KeptVerdictRepository kept,
            PlannedStops planned,
            FluidSigns fluid,
            Documents documents) {
        this.tests = tests;
        this.garage = garage;
        this.stops = stops;
        this.comparisons = comparisons;
        this.kept = kept;
        this.planned = planned;
        this.fluid = fluid;
        this.documents = documents;
    }

    List<TestSummary> list() {
        Map<UUID, StopCount> counts = byId(stops.counts(), StopCount::seriesId);
        Map<UUID, List<SeriesView>> series =
                tests.allSeries().stream().collect(Collectors.groupingBy(SeriesView::testId));
        Map<UUID, VehicleView> vehicles = byId(garage.vehicles(), VehicleView::id);
        Map<UUID, ConfigurationView> configurations = byId(garage.configurations(), ConfigurationView::id);
        Map<UUID, Integer> plannedEach = planned.all();
        Map<UUID, KeptVerdict> known = byId(kept.findAll(), KeptVerdict::testId);
        return tests.tests().stream()
                .map(t -> {
                    List<SeriesView> own = series.getOrDefault(t.id(), List.of());
                    List<StopCount> counted = own.stream()
                            .map(s -> counts.getOrDefault(s.id(), StopCount.none(s.id())))
                            .toList();
                    KeptVerdict verdict = verdict(t, counted, plannedEach.getOrDefault(t.id(), 0), known.get(t.id()));
                    return new TestSummary(
                            t,
                            Objects.requireNonNull(vehicles.get(t.vehicleId())).name(),
                            names(t, own, configurations),
                            counted.stream().mapToLong(StopCount::stops).sum(),
                            verdict.verdict(),
                            verdict.candidate(),
                            Optional.ofNullable(verdict.told())
                                    .map(d -> documents.read(d, Told.class))
                                    .orElse(null),
                            verdict.fluidShown());
                })
                .toList();
    }

    /** The baseline's name first. */
    private static List<String> names(
            TestDefinition test, List<SeriesView> series, Map<UUID, ConfigurationView> configurations) {
        return series.stream()
                .map(SeriesView::configurationId)
                .distinct()
                .sorted((a, b) -> Boolean.compare(
                        b.equals(test.baselineConfigurationId()), a.equals(test.baselineConfigurationId())))
                .map(c -> Objects.requireNonNull(configurations.get(c)).name())
                .toList();
    }

    private KeptVerdict verdict(
            TestDefinition test, List<StopCount> counted, int plannedEach, @Nullable KeptVerdict known) {
        String standsFor = "%s %d %s rules %d"
                .formatted(test.baselineConfigurationId(), plannedEach, counted, FrozenVerdict.RULES);
        if (known != null && known.standsFor(standsFor)) {
            return known;
        }
        List<ComparisonView.Pair> pairs =
                comparisons.compare(test.id(), null, false).comparisons();
        Optional<ComparisonView.Pair> telling = pairs.stream()
                .filter(p -> p.verdict() != Verdict.NOT_COMPARABLE)
                .findFirst()
                .or(() -> pairs.stream().findFirst());
        KeptVerdict now = new KeptVerdict(
                test.id(),
                standsFor,
                telling.map(ComparisonView.Pair::verdict).orElse(null),
                telling.map(ComparisonView.Pair::candidate).orElse(null),
                fluidShown(test),
                telling.map(Told::of).map(documents::write).orElse(null));
        kept.keep(
                now.testId(),
                standsFor,
                telling.map(p -> p.verdict().name()).orElse(null),
                now.candidate(),
                now.fluidShown(),
                now.told());
        return now;
    }

    private @Nullable String fluidShown(TestDefinition test) {
        List<String> shown = fluid.of(test.id());
        return shown.isEmpty() ? null : String.join(", ", shown);
    }

    private static <T> Map<UUID, T> byId(List<T> all, Function<T, UUID> id) {
        return all.stream().collect(Collectors.toMap(id, Function.identity()));
    }
}
