package app.frenum.server.heat;

import app.frenum.core.finding.Finding;
import app.frenum.core.heat.CoolDowns;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.StopByLogger;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.recording.LetGo;
import app.frenum.server.recording.RecordingService;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
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
    private final Cache<Key, Read> remembered =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    DiscTraces(RecordingService recordings) {
        this.recordings = recordings;
    }

    /** The same stops of a recording of the same length, in the same air, are read once; the last cool-down grows live. */
    private record Key(
            UUID recording,
            int rows,
            int block,
            List<HeatView.MarkView> marks,
            @Nullable Double ambientC) {}

    private record Read(HeatView.TraceView trace, List<CoolDowns.CoolDown> coolDowns) {}

    /** That some of these stops have no samples any more; empty where all have theirs. */
    Optional<Finding> letGo(List<DrivenStop> stops) {
        return recordings.letGoOf(stops).said(stops);
    }

    /** Reads the recordings of one series that still have their samples, in order. */
    void read(
            SeriesView series,
            List<DrivenStop> stops,
            List<HeatView.TraceView> traces,
            List<CoolDowns.CoolDown> downs) {
        LetGo letGo = recordings.letGoOf(stops);
        Map<UUID, List<StopByLogger>> byRecording = stops.stream()
                .filter(s -> !letGo.isOf(s))
                .filter(StopByLogger.class::isInstance)
                .map(StopByLogger.class::cast)
                .collect(Collectors.groupingBy(StopByLogger::recordingId, LinkedHashMap::new, Collectors.toList()));
        byRecording.forEach((id, own) -> {
            Key key = new Key(
                    id,
                    recordings.rows(id),
                    series.block(),
                    marks(own),
                    series.conditions().ambientC());
            Read read = remembered.get(key, this::read);
            if (!read.trace().discs().isEmpty()) {
                traces.add(read.trace());
                downs.addAll(read.coolDowns());
            }
        });
    }

    private static List<HeatView.MarkView> marks(List<StopByLogger> stops) {
        return stops.stream()
                .map(s -> new HeatView.MarkView(
                        s.driven().id(),
                        s.driven().number(),
                        !s.isStop(),
                        s.measured().onsetS(),
                        s.measured().endS()))
                .toList();
    }

    private Read read(Key key) {
        List<HeatView.MarkView> marks = key.marks();
        Log log = recordings.open(key.recording()).log();
        double from = Math.max(0, marks.get(0).fromS() - BESIDE_S);
        double to = Math.min(log.durationS(), marks.get(marks.size() - 1).toS() + BESIDE_S);
        double step = (to - from) / POINTS;
        List<Double> t = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            t.add(Math.round((from + i * step) * 100) / 100.0);
        }
        Map<WheelPosition, List<Double>> discs = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            Signal signal = log.signal(Role.discTemperature(w), from, to);
            if (!signal.isEmpty()) {
                double bridge = signal.longestBridge();
                discs.put(w, t.stream().map(x -> at(signal, x, bridge)).toList());
            }
        }
        HeatView.TraceView trace = new HeatView.TraceView(key.recording(), key.block(), t, discs, marks);
        return new Read(trace, discs.isEmpty() ? List.of() : coolDowns(log, key));
    }

    private static @Nullable Double at(Signal signal, double t, double bridge) {
        int i = signal.indexAtOrBefore(t);
        boolean near = i >= 0 && t - signal.t()[i] < bridge;
        return near ? Math.round(signal.at(t) * 10) / 10.0 : null;
    }

    private static List<CoolDowns.CoolDown> coolDowns(Log log, Key key) {
        List<CoolDowns.Stretch> between = new ArrayList<>();
        for (int i = 0; i < key.marks().size(); i++) {
            double from = key.marks().get(i).toS();
            double next = i + 1 < key.marks().size() ? key.marks().get(i + 1).fromS() - RUN_UP_S : log.durationS();
            between.add(new CoolDowns.Stretch(from, Math.min(next, from + LONGEST_S)));
        }
        OptionalDouble ambient = key.ambientC() == null ? OptionalDouble.empty() : OptionalDouble.of(key.ambientC());
        return CoolDowns.of(log, between, ambient);
    }
}
