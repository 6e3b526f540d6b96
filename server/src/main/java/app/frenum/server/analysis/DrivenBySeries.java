package app.frenum.server.analysis;

import app.frenum.server.garage.DrivenConfigurations;
import app.frenum.server.plan.DrivenTests;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.plan.TestService;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** A configuration or a test was driven when a stop is in one of its series. */
@Component
class DrivenBySeries implements DrivenConfigurations, DrivenTests {
    private final StopRepository stops;

    private final TestService tests;

    /** @param tests asked late: garage and plan ask this for what was driven */
    DrivenBySeries(StopRepository stops, @Lazy TestService tests) {
        this.stops = stops;
        this.tests = tests;
    }

    @Override
    public Set<UUID> driven() {
        Set<UUID> withStops = stops.seriesWithStops();
        return tests.allSeries().stream()
                .filter(s -> withStops.contains(s.id()))
                .map(SeriesView::configurationId)
                .collect(Collectors.toSet());
    }

    @Override
    public boolean hasStops(UUID testId) {
        return stops.existsBySeriesIdIn(
                tests.seriesOf(testId).stream().map(SeriesView::id).toList());
    }
}
