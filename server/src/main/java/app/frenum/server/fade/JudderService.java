package app.frenum.server.fade;

import app.frenum.core.fade.Judder;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.log.Log;
import app.frenum.core.quantity.Figure;
import app.frenum.server.analysis.StopService;
import app.frenum.server.analysis.StopView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import app.frenum.server.recording.RecordingService;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks through the logged stops of a test for judder. It reads their samples, and so stands beside the fade itself. */
@Service
@Transactional(readOnly = true)
class JudderService {
    private final TestService tests;
    private final StopService stops;
    private final GarageService garage;
    private final RecordingService recordings;

    JudderService(TestService tests, StopService stops, GarageService garage, RecordingService recordings) {
        this.tests = tests;
        this.stops = stops;
        this.garage = garage;
        this.recordings = recordings;
    }

    JudderView judder(UUID testId) {
        TestDefinition test = tests.test(testId);
        Figure radius = garage.vehicle(test.vehicleId()).spec().figure(VehicleField.TYRE_RADIUS);
        if (!radius.isKnown()) {
            return new JudderView(radius, List.of());
        }
        Map<UUID, List<JudderView.JudderStop>> byConfiguration = new LinkedHashMap<>();
        Map<UUID, Log> logs = new HashMap<>();
        for (SeriesView series : tests.seriesOf(testId)) {
            List<JudderView.JudderStop> own =
                    byConfiguration.computeIfAbsent(series.configurationId(), k -> new ArrayList<>());
            stops.stopsOf(List.of(series.id()), test).stream()
                    .filter(s -> !s.struckOut() && s.measured() != null)
                    .forEach(s -> own.add(stop(s, logs, radius.value())));
        }
        return new JudderView(
                radius,
                byConfiguration.entrySet().stream()
                        .map(e -> JudderView.JudderSide.of(e.getKey(), e.getValue()))
                        .toList());
    }

    private JudderView.JudderStop stop(StopView s, Map<UUID, Log> logs, double radiusM) {
        Log log =
                logs.computeIfAbsent(s.recordingId(), id -> recordings.open(id).log());
        return new JudderView.JudderStop(
                s.number(), Judder.of(log, s.measured().onsetS(), s.measured().endS(), radiusM));
    }
}
