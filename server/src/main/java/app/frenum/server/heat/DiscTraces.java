package app.frenum.server.heat;

import app.frenum.core.heat.CoolDowns;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.WheelPosition;
import app.frenum.server.analysis.StopView;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.recording.RecordingService;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** What disc sensors recorded over a series, thinned for drawing, and the cool-downs in it. */
@Component
class DiscTraces {
    private static final int POINTS = 700;
    /** What is drawn before the first stop and after the last, s. */
    private static final double BESIDE_S = 60;
    /** The run-up to the next stop is no cool-down at an even speed. */
    private static final double RUN_UP_S = 15;

    /** A cool-down is told by its first minutes; after that something else may have happened. */
    private static final double LONGEST_S = 600;

    private static final int MOST_REMEMBERED = 200;

    private final RecordingService recordings;
    private final Map<Key, Read> remembered = new ConcurrentHashMap<>();

    DiscTraces(RecordingService recordings) {
        this.recordings = recordings;
    }

    /** A series of a recording with so many stops is read once. */
    private record Key(UUID recording, UUID series, int stops, double lastEndS) {}

    private record Read(HeatView.TraceView trace, List<CoolDowns.CoolDown> coolDowns) {}

    /** Reads the recordings of one series, in order. */
    void read(
            SeriesView series, List<StopView> stops, List<HeatView.TraceView> traces, List<CoolDowns.CoolDown> downs) {
        Map<UUID, List<StopView>> byRecording = new LinkedHashMap<>();
        stops.stream()
                .filter(s -> s.measured() != null)
                .forEach(s -> byRecording
                        .computeIfAbsent(s.recordingId(), k -> new ArrayList<>())
                        .add(s));
        byRecording.forEach((id, own) -> {
            if (remembered.size() > MOST_REMEMBERED) {
                remembered.clear();
            }
            double end = own.get(own.size() - 1).measured().endS();
            Read read =
                    remembered.computeIfAbsent(new Key(id, series.id(), own.size(), end), k -> read(id, series, own));
            if (!read.trace().discs().isEmpty()) {
                traces.add(read.trace());
                downs.addAll(read.coolDowns());
            }
        });
    }

    private Read read(UUID recordingId, SeriesView series, List<StopView> stops) {
        Log log = recordings.open(recordingId).log();
        double from = Math.max(0, stops.get(0).measured().onsetS() - BESIDE_S);
        double to =
                Math.min(log.durationS(), stops.get(stops.size() - 1).measured().endS() + BESIDE_S);
        double step = (to - from) / POINTS;
        List<Double> t = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            t.add(Math.round((from + i * step) * 100) / 100.0);
        }
        Map<WheelPosition, List<Double>> discs = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            Signal signal = log.signal(Role.discTemperature(w), from, to);
            if (!signal.isEmpty()) {
                discs.put(w, t.stream().map(x -> at(signal, x)).toList());
            }
        }
        List<HeatView.MarkView> marks = stops.stream()
                .map(s -> new HeatView.MarkView(
                        s.number(), s.measured().onsetS(), s.measured().endS()))
                .toList();
        HeatView.TraceView trace = new HeatView.TraceView(recordingId, series.block(), t, discs, marks);
        return new Read(trace, discs.isEmpty() ? List.of() : coolDowns(log, series, stops));
    }

    private static Double at(Signal signal, double t) {
        int i = signal.indexAtOrBefore(t);
        boolean near = i >= 0 && t - signal.t()[i] < signal.longestBridge();
        return near ? Math.round(signal.at(t) * 10) / 10.0 : null;
    }

    private static List<CoolDowns.CoolDown> coolDowns(Log log, SeriesView series, List<StopView> stops) {
        List<CoolDowns.Stretch> between = new ArrayList<>();
        for (int i = 0; i < stops.size(); i++) {
            double from = stops.get(i).measured().endS();
            double next = i + 1 < stops.size() ? stops.get(i + 1).measured().onsetS() - RUN_UP_S : log.durationS();
            between.add(new CoolDowns.Stretch(from, Math.min(next, from + LONGEST_S)));
        }
        Double ambient = series.conditions().ambientC();
        return CoolDowns.of(log, between, ambient == null ? OptionalDouble.empty() : OptionalDouble.of(ambient));
    }
}
