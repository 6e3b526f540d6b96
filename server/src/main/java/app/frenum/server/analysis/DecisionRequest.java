package app.frenum.server.analysis;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/** Takes a stop out of the figures or brings it back, with a reason. */
public record DecisionRequest(
        @NotNull UUID requestId,
        boolean struckOut,
        @NotBlank @Size(max = 500) String reason) {}
