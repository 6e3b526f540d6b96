package app.frenum.server.analysis;

import app.frenum.server.garage.DrivenConfigurations;
import app.frenum.server.plan.DrivenTests;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A configuration or a test was driven when a stop is in one of its series. */
@Component
class DrivenBySeries implements DrivenConfigurations, DrivenTests {
    private final StopRepository stops;

    DrivenBySeries(StopRepository stops) {
        this.stops = stops;
    }

    @Override
    public Set<UUID> driven() {
        return stops.drivenConfigurations();
    }

    @Override
    public boolean hasStops(UUID testId) {
        return stops.inTest(testId);
    }
}
