package app.frenum.server.plan;

import app.frenum.core.compare.Guess;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What somebody expects of a test, before its first stop.
 *
 * @param expectation in words; may be empty where there is a figure
 * @param guess as a figure, which alone can be held against what comes; null for none
 * @param candidateId of which configuration; null for the first beside the baseline
 */
public record ExpectationRequest(
        @NotNull @Size(max = 300) String expectation,
        @Nullable Guess guess,
        @Nullable UUID candidateId) {}
