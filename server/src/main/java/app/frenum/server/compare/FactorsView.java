package app.frenum.server.compare;

import app.frenum.core.finding.Finding;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What each factor did over everything that was driven like a test.
 *
 * @param series how many were taken, in how many tests
 * @param between two configurations of which one run in between would tell what cannot be told apart; null where none would
 */
record FactorsView(
        int series,
        int tests,
        List<Finding> sentences,
        @Nullable Between between) {
    /**
     * All of the first, and of the other only what belongs to the factor.
     *
     * @param vehicleId of the first
     */
    record Between(UUID vehicleId, UUID first, UUID other, String factor) {}
}
