package app.frenum.server.plan;

import app.frenum.core.plan.LaneSpec;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** A lane as it is shown and entered. */
public record LaneView(@NotNull UUID id, @NotNull LaneSpec lane, int version) {}
