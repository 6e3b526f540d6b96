package app.frenum.server.trial;

import app.frenum.core.balance.RollerReading;
import app.frenum.core.people.Who;
import app.frenum.core.trial.TrialKind;
import app.frenum.core.trial.TrialResult;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A trial as it is shown.
 *
 * @param guessedAt when it was begun
 * @param result null until it was told
 * @param rollers what the forces come to; null without
 */
public record TrialView(
        UUID id,
        UUID configurationId,
        TrialKind kind,
        String guess,
        Who guessedBy,
        Instant guessedAt,
        @Nullable TrialResult result,
        @Nullable Who toldBy,
        @Nullable Instant toldAt,
        @Nullable Rollers rollers) {
    /** What forces on the rollers come to, shares from 0 to 1; efficiency in g. */
    public record Rollers(
            RollerReading.Bounded frontImbalance,
            RollerReading.Bounded rearImbalance,
            RollerReading.Bounded frontShare,
            RollerReading.Bounded efficiency) {}
}
