package app.frenum.server.plan;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A stored plan with its forecast.
 *
 * @param plan null while a test has none
 * @param forecast of that plan
 * @param expectation what was predicted before the first stop, and by whom; null while nothing was sealed
 */
public record PlanView(
        @Nullable PlanRequest plan,
        @Nullable ForecastView forecast,
        @Nullable String expectation,
        @Nullable String expectedBy,
        @Nullable Instant sealedAt) {}
