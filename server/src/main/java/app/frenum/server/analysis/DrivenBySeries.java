package app.frenum.server.analysis;

import app.frenum.server.garage.DrivenConfigurations;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A configuration was driven when a stop is in one of its series. */
@Component
class DrivenBySeries implements DrivenConfigurations {
    private final StopRepository stops;

    DrivenBySeries(StopRepository stops) {
        this.stops = stops;
    }

    @Override
    public Set<UUID> driven() {
        return stops.drivenConfigurations();
    }
}
