package app.frenum.server.analysis;

import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.HandEntry;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.document.Documents;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the stops of a test, the one way for all that compare, follow, draw or export them. */
@Service
@Transactional(readOnly = true)
public class StopReader {
    private final StopRepository stops;
    private final MeasurementRepository measurements;
    private final StrikeOutRepository strikeOuts;
    private final TestService tests;
    private final GarageService garage;
    private final Documents documents;

    StopReader(
            StopRepository stops,
            MeasurementRepository measurements,
            StrikeOutRepository strikeOuts,
            TestService tests,
            GarageService garage,
            Documents documents) {
        this.stops = stops;
        this.measurements = measurements;
        this.strikeOuts = strikeOuts;
        this.tests = tests;
        this.garage = garage;
        this.documents = documents;
    }

    public List<StopCount> counts() {
        return stops.counts();
    }

    /** Everything that was driven in a test. */
    public DrivenTest driven(UUID testId) {
        TestDefinition test = tests.test(testId);
        List<SeriesView> series = tests.seriesOf(testId);
        Map<UUID, SeriesView> byId = series.stream().collect(Collectors.toMap(SeriesView::id, Function.identity()));
        List<KeptStop> kept = kept(stops.findBySeriesIdInOrderByPosition(byId.keySet())).stream()
                .sorted(order(series, byId))
                .toList();
        boolean severalPhases = kept.stream()
                        .map(k -> k.stop().phase())
                        .filter(Objects::nonNull)
                        .distinct()
                        .count()
                > 1;
        List<DrivenStop> driven = new ArrayList<>();
        Map<UUID, UUID> seriesOf = new HashMap<>();
        Map<UUID, String> phases = new HashMap<>();
        for (KeptStop k : kept) {
            SeriesView own = Objects.requireNonNull(byId.get(k.stop().seriesId()));
            driven.add(k.driven(test, own, driven.size() + 1, severalPhases));
            seriesOf.put(k.stop().id(), own.id());
            k.phase().ifPresent(phase -> phases.put(k.stop().id(), phase));
        }
        List<UUID> ids =
                series.stream().map(SeriesView::configurationId).distinct().toList();
        Map<UUID, ConfigurationView> known = garage.byId(ids);
        return new DrivenTest(test, series, ids.stream().map(known::get).toList(), driven, seriesOf, phases);
    }

    /** By day, beginning, block and place in the series. */
    private static Comparator<KeptStop> order(List<SeriesView> series, Map<UUID, SeriesView> byId) {
        Function<KeptStop, SeriesView> own = k -> byId.get(k.stop().seriesId());
        return Comparator.comparing((KeptStop k) -> Optional.ofNullable(k.entry())
                        .flatMap(e -> e.conditions().date())
                        .or(() -> Optional.ofNullable(own.apply(k).conditions().drivenOn()))
                        .orElse(""))
                .thenComparing(k ->
                        Optional.ofNullable(own.apply(k).conditions().begunAt()).orElse(Instant.EPOCH))
                .thenComparing(k -> own.apply(k).block())
                .thenComparing(k -> series.indexOf(own.apply(k)))
                .thenComparing(k -> k.stop().position());
    }

    /** The stops of a test as they are shown: in the order driven in each series, of those at the same place in the order of the series. */
    public List<StopView> stopsOf(UUID testId) {
        TestDefinition test = tests.test(testId);
        List<SeriesView> series = tests.seriesOf(testId);
        List<UUID> order = series.stream().map(SeriesView::id).toList();
        List<Stop> found = stops.findBySeriesIdInOrderByPosition(order).stream()
                .sorted(Comparator.comparingInt(Stop::position).thenComparingInt(s -> order.indexOf(s.seriesId())))
                .toList();
        return kept(found).stream()
                .map(k -> view(k, test, series.get(order.indexOf(k.stop().seriesId()))))
                .toList();
    }

    public StopView stop(UUID id) {
        Stop stop = stops.findById(id).orElseThrow(() -> Problem.notFound("The stop"));
        SeriesView series = tests.series(stop.seriesId());
        return view(kept(List.of(stop)).get(0), tests.test(series.testId()), series);
    }

    /** The test's stops as rows of a stop sheet; snubs have no stopping distance and stay out. */
    public List<SheetStop> sheetOf(UUID testId, Map<UUID, String> configurationNames) {
        SheetExport export = new SheetExport(tests.test(testId));
        Map<UUID, SeriesView> series =
                tests.seriesOf(testId).stream().collect(Collectors.toMap(SeriesView::id, Function.identity()));
        return stopsOf(testId).stream()
                .filter(SheetExport::isWritable)
                .map(s -> {
                    SeriesView own = Objects.requireNonNull(series.get(s.seriesId()));
                    return export.row(s, own, Objects.requireNonNull(configurationNames.get(own.configurationId())));
                })
                .toList();
    }

    /** The test in which the stops of a recording are, if any. */
    public Optional<UUID> testOfRecording(UUID recordingId) {
        return stops.findByRecordingId(recordingId).stream()
                .findFirst()
                .map(s -> tests.series(s.seriesId()).testId());
    }

    private List<KeptStop> kept(Collection<Stop> some) {
        List<UUID> ids = some.stream().map(Stop::id).toList();
        Map<UUID, List<Measurement>> measured = measurements.findByStopIdInOrderBySequence(ids).stream()
                .collect(Collectors.groupingBy(Measurement::stopId));
        Map<UUID, List<StrikeOut>> decided = strikeOuts.findByStopIdInOrderBySequence(ids).stream()
                .collect(Collectors.groupingBy(StrikeOut::stopId));
        return some.stream()
                .map(s -> KeptStop.read(
                        s,
                        measured.getOrDefault(s.id(), List.of()),
                        decided.getOrDefault(s.id(), List.of()),
                        documents))
                .toList();
    }

    private StopView view(KeptStop kept, TestDefinition test, SeriesView series) {
        Stop stop = kept.stop();
        DrivenStop driven = kept.driven(test, series, 0, true);
        MeasuredStop automatic =
                kept.isMoved() ? documents.read(kept.automatic().figures(), MeasuredStop.class) : null;
        return new StopView(
                stop.id(),
                stop.seriesId(),
                stop.number(),
                stop.recordingId(),
                kept.figures(),
                automatic,
                kept.entry(),
                driven.value(),
                driven.readingUncertainty(),
                driven.uncertainty(),
                driven.entrySpeed(),
                kept.nominalMps(test),
                driven.validity(),
                kept.isStruckOut(),
                kept.decisions(),
                kept.moves(),
                kept.isRestored() ? kept.automatic().move() : null,
                stop.kind(),
                stop.phase(),
                stop.cycle(),
                stop.loadState(),
                stop.surface(),
                Optional.ofNullable(kept.entry())
                        .map(e -> e.pedal().map(PedalFeel::label).orElse(null))
                        .orElse(stop.pedalFeel()),
                stop.tyres(),
                Optional.ofNullable(kept.entry())
                        .flatMap(HandEntry::secondsAfterRest)
                        .map(Quantity::inside)
                        .orElse(stop.lateS()));
    }
}
