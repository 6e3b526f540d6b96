package app.frenum.server.plan;

import app.frenum.core.people.Who;
import app.frenum.core.procedure.SafetyGate;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A stored plan with its forecast.
 *
 * @param plan null while a test has none
 * @param forecast of that plan
 * @param expectation null while nothing was sealed
 * @param safety null until it is signed, and again once what it was signed for has changed
 * @param lapsed what was signed for something else than what is planned now; null when nothing was
 * @param version rises with every change, 0 while there is no plan; who saves on an older one is told
 */
public record PlanView(
        @Nullable PlanRequest plan,
        @Nullable ForecastView forecast,
        @Nullable Expectation expectation,
        @Nullable SignedGate safety,
        @Nullable SignedGate lapsed,
        int version) {
    static final PlanView NONE = new PlanView(null, null, null, null, null, 0);

    /** The safety gate as it was signed. */
    public record SignedGate(SafetyGate gate, Who signedBy, Instant signedAt) {}
}
