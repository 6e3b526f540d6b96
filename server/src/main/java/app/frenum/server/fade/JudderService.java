package app.frenum.server.fade;

import app.frenum.core.fade.Judder;
import app.frenum.core.fade.JudderGrowth;
import app.frenum.core.finding.Finding;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.log.Log;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.StopByLogger;
import app.frenum.server.analysis.DrivenTest;
import app.frenum.server.analysis.Letters;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.recording.LetGo;
import app.frenum.server.recording.RecordingService;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks through the logged stops of a test for judder. It reads their samples, and so stands beside the fade itself. */
@Service
@Transactional(readOnly = true)
class JudderService {
    private final StopReader stops;
    private final GarageService garage;
    private final RecordingService recordings;

    JudderService(StopReader stops, GarageService garage, RecordingService recordings) {
        this.stops = stops;
        this.garage = garage;
        this.recordings = recordings;
    }

    JudderView judder(UUID testId) {
        DrivenTest driven = stops.driven(testId);
        LetGo letGo = recordings.letGoOf(driven.stops());
        @Nullable Finding said = letGo.said(driven.stops()).orElse(null);
        Figure radius = garage.vehicle(driven.test().vehicleId()).spec().figure(VehicleField.TYRE_RADIUS);
        if (!radius.isKnown()) {
            return new JudderView(radius, List.of(), said);
        }
        Map<UUID, Log> logs = new HashMap<>();
        return new JudderView(
                radius,
                IntStream.range(0, driven.configurations().size())
                        .mapToObj(i -> side(i, driven, letGo, logs, radius.value()))
                        .toList(),
                said);
    }

    private JudderView.JudderSide side(int index, DrivenTest driven, LetGo letGo, Map<UUID, Log> logs, double radiusM) {
        ConfigurationView configuration = driven.configurations().get(index);
        List<DrivenStop> kept = driven.counted(configuration).stream()
                .filter(s -> !letGo.isOf(s))
                .toList();
        List<JudderView.JudderStop> read = stops(kept, logs, radiusM);
        List<JudderGrowth> growing =
                JudderGrowth.of(read.stream().map(JudderView.JudderStop::judder).toList());
        return new JudderView.JudderSide(
                configuration.id(),
                read,
                growing.stream().map(g -> g.finding(Letters.of(index))).toList());
    }

    private List<JudderView.JudderStop> stops(List<DrivenStop> counted, Map<UUID, Log> logs, double radiusM) {
        return counted.stream()
                .filter(StopByLogger.class::isInstance)
                .map(s -> stop((StopByLogger) s, logs, radiusM))
                .toList();
    }

    private JudderView.JudderStop stop(StopByLogger s, Map<UUID, Log> logs, double radiusM) {
        Log log =
                logs.computeIfAbsent(s.recordingId(), id -> recordings.open(id).log());
        return new JudderView.JudderStop(
                s.driven().number(),
                Judder.of(log, s.measured().onsetS(), s.measured().endS(), radiusM));
    }
}
