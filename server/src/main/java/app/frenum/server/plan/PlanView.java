package app.frenum.server.plan;

import app.frenum.core.procedure.SafetyGate;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A stored plan with its forecast.
 *
 * @param plan null while a test has none
 * @param forecast of that plan
 * @param expectation what was predicted before the first stop, and by whom; null while nothing was sealed
 * @param safety null until it is signed
 */
public record PlanView(
        @Nullable PlanRequest plan,
        @Nullable ForecastView forecast,
        @Nullable String expectation,
        @Nullable String expectedBy,
        @Nullable Instant sealedAt,
        @Nullable SignedGate safety) {
    static final PlanView NONE = new PlanView(null, null, null, null, null, null);

    /** The safety gate as it was signed. */
    public record SignedGate(SafetyGate gate, Instant signedAt) {}
}
