package app.frenum.server.heat;

import app.frenum.core.heat.CoolDowns;
import app.frenum.server.analysis.DrivenTest;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.plan.LearntCooling;
import app.frenum.server.plan.Rehearsals;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A vehicle's cooling from the newest of its recordings that have a cool-down long enough to be fitted. */
@Component
class CoolingOfRecordings implements LearntCooling {
    private static final int NEWEST_SERIES = 4;

    private final TestService tests;
    private final StopReader stops;
    private final DiscTraces traces;
    private final Rehearsals rehearsals;

    CoolingOfRecordings(TestService tests, StopReader stops, DiscTraces traces, Rehearsals rehearsals) {
        this.tests = tests;
        this.stops = stops;
        this.traces = traces;
        this.rehearsals = rehearsals;
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Learnt> of(UUID vehicleId) {
        Set<UUID> rehearsed = rehearsals.rehearsed();
        Set<UUID> own = tests.tests().stream()
                .filter(t -> t.vehicleId().equals(vehicleId) && !rehearsed.contains(t.id()))
                .map(TestDefinition::id)
                .collect(Collectors.toSet());
        List<SeriesView> series =
                tests.allSeries().stream().filter(s -> own.contains(s.testId())).toList();
        List<CoolDowns.CoolDown> downs = new ArrayList<>();
        Map<UUID, DrivenTest> read = new HashMap<>();
        series.stream().skip(Math.max(0, series.size() - NEWEST_SERIES)).forEach(s -> {
            DrivenTest driven = read.computeIfAbsent(s.testId(), stops::driven);
            traces.read(s, driven.of(s), new ArrayList<>(), downs);
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
