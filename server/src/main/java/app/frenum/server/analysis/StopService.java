package app.frenum.server.analysis;

import app.frenum.core.log.Calibration;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.people.Who;
import app.frenum.core.procedure.run.LoggedStop;
import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.HandEntry;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopKind;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.Raced;
import app.frenum.server.document.Documents;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps stops, and whether they count. What was measured is never changed, only added to. */
@Service
@Raced
@Transactional
public class StopService {
    /** Figures nearer to each other than this share were measured alike. */
    private static final double ALIKE = 0.01;

    private final StopRepository stops;
    private final MeasurementRepository measurements;
    private final StrikeOutRepository strikeOuts;
    private final TestService tests;
    private final Documents documents;
    private final ApplicationEventPublisher events;

    StopService(
            StopRepository stops,
            MeasurementRepository measurements,
            StrikeOutRepository strikeOuts,
            TestService tests,
            Documents documents,
            ApplicationEventPublisher events) {
        this.stops = stops;
        this.measurements = measurements;
        this.strikeOuts = strikeOuts;
        this.tests = tests;
        this.documents = documents;
        this.events = events;
    }

    /** Adds stops of a recording to a series, in order. */
    public void addLogged(UUID seriesId, UUID recordingId, Calibration calibration, List<MeasuredStop> measured) {
        int number = highestNumber(seriesId);
        int position = nextPosition(seriesId);
        for (MeasuredStop m : measured) {
            Stop stop = stops.save(
                    new Stop(UUID.randomUUID(), seriesId, m.kind(), ++number, position++, recordingId, null));
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
        stops.save(new Stop(
                id, seriesId, StopKind.STOP, number, nextPosition(seriesId), null, documents.write(row.entry())));
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
     * Records a stop or snub of a run as it stands there: added where it is not kept yet, and brought up to what was decided
     * and seen of it since where it is. Said again, it changes nothing.
     *
     * @param excluded why it does not count; empty when it does
     */
    public void record(RunStop driven, UUID seriesId, Beside beside, Optional<String> excluded, Who who) {
        Stop stop = stops.findById(driven.id()).orElse(null);
        boolean added = stop == null;
        if (stop == null) {
            stop = stops.save(stopOf(driven, seriesId));
            driven.logged().ifPresent(l -> keep(driven.id(), l.measured(), l.calibration()));
        }
        stop.beside(beside);
        if (!added) {
            driven.logged().ifPresent(l -> laterPeaks(driven.id(), l.measured()));
        }
        exclude(driven.id(), excluded, who);
        changed(stop.seriesId());
    }

    private Stop stopOf(RunStop driven, UUID seriesId) {
        Integer highest = stops.highestNumber(seriesId, driven.kind());
        return new Stop(
                driven.id(),
                seriesId,
                driven.kind(),
                highest == null ? 1 : highest + 1,
                nextPosition(seriesId),
                driven.logged().map(LoggedStop::recordingId).orElse(null),
                driven.logged().isPresent()
                        ? null
                        : documents.write(driven.entered().orElseThrow()));
    }

    /** What was measured first stays; discs that got hotter since are kept beside it. */
    private void laterPeaks(UUID id, MeasuredStop now) {
        Map<WheelPosition, Double> before = automatic(id).peakTemperatures();
        boolean hotter = now.peakTemperatures().entrySet().stream()
                .anyMatch(e -> e.getValue() > before.getOrDefault(e.getKey(), Double.NEGATIVE_INFINITY));
        if (hotter) {
            stops.findById(id).orElseThrow().peaked(documents.write(new Peaks(now.peakTemperatures())));
        }
    }

    private MeasuredStop automatic(UUID id) {
        return documents.read(
                Measurement.automaticOf(measurements.findByStopIdInOrderBySequence(List.of(id)))
                        .figures(),
                MeasuredStop.class);
    }

    /**
     * Puts figures right that were stored otherwise than the run assessed them. Those that were stored stay beside them; where a
     * person has moved an edge since, theirs stand.
     */
    public void restore(UUID id, LoggedStop assessed, Who who) {
        List<Measurement> all = measurements.findByStopIdInOrderBySequence(List.of(id));
        boolean moved = all.stream().anyMatch(Measurement::isByHand);
        if (!moved && isAnother(automatic(id), assessed.measured())) {
            measurements.save(Measurement.restored(
                    id,
                    all.size(),
                    who,
                    "an earlier version stored other figures than the run had assessed; these are the run's",
                    documents.write(assessed.measured()),
                    documents.write(assessed.calibration())));
            changed(stops.findById(id).orElseThrow().seriesId());
        }
    }

    private static boolean isAnother(MeasuredStop stored, MeasuredStop assessed) {
        return stored.kind() != assessed.kind()
                || differs(stored.entrySpeed(), assessed.entrySpeed())
                || differs(stored.distance(), assessed.distance());
    }

    private static boolean differs(Figure stored, Figure assessed) {
        return assessed.isKnown()
                && !(stored.isKnown() && Math.abs(stored.value() - assessed.value()) <= ALIKE * assessed.value());
    }

    /** Places the stops of a run in the order in which they were driven; what else is in their series comes after. */
    public void inOrder(List<UUID> driven) {
        Map<UUID, List<Stop>> bySeries =
                stops.findAllById(driven).stream().collect(Collectors.groupingBy(Stop::seriesId));
        for (UUID series : bySeries.keySet()) {
            List<Stop> all = new ArrayList<>(stops.findBySeriesIdInOrderByPosition(List.of(series)));
            // Stable: those that the run did not drive keep their order, behind it.
            all.sort(Comparator.comparingInt(s -> driven.contains(s.id()) ? driven.indexOf(s.id()) : driven.size()));
            for (int i = 0; i < all.size(); i++) {
                all.get(i).place(i + 1);
            }
        }
    }

    /** Takes a stop out, or brings it back, where it does not stand so already. */
    private void exclude(UUID id, Optional<String> why, Who who) {
        List<StrikeOut> decided = strikeOuts.findByStopIdInOrderBySequence(List.of(id));
        boolean isOut =
                !decided.isEmpty() && decided.get(decided.size() - 1).decision().struckOut();
        boolean byTheRun = decided.stream().allMatch(d -> d.isOfRun());
        if (isOut != why.isPresent() && byTheRun) {
            strikeOuts.save(new StrikeOut(
                    StrikeOut.ofRun(id, decided.size()),
                    id,
                    decided.size(),
                    why.isPresent(),
                    why.orElse("counted at the trackside"),
                    who.name()));
        }
    }

    /**
     * A stop or snub of a run.
     *
     * @param id made by the device that it was entered on, or by its logger
     * @param logged as the run assessed it; empty where no logger saw it
     * @param entered as people gave it; empty where a logger measured it
     */
    public record RunStop(UUID id, StopKind kind, Optional<LoggedStop> logged, Optional<HandEntry> entered) {}

    /** Disc peaks by wheel, °C. */
    record Peaks(Map<WheelPosition, Double> celsius) {}

    /**
     * What is known of a stop of a run beside its trace or its row.
     *
     * @param phase of the procedure it was driven in
     * @param cycle repeat of the procedure's cycle, from 1; null outside one
     * @param load of the vehicle in that phase
     * @param surface of that phase; null where it is the lane's own
     * @param pedalFeel of a logged stop, as the driver called it; null when nobody asked
     * @param tyres of a logged stop, before it; null when nobody said
     * @param lateS how long after rest its discs were read by hand, s; null when they were not
     * @param nominalMps the speed that its phase begins at, m/s
     */
    public record Beside(
            String phase,
            @Nullable Integer cycle,
            String load,
            @Nullable String surface,
            @Nullable String pedalFeel,
            @Nullable TyreState tyres,
            @Nullable Double lateS,
            double nominalMps) {}

    private void keep(UUID stopId, MeasuredStop measured, Calibration calibration) {
        measurements.save(Measurement.automatic(stopId, documents.write(measured), documents.write(calibration)));
    }

    private int highestNumber(UUID seriesId) {
        Integer highest = stops.highestNumber(seriesId);
        return highest == null ? 0 : highest;
    }

    private int nextPosition(UUID seriesId) {
        Integer last = stops.lastPosition(seriesId);
        return last == null ? 1 : last + 1;
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
