package app.frenum.server.disc;

import app.frenum.core.heat.AirFlow;
import app.frenum.core.people.Who;
import java.util.UUID;

/**
 * What was seen of the air, as it is shown.
 *
 * @param method in words
 * @param caveat what it does not show
 */
public record AirFlowView(UUID id, UUID configurationId, AirFlow seen, Who by, String method, String caveat) {
    static AirFlowView of(UUID id, UUID configurationId, AirFlow seen, Who by) {
        return new AirFlowView(
                id,
                configurationId,
                seen,
                by,
                seen.method().label(),
                seen.method().caveat());
    }
}
