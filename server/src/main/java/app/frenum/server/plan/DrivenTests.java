package app.frenum.server.plan;

import java.util.UUID;

/** Tells whether a test has stops. Planning asks; whoever keeps the stops answers. */
public interface DrivenTests {
    boolean hasStops(UUID testId);
}
