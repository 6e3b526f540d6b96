package app.frenum.server.analysis;

import app.frenum.core.log.Calibration;
import app.frenum.core.people.Who;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopTrace;
import app.frenum.server.Raced;
import app.frenum.server.document.Documents;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.RecordingService;
import app.frenum.server.recording.RecordingService.Opened;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where logged stops begin and end: tried, set by hand, drawn. What was measured first is never changed, only added to. */
@Service
@Raced
@Transactional
public class EdgeService {
    /** Between onset and end, s. */
    private static final double SHORTEST_S = 0.1;
    /** How far an onset may be moved, s. */
    private static final double FURTHEST_S = 5;

    private final StopRepository stops;
    private final MeasurementRepository measurements;
    private final TestService tests;
    private final RecordingService recordings;
    private final Documents documents;
    private final ApplicationEventPublisher events;

    EdgeService(
            StopRepository stops,
            MeasurementRepository measurements,
            TestService tests,
            RecordingService recordings,
            Documents documents,
            ApplicationEventPublisher events) {
        this.stops = stops;
        this.measurements = measurements;
        this.tests = tests;
        this.recordings = recordings;
        this.documents = documents;
        this.events = events;
    }

    /** What the stop would measure between other edges; nothing is kept. */
    @Transactional(readOnly = true)
    public MeasuredStop tryEdges(UUID id, @Nullable Double onsetS, @Nullable Double endS) {
        return remeasured(entity(id), onsetS, endS);
    }

    /** Keeps other edges beside the automatic ones. */
    public void moveEdges(UUID id, Who who, Edges edges) {
        Stop stop = entity(id);
        if (measurements.existsById(edges.requestId())) {
            return;
        }
        MeasuredStop measured = remeasured(stop, edges.onsetS(), edges.endS());
        List<Measurement> before = measured(stop);
        measurements.save(Measurement.moved(
                id,
                before.size(),
                edges,
                who,
                documents.write(measured),
                Measurement.automaticOf(before).calibration()));
        events.publishEvent(new StopsChanged(tests.series(stop.seriesId()).testId()));
    }

    private Stop entity(UUID id) {
        Stop stop = stops.findById(id).orElseThrow(() -> Problem.notFound("The stop"));
        if (stop.recordingId() == null) {
            throw Problem.invalid("onsetS", "The stop was measured by hand; it has no log whose edges could be moved.");
        }
        return stop;
    }

    private MeasuredStop remeasured(Stop stop, @Nullable Double onsetS, @Nullable Double endS) {
        Measurement first = Measurement.automaticOf(measured(stop));
        MeasuredStop automatic = figures(first);
        Opened opened = recordings.open(Objects.requireNonNull(stop.recordingId()));
        double onset = onsetS == null ? automatic.onsetS() : onsetS;
        double end = endS == null ? automatic.endS() : endS;
        boolean sane = onset < end - SHORTEST_S
                && end <= opened.log().durationS()
                && Math.abs(onset - automatic.onsetS()) <= FURTHEST_S;
        if (!sane) {
            throw Problem.invalid(
                    "onsetS",
                    "The onset must lie within 5 s of %.2f s and at least 0.1 s before the end, and the end within the log."
                            .formatted(automatic.onsetS()));
        }
        return LogAnalysis.measure(
                opened.log(),
                calibration(first, opened),
                opened.health(),
                StopOptions.of(stop, tests.test(tests.series(stop.seriesId()).testId())),
                automatic.brake(),
                optional(onsetS),
                optional(endS));
    }

    private List<Measurement> measured(Stop stop) {
        return measurements.findByStopIdInOrderBySequence(List.of(stop.id()));
    }

    private MeasuredStop figures(Measurement m) {
        return documents.read(m.figures(), MeasuredStop.class);
    }

    /** What the stop was measured with; the recording's own where that was not kept. */
    private Calibration calibration(Measurement first, Opened opened) {
        return first.calibration() == null
                ? opened.calibration()
                : documents.read(first.calibration(), Calibration.class);
    }

    private static OptionalDouble optional(@Nullable Double x) {
        return x == null ? OptionalDouble.empty() : OptionalDouble.of(x);
    }

    /** The curves of a stop between its current edges. */
    @Transactional(readOnly = true)
    public StopTrace trace(UUID id) {
        Stop stop = entity(id);
        List<Measurement> all = measured(stop);
        MeasuredStop current = figures(all.get(all.size() - 1));
        Opened opened = recordings.open(Objects.requireNonNull(stop.recordingId()));
        return StopTrace.of(
                opened.log(), calibration(Measurement.automaticOf(all), opened), current.onsetS(), current.endS());
    }
}
