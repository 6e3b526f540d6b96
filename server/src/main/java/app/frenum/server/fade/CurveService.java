package app.frenum.server.fade;

import app.frenum.core.fade.FadeReference;
import app.frenum.core.fade.PressureCurve;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.server.analysis.EdgeService;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.analysis.StopView;
import app.frenum.server.recording.LetGo;
import app.frenum.server.recording.RecordingService;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads what the stops at both ends of a series did over line pressure, off their logs. */
@Service
@Transactional(readOnly = true)
class CurveService {
    private static final int LAST = 3;
    /** Fewer stops have no two ends. */
    private static final int FEWEST = 2 * LAST;

    private final FadeService fades;
    private final StopReader stops;
    private final EdgeService edges;
    private final RecordingService recordings;

    CurveService(FadeService fades, StopReader stops, EdgeService edges, RecordingService recordings) {
        this.fades = fades;
        this.stops = stops;
        this.edges = edges;
        this.recordings = recordings;
    }

    CurvesView curves(UUID testId, FadeReference reference) {
        Map<UUID, StopView> logged = stops.stopsOf(testId).stream()
                .filter(s -> s.measured() != null)
                .collect(Collectors.toMap(StopView::id, Function.identity()));
        List<DrivenStop> driven = stops.driven(testId).stops();
        LetGo letGo = recordings.letGoOf(driven);
        Set<UUID> unread =
                driven.stream().filter(letGo::isOf).map(s -> s.driven().id()).collect(Collectors.toSet());
        FadeView first = fades.fade(testId, reference);
        return new CurvesView(
                Stream.concat(Stream.of(first), first.others().stream())
                        .map(group -> new CurvesView.LikeCurves(group.sides().stream()
                                .map(s -> side(s, logged, unread))
                                .toList()))
                        .toList(),
                letGo.said(driven).orElse(null));
    }

    private CurvesView.CurvesSide side(FadeView.FadeSide side, Map<UUID, StopView> logged, Set<UUID> unread) {
        List<UUID> ids = side.stopIds();
        List<UUID> first = side.study().reference().stream().map(ids::get).toList();
        List<UUID> last = ids.size() >= FEWEST ? ids.subList(ids.size() - LAST, ids.size()) : List.of();
        return new CurvesView.CurvesSide(
                side.configurationId(),
                new CurvesView.Ends(bite(first, logged, unread), bite(last, logged, unread)),
                new CurvesView.Ends(pedal(first, logged), pedal(last, logged)));
    }

    private PressureCurve bite(List<UUID> ids, Map<UUID, StopView> logged, Set<UUID> unread) {
        return PressureCurve.of(ids.stream()
                .filter(id -> !unread.contains(id))
                .filter(id -> measured(logged, id)
                        .filter(m -> m.frontPressureMean().isKnown())
                        .isPresent())
                .map(id -> PressureCurve.bite(edges.trace(id)))
                .toList());
    }

    private static PressureCurve pedal(List<UUID> ids, Map<UUID, StopView> logged) {
        return PressureCurve.of(ids.stream()
                .flatMap(id -> measured(logged, id).stream())
                .map(m -> PressureCurve.travel(m.pedal()))
                .toList());
    }

    private static Optional<MeasuredStop> measured(Map<UUID, StopView> logged, UUID id) {
        return Optional.ofNullable(logged.get(id)).map(StopView::measured);
    }
}
