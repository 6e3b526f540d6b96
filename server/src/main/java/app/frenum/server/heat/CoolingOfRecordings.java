package app.frenum.server.heat;

import app.frenum.core.heat.CoolDowns;
import app.frenum.server.analysis.StopService;
import app.frenum.server.analysis.StopView;
import app.frenum.server.plan.LearntCooling;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A vehicle's cooling from the newest of its recordings that have a cool-down long enough to be fitted. */
@Component
class CoolingOfRecordings implements LearntCooling {
    private static final int NEWEST_SERIES = 4;

    private final TestService tests;
    private final StopService stops;
    private final DiscTraces traces;

    CoolingOfRecordings(TestService tests, StopService stops, DiscTraces traces) {
        this.tests = tests;
        this.stops = stops;
        this.traces = traces;
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Learnt> of(UUID vehicleId) {
        Map<UUID, TestDefinition> own = tests.tests().stream()
                .filter(t -> t.vehicleId().equals(vehicleId))
                .collect(Collectors.toMap(TestDefinition::id, Function.identity()));
        List<SeriesView> series = tests.allSeries().stream()
                .filter(s -> own.containsKey(s.testId()))
                .toList();
        List<CoolDowns.CoolDown> downs = new ArrayList<>();
        series.stream().skip(Math.max(0, series.size() - NEWEST_SERIES)).forEach(s -> {
            List<StopView> driven = stops.stopsOf(List.of(s.id()), own.get(s.testId()));
            traces.read(s, driven, new ArrayList<>(), downs);
        });
        double[] rolling = taus(downs, d -> !d.stood());
        double[] standing = taus(downs, CoolDowns.CoolDown::stood);
        return median(rolling).map(tau -> new Learnt(tau, rolling.length, median(standing)));
    }

    private static double[] taus(List<CoolDowns.CoolDown> downs, Predicate<CoolDowns.CoolDown> which) {
        return downs.stream()
                .filter(d -> d.wheel().isFront() && d.fit().tauS().isKnown())
                .filter(which)
                .mapToDouble(d -> d.fit().tauS().value())
                .sorted()
                .toArray();
    }

    private static Optional<Double> median(double[] sorted) {
        return sorted.length == 0 ? Optional.empty() : Optional.of(sorted[sorted.length / 2]);
    }
}
