package app.frenum.server.trial;

import app.frenum.core.trial.TrialKind;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/**
 * A trial that is about to begin.
 *
 * @param guess what will come of it, before anybody knows; empty where nobody guessed
 */
public record TrialRequest(
        @NotNull UUID configurationId,
        @NotNull TrialKind kind,
        @NotNull @Size(max = 500) String guess) {}
