package app.frenum.server.analysis;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Edges that a person sets. Both null puts the automatic ones back.
 *
 * @param requestId made by whoever asks, so that a repeated request changes nothing
 * @param onsetS s from the first row of the log, or null for the automatic onset
 * @param endS s from the first row of the log, or null for the automatic end
 */
public record Edges(
        @NotNull UUID requestId,
        @PositiveOrZero @Nullable Double onsetS,
        @PositiveOrZero @Nullable Double endS,
        @NotNull @Size(max = 500) String why) {}
