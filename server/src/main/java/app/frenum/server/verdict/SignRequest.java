package app.frenum.server.verdict;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Which verdict is signed.
 *
 * @param baselineId another baseline than the test's own, or null
 * @param includeStruckOut with struck-out stops counted
 * @param group of which stops of the test; null for those that it asks for first
 */
record SignRequest(
        @Nullable UUID baselineId,
        @NotNull UUID candidateId,
        boolean includeStruckOut,
        @Nullable String group) {}
