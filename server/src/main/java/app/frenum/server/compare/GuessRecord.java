package app.frenum.server.compare;

import app.frenum.core.compare.AsideFinding;
import app.frenum.core.compare.Expected;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.FindingCode;
import app.frenum.core.people.Who;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.Rehearsals;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How good somebody's guesses were, over all tests of which they said what to expect. */
@Service
@Transactional(readOnly = true)
class GuessRecord {
    private final PlanService plans;
    private final ComparisonService comparisons;
    private final Rehearsals rehearsals;

    GuessRecord(PlanService plans, ComparisonService comparisons, Rehearsals rehearsals) {
        this.plans = plans;
        this.comparisons = comparisons;
        this.rehearsals = rehearsals;
    }

    Finding of(Who who) {
        Set<UUID> rehearsed = rehearsals.rehearsed();
        List<FindingCode> scored = plans.expectedBy(who).stream()
                .filter(t -> !rehearsed.contains(t))
                .flatMap(this::scored)
                .toList();
        long held = scored.stream().filter(c -> c == AsideFinding.EXPECTED_HELD).count();
        return Expected.guesses(who.name(), held, scored.size());
    }

    private Stream<FindingCode> scored(UUID testId) {
        return comparisons.compare(testId, null, false).comparisons().stream()
                .flatMap(p -> Stream.ofNullable(p.expected()))
                .map(Finding::code)
                .filter(c -> c == AsideFinding.EXPECTED_HELD || c == AsideFinding.EXPECTED_MISSED);
    }
}
