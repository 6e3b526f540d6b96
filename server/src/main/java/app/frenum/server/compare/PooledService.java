package app.frenum.server.compare;

import app.frenum.core.compare.Pooled;
import app.frenum.core.compare.Verdict;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.StudentT;
import app.frenum.server.analysis.Letters;
import app.frenum.server.compare.ComparisonView.Pair;
import app.frenum.server.compare.PooledView.DayView;
import app.frenum.server.plan.Rehearsals;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import app.frenum.server.problem.Problem;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes together what several tests say of the same two configurations. */
@Service
@Transactional(readOnly = true)
class PooledService {
    private static final double SAME_SPEED = 0.005;

    private final TestService tests;
    private final ComparisonService comparisons;
    private final Rehearsals rehearsals;

    PooledService(TestService tests, ComparisonService comparisons, Rehearsals rehearsals) {
        this.tests = tests;
        this.comparisons = comparisons;
        this.rehearsals = rehearsals;
    }

    PooledView of(UUID testId, @Nullable UUID baselineId, UUID candidateId) {
        ComparisonView own = comparisons.compare(testId, baselineId, false);
        if (own.sides().isEmpty()) {
            throw Problem.invalid("candidate", "Nothing was driven in this test yet.");
        }
        UUID baseline = own.sides().get(0).configurationId();
        List<DayView> days = new ArrayList<>();
        List<Pooled.Told> told = new ArrayList<>();
        for (TestDefinition t : withBoth(baseline, candidateId)) {
            ComparisonView there = comparisons.compare(t.id(), baseline, false);
            Optional<Pair> pair = there.comparisons().stream()
                    .filter(p -> p.candidateId().equals(candidateId))
                    .findFirst();
            if (pair.isEmpty() || !isAlike(there, own)) {
                continue;
            }
            Pair p = pair.get();
            days.add(new DayView(t.id(), t.question(), t.drivenOn(), p.difference(), p.interval95(), p.verdict()));
            if (p.verdict() != Verdict.NOT_COMPARABLE && p.interval95() != null) {
                told.add(told(t.drivenOn(), there, p, p.interval95()));
            }
        }
        Pooled together = Pooled.of(Pooled.days(told));
        int at = own.sides().stream()
                .map(ComparisonView.SideView::configurationId)
                .toList()
                .indexOf(candidateId);
        return new PooledView(
                days,
                together.difference(),
                together.interval().orElse(null),
                together.sentences(Letters.of(0), Letters.of(Math.max(1, at)), own.basis()));
    }

    private static Pooled.Told told(LocalDate date, ComparisonView of, Pair p, Interval range) {
        double df = p.degreesOfFreedom().value();
        double error = (range.high() - range.low()) / 2 / StudentT.quantile(0.975, df);
        double a = of.sides().get(0).n();
        double b = of.sides().stream()
                .filter(s -> s.configurationId().equals(p.candidateId()))
                .mapToDouble(ComparisonView.SideView::n)
                .sum();
        return new Pooled.Told(date.toString(), p.difference().value(), error, df, a * b / (a + b));
    }

    private static boolean isAlike(ComparisonView there, ComparisonView own) {
        return there.basis() == own.basis() && Math.abs(there.nominalSpeed() / own.nominalSpeed() - 1) < SAME_SPEED;
    }

    /** Tests with stops of the two, rehearsals left out, the newest first. */
    private List<TestDefinition> withBoth(UUID baseline, UUID candidate) {
        Set<UUID> rehearsed = rehearsals.rehearsed();
        var driven = tests.allSeries().stream()
                .collect(Collectors.groupingBy(
                        SeriesView::testId, Collectors.mapping(SeriesView::configurationId, Collectors.toSet())));
        return tests.tests().stream()
                .filter(t -> !rehearsed.contains(t.id()))
                .filter(t -> driven.getOrDefault(t.id(), Set.of()).containsAll(Set.of(baseline, candidate)))
                .toList();
    }
}
