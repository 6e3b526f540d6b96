package app.frenum.server.analysis;

import app.frenum.core.compare.HandMeasurement;
import app.frenum.core.compare.LoggedStops;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.procedure.run.LoggedStop;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopTrace;
import app.frenum.core.stop.Validity;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.Raced;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.RecordingService;
import app.frenum.server.recording.RecordingService.Opened;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps stops, and everything said about them later. What was measured is never changed, only added to. */
@Service
@Raced
@Transactional
public class StopService {
    private final StopRepository stops;
    private final MeasurementRepository measurements;
    private final StrikeOutRepository strikeOuts;
    private final TestService tests;
    private final RecordingService recordings;
    private final JsonMapper json;
    private final ApplicationEventPublisher events;

    StopService(
            StopRepository stops,
            MeasurementRepository measurements,
            StrikeOutRepository strikeOuts,
            TestService tests,
            RecordingService recordings,
            JsonMapper json,
            ApplicationEventPublisher events) {
        this.stops = stops;
        this.measurements = measurements;
        this.strikeOuts = strikeOuts;
        this.tests = tests;
        this.recordings = recordings;
        this.json = json;
        this.events = events;
    }

    /** How a test's stops are measured. */
    public static AnalysisOptions optionsOf(TestDefinition test) {
        return optionsOf(test, test.nominalSpeed().inside());
    }

    private static AnalysisOptions optionsOf(TestDefinition test, double nominalMps) {
        return new AnalysisOptions(Figure.of(nominalMps), test.basis(), AnalysisOptions.DEFAULT_ENTRY_TOLERANCE);
    }

    private AnalysisOptions optionsOf(Stop stop) {
        TestDefinition test = testOf(stop);
        return optionsOf(test, nominalOf(stop, test));
    }

    /** A stop of a run begins at its phase's speed, any other at the test's. */
    private static double nominalOf(Stop stop, TestDefinition test) {
        return Optional.ofNullable(stop.nominalMps()).orElse(test.nominalSpeed().inside());
    }

    /** Adds stops of a recording to a series, in order. */
    public void addLogged(UUID seriesId, UUID recordingId, List<MeasuredStop> measured) {
        int number = highestNumber(seriesId);
        for (MeasuredStop m : measured) {
            Stop stop = stops.save(new Stop(UUID.randomUUID(), seriesId, ++number, recordingId, null));
            measurements.save(new Measurement(
                    UUID.randomUUID(), stop.id(), 0, null, null, null, null, json.writeValueAsString(m)));
        }
        changed(seriesId);
    }

    /** Adds stops of a sheet to a series, in order; each keeps its own number where that is free. */
    public void addByHand(UUID seriesId, List<SheetStop> rows, String importedBy) {
        int number = highestNumber(seriesId);
        for (SheetStop row : rows) {
            number = Math.max(number + 1, row.stop().orElse(0));
            Stop stop = stops.save(new Stop(UUID.randomUUID(), seriesId, number, null, json.writeValueAsString(row)));
            if (row.struckOut()) {
                String reason = row.reason().orElse("struck out on the sheet");
                strikeOuts.save(new StrikeOut(UUID.randomUUID(), stop.id(), 0, true, reason, importedBy));
            }
        }
        changed(seriesId);
    }

    /**
     * Adds a stop as it was entered at the trackside; there already, it stays.
     *
     * @param id made by the device it was entered on
     * @param beside what is known of it that a sheet has no column for
     * @param struckOut why it does not count; empty when it does
     */
    public void addEntered(
            UUID id, UUID seriesId, SheetStop row, Beside beside, Optional<String> struckOut, String by) {
        if (stops.existsById(id)) {
            return;
        }
        Stop stop = new Stop(id, seriesId, highestNumber(seriesId) + 1, null, json.writeValueAsString(row));
        stop.beside(beside);
        stops.save(stop);
        struckOut.ifPresent(reason -> strikeOuts.save(new StrikeOut(UUID.randomUUID(), id, 0, true, reason, by)));
        changed(seriesId);
    }

    /**
     * What is known of a stop beside its trace or its row.
     *
     * @param phase of the procedure it was driven in
     * @param pedalFeel of a logged stop, as the driver called it; null when nobody asked
     * @param lateS how long after rest its discs were read by hand, s; null when they were not
     * @param nominalMps the speed that its phase begins at, m/s
     */
    public record Beside(
            String phase,
            @Nullable String pedalFeel,
            @Nullable Double lateS,
            double nominalMps) {}

    /** Adds a stop that a run took from its logger; there already, it stays. */
    public void addLiveLogged(
            UUID id, UUID seriesId, LoggedStop logged, Beside beside, Optional<String> struckOut, String by) {
        if (stops.existsById(id)) {
            return;
        }
        Stop stop = new Stop(id, seriesId, highestNumber(seriesId) + 1, logged.recordingId(), null);
        stop.beside(beside);
        stops.save(stop);
        // By now the log goes on beyond the rest, so that the discs' peaks are in it, which were still to come then.
        MeasuredStop whole = remeasured(stop, logged);
        measurements.save(
                new Measurement(UUID.randomUUID(), id, 0, null, null, null, null, json.writeValueAsString(whole)));
        struckOut.ifPresent(reason -> strikeOuts.save(new StrikeOut(UUID.randomUUID(), id, 0, true, reason, by)));
        changed(seriesId);
    }

    private MeasuredStop remeasured(Stop stop, LoggedStop logged) {
        Opened opened = recordings.open(logged.recordingId());
        recordings.setCalibration(logged.recordingId(), logged.calibration());
        return LogAnalysis.measure(
                opened.log(),
                logged.calibration(),
                opened.health(),
                optionsOf(stop),
                logged.measured().brake(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    private int highestNumber(UUID seriesId) {
        Integer highest = stops.highestNumber(seriesId);
        return highest == null ? 0 : highest;
    }

    private void changed(UUID seriesId) {
        events.publishEvent(new StopsChanged(tests.series(seriesId).testId()));
    }

    @Transactional(readOnly = true)
    public List<StopCount> counts() {
        return stops.counts();
    }

    /** The stops of some series by their numbers; of those with the same number, in the order of the series. */
    @Transactional(readOnly = true)
    public List<StopView> stopsOf(Collection<UUID> seriesIds, TestDefinition test) {
        List<UUID> order = List.copyOf(seriesIds);
        List<Stop> found = stops.findBySeriesIdInOrderByNumber(seriesIds).stream()
                .sorted(Comparator.comparingInt(Stop::number).thenComparingInt(s -> order.indexOf(s.seriesId())))
                .toList();
        return views(found, test);
    }

    @Transactional(readOnly = true)
    public List<StopView> stopsOf(UUID testId) {
        List<UUID> series = tests.seriesOf(testId).stream().map(s -> s.id()).toList();
        return stopsOf(series, tests.test(testId));
    }

    /** The test's stops as rows of a stop sheet; snubs have no stopping distance and stay out. */
    @Transactional(readOnly = true)
    public List<SheetStop> sheetOf(UUID testId, Map<UUID, String> configurationNames) {
        SheetExport export = new SheetExport(tests.test(testId));
        Map<UUID, SeriesView> series =
                tests.seriesOf(testId).stream().collect(Collectors.toMap(SeriesView::id, Function.identity()));
        return stopsOf(testId).stream()
                .filter(SheetExport::isWritable)
                .map(s -> {
                    SeriesView own = series.get(s.seriesId());
                    return export.row(s, own, configurationNames.get(own.configurationId()));
                })
                .toList();
    }

    /** The test in which the stops of a recording are, if any. */
    @Transactional(readOnly = true)
    public Optional<UUID> testOfRecording(UUID recordingId) {
        return stops.findByRecordingId(recordingId).stream()
                .findFirst()
                .map(s -> tests.series(s.seriesId()).testId());
    }

    @Transactional(readOnly = true)
    public StopView stop(UUID id) {
        Stop stop = entity(id);
        return views(List.of(stop), testOf(stop)).get(0);
    }

    private Stop entity(UUID id) {
        return stops.findById(id).orElseThrow(() -> Problem.notFound("The stop"));
    }

    private TestDefinition testOf(Stop stop) {
        return tests.test(tests.series(stop.seriesId()).testId());
    }

    private List<StopView> views(List<Stop> some, TestDefinition test) {
        List<UUID> ids = some.stream().map(Stop::id).toList();
        Map<UUID, List<Measurement>> measured = measurements.findByStopIdInOrderBySequence(ids).stream()
                .collect(Collectors.groupingBy(Measurement::stopId));
        Map<UUID, List<StrikeOut>> decided = strikeOuts.findByStopIdInOrderBySequence(ids).stream()
                .collect(Collectors.groupingBy(StrikeOut::stopId));
        return some.stream()
                .map(s -> view(
                        s, measured.getOrDefault(s.id(), List.of()), decided.getOrDefault(s.id(), List.of()), test))
                .toList();
    }

    private StopView view(Stop stop, List<Measurement> measured, List<StrikeOut> decided, TestDefinition test) {
        List<Decision> decisions = decided.stream().map(StrikeOut::decision).toList();
        boolean out =
                !decisions.isEmpty() && decisions.get(decisions.size() - 1).struckOut();
        if (stop.byHand() != null) {
            return handView(stop, decisions, out, test);
        }
        Measurement current = measured.get(measured.size() - 1);
        MeasuredStop figures = figures(current);
        boolean moved = current.handOnset().isPresent() || current.handEnd().isPresent();
        return new StopView(
                stop.id(),
                stop.seriesId(),
                stop.number(),
                stop.recordingId(),
                figures,
                moved ? figures(measured.get(0)) : null,
                null,
                LoggedStops.value(figures),
                figures.uncertainty().reading(),
                figures.uncertainty().correctedDistance().isKnown()
                        ? figures.uncertainty().correctedDistance()
                        : figures.uncertainty().distance(),
                figures.entrySpeed(),
                nominalOf(stop, test),
                figures.validity(),
                out,
                decisions,
                measured.stream().skip(1).map(Measurement::move).toList(),
                stop.phase(),
                stop.pedalFeel(),
                stop.lateS());
    }

    private StopView handView(Stop stop, List<Decision> decisions, boolean out, TestDefinition test) {
        SheetStop row = json.readValue(stop.byHand(), SheetStop.class);
        HandMeasurement m = row.measurement(Optional.of(test.nominalSpeed()));
        Validity validity = m.isEntrySpeedOut() || m.isImplausible() ? Validity.REPEAT : Validity.VALID;
        return new StopView(
                stop.id(),
                stop.seriesId(),
                stop.number(),
                null,
                null,
                null,
                row,
                m.value(),
                m.readingUncertainty(),
                m.uncertainty(),
                m.entrySpeed(),
                m.nominalSpeed().value(),
                validity,
                out,
                decisions,
                List.of(),
                stop.phase(),
                row.pedalFeel().orElse(null),
                row.secondsAfterRest().map(Quantity::inside).orElse(stop.lateS()));
    }

    private MeasuredStop figures(Measurement m) {
        return json.readValue(m.figures(), MeasuredStop.class);
    }

    /** Strikes a stop out or brings it back. */
    public StopView decide(UUID id, DecisionRequest request) {
        Stop stop = entity(id);
        if (!strikeOuts.existsById(request.requestId())) {
            int sequence = strikeOuts.findByStopIdInOrderBySequence(List.of(id)).size();
            strikeOuts.save(new StrikeOut(
                    request.requestId(), id, sequence, request.struckOut(), request.reason(), request.by()));
            changed(stop.seriesId());
        }
        return stop(id);
    }

    /** What the stop would measure between other edges; nothing is kept. */
    @Transactional(readOnly = true)
    public MeasuredStop tryEdges(UUID id, Double onsetS, Double endS) {
        return remeasured(entity(id), onsetS, endS);
    }

    /** Keeps other edges beside the automatic ones. */
    public StopView moveEdges(UUID id, Edges edges) {
        Stop stop = entity(id);
        if (!measurements.existsById(edges.requestId())) {
            MeasuredStop measured = remeasured(stop, edges.onsetS(), edges.endS());
            int sequence =
                    measurements.findByStopIdInOrderBySequence(List.of(id)).size();
            measurements.save(new Measurement(
                    edges.requestId(),
                    id,
                    sequence,
                    edges.onsetS(),
                    edges.endS(),
                    edges.by(),
                    edges.why(),
                    json.writeValueAsString(measured)));
            changed(stop.seriesId());
        }
        return stop(id);
    }

    private MeasuredStop remeasured(Stop stop, Double onsetS, Double endS) {
        Measurement first = automatic(stop);
        MeasuredStop automatic = figures(first);
        Opened opened = recordings.open(stop.recordingId());
        double onset = onsetS == null ? automatic.onsetS() : onsetS;
        double end = endS == null ? automatic.endS() : endS;
        if (!(onset < end - 0.1 && end <= opened.log().durationS() && Math.abs(onset - automatic.onsetS()) <= 5)) {
            throw Problem.invalid(
                    "onsetS",
                    "The onset must lie within 5 s of %.2f s and at least 0.1 s before the end, and the end within the log."
                            .formatted(automatic.onsetS()));
        }
        List<HealthFinding> health = opened.health();
        return LogAnalysis.measure(
                opened.log(),
                opened.calibration(),
                health,
                optionsOf(stop),
                automatic.brake(),
                optional(onsetS),
                optional(endS));
    }

    private Measurement automatic(Stop stop) {
        if (stop.recordingId() == null) {
            throw Problem.invalid("onsetS", "The stop was measured by hand; it has no log whose edges could be moved.");
        }
        return measurements.findByStopIdInOrderBySequence(List.of(stop.id())).get(0);
    }

    private static OptionalDouble optional(Double x) {
        return x == null ? OptionalDouble.empty() : OptionalDouble.of(x);
    }

    /** The curves of a stop between its current edges. */
    @Transactional(readOnly = true)
    public StopTrace trace(UUID id) {
        Stop stop = entity(id);
        automatic(stop);
        List<Measurement> all = measurements.findByStopIdInOrderBySequence(List.of(id));
        MeasuredStop current = figures(all.get(all.size() - 1));
        Opened opened = recordings.open(stop.recordingId());
        return StopTrace.of(opened.log(), opened.calibration(), current.onsetS(), current.endS());
    }
}
