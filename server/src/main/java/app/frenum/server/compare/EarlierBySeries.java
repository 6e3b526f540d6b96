package app.frenum.server.compare;

import app.frenum.core.plan.Forecast;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.server.plan.EarlierStops;
import app.frenum.server.plan.Rehearsals;
import app.frenum.server.plan.TestDefinition;
import app.frenum.server.plan.TestService;
import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Earlier stops of a vehicle, from the comparisons of its tests at nearly the same speed. */
@Component
class EarlierBySeries implements EarlierStops {
    private static final double SAME_SPEED = 0.03;
    private static final int FEWEST = 4;

    private final TestService tests;
    private final ComparisonService comparisons;
    private final Rehearsals rehearsals;

    EarlierBySeries(TestService tests, @Lazy ComparisonService comparisons, Rehearsals rehearsals) {
        this.tests = tests;
        this.comparisons = comparisons;
        this.rehearsals = rehearsals;
    }

    @Override
    public Optional<Forecast.Earlier> of(UUID vehicleId, double speedMps) {
        Set<UUID> rehearsed = rehearsals.rehearsed();
        return tests.tests().stream()
                .filter(t -> !rehearsed.contains(t.id()))
                .filter(t -> t.vehicleId().equals(vehicleId) && isLike(t, speedMps))
                .flatMap(t -> comparisons.compare(t.id(), null, false).sides().stream())
                .filter(s -> s.n() >= FEWEST
                        && s.basis() == DistanceBasis.ONSET_TO_REST
                        && s.sd().isKnown()
                        && s.mean().isKnown())
                .max(Comparator.comparingInt(ComparisonView.SideView::n))
                .map(s -> new Forecast.Earlier(s.mean().value(), s.sd().value(), s.n()));
    }

    private static boolean isLike(TestDefinition test, double speedMps) {
        return Math.abs(test.nominalSpeed().inside() / speedMps - 1) <= SAME_SPEED;
    }
}
