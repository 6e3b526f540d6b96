package app.frenum.server.analysis;

import app.frenum.core.log.Calibration;
import app.frenum.core.people.Who;
import app.frenum.core.procedure.run.LoggedStop;
import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.series.HandEntry;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.Raced;
import app.frenum.server.document.Documents;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.RecordingService;
import app.frenum.server.recording.RecordingService.Opened;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps stops, and whether they count. What was measured is never changed, only added to. */
@Service
@Raced
@Transactional
public class StopService {
    private final StopRepository stops;
    private final MeasurementRepository measurements;
    private final StrikeOutRepository strikeOuts;
    private final TestService tests;
    private final RecordingService recordings;
    private final Documents documents;
    private final ApplicationEventPublisher events;

    StopService(
            StopRepository stops,
            MeasurementRepository measurements,
            StrikeOutRepository strikeOuts,
            TestService tests,
            RecordingService recordings,
            Documents documents,
            ApplicationEventPublisher events) {
        this.stops = stops;
        this.measurements = measurements;
        this.strikeOuts = strikeOuts;
        this.tests = tests;
        this.recordings = recordings;
        this.documents = documents;
        this.events = events;
    }

    /** Adds stops of a recording to a series, in order. */
    public void addLogged(UUID seriesId, UUID recordingId, Calibration calibration, List<MeasuredStop> measured) {
        int number = highestNumber(seriesId);
        for (MeasuredStop m : measured) {
            Stop stop = stops.save(new Stop(UUID.randomUUID(), seriesId, ++number, recordingId, null));
            keep(stop.id(), m, calibration);
        }
        changed(seriesId);
    }

    /** Adds a stop of a sheet to a series; it keeps its own number where that is free. There already, it stays. */
    public void addByHand(UUID id, UUID seriesId, SheetStop row, Who who) {
        if (stops.existsById(id)) {
            return;
        }
        int number = Math.max(highestNumber(seriesId) + 1, row.stop().orElse(0));
        stops.save(new Stop(id, seriesId, number, null, documents.write(row.entry())));
        if (row.struckOut()) {
            String reason = row.reason().orElse("struck out on the sheet");
            strikeOuts.save(new StrikeOut(UUID.randomUUID(), id, 0, true, reason, who.name()));
        }
        changed(seriesId);
    }

    /** Whether a stop is kept under this id. */
    @Transactional(readOnly = true)
    public boolean has(UUID id) {
        return stops.existsById(id);
    }

    /**
     * Adds a stop as it was entered at the trackside; there already, it stays.
     *
     * @param id made by the device it was entered on
     * @param beside what is known of it that a sheet has no column for
     * @param struckOut why it does not count; empty when it does
     */
    public void addEntered(
            UUID id, UUID seriesId, HandEntry entry, Beside beside, Optional<String> struckOut, Who who) {
        if (stops.existsById(id)) {
            return;
        }
        Stop stop = new Stop(id, seriesId, highestNumber(seriesId) + 1, null, documents.write(entry));
        stop.beside(beside);
        stops.save(stop);
        struckOut.ifPresent(
                reason -> strikeOuts.save(new StrikeOut(UUID.randomUUID(), id, 0, true, reason, who.name())));
        changed(seriesId);
    }

    /**
     * What is known of a stop beside its trace or its row.
     *
     * @param phase of the procedure it was driven in
     * @param pedalFeel of a logged stop, as the driver called it; null when nobody asked
     * @param tyres of a logged stop, before it; null when nobody said
     * @param lateS how long after rest its discs were read by hand, s; null when they were not
     * @param nominalMps the speed that its phase begins at, m/s
     */
    public record Beside(
            String phase,
            @Nullable String pedalFeel,
            @Nullable TyreState tyres,
            @Nullable Double lateS,
            double nominalMps) {}

    /** Adds a stop that a run took from its logger; there already, it stays. */
    public void addLiveLogged(
            UUID id, UUID seriesId, LoggedStop logged, Beside beside, Optional<String> struckOut, Who who) {
        if (stops.existsById(id)) {
            return;
        }
        Stop stop = new Stop(id, seriesId, highestNumber(seriesId) + 1, logged.recordingId(), null);
        stop.beside(beside);
        stops.save(stop);
        // By now the log goes on beyond the rest, so that the discs' peaks are in it, which were still to come then.
        keep(id, remeasured(stop, logged), logged.calibration());
        struckOut.ifPresent(
                reason -> strikeOuts.save(new StrikeOut(UUID.randomUUID(), id, 0, true, reason, who.name())));
        changed(seriesId);
    }

    private MeasuredStop remeasured(Stop stop, LoggedStop logged) {
        Opened opened = recordings.open(logged.recordingId());
        return LogAnalysis.measure(
                opened.log(),
                logged.calibration(),
                opened.health(),
                StopOptions.of(stop, tests.test(tests.series(stop.seriesId()).testId())),
                logged.measured().brake(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    private void keep(UUID stopId, MeasuredStop measured, Calibration calibration) {
        measurements.save(Measurement.automatic(stopId, documents.write(measured), documents.write(calibration)));
    }

    private int highestNumber(UUID seriesId) {
        Integer highest = stops.highestNumber(seriesId);
        return highest == null ? 0 : highest;
    }

    private void changed(UUID seriesId) {
        events.publishEvent(new StopsChanged(tests.series(seriesId).testId()));
    }

    /** Strikes a stop out or brings it back. */
    public void decide(UUID id, Who who, DecisionRequest request) {
        Stop stop = stops.findById(id).orElseThrow(() -> Problem.notFound("The stop"));
        if (!strikeOuts.existsById(request.requestId())) {
            int sequence = strikeOuts.findByStopIdInOrderBySequence(List.of(id)).size();
            strikeOuts.save(new StrikeOut(
                    request.requestId(), id, sequence, request.struckOut(), request.reason(), who.name()));
            changed(stop.seriesId());
        }
    }
}
