package app.frenum.server.disc;

import app.frenum.core.heat.Ladder;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** A ladder as it is shown and entered. */
public record LadderView(@NotNull UUID id, @NotNull Ladder ladder) {}
