package app.frenum.server.plan;

import app.frenum.core.compare.Guess;
import app.frenum.core.people.Who;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was expected of a test before its first stop.
 *
 * @param expectation in words; empty where the figure says it all
 * @param guess as a figure; null where only words were written down
 * @param candidateId of which configuration; null for the first beside the baseline
 */
public record Expectation(
        String expectation, @Nullable Guess guess, @Nullable UUID candidateId, Who by, Instant sealedAt) {}
