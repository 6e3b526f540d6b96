package app.frenum.server.plan;

import app.frenum.core.procedure.Procedure;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/**
 * A procedure as it is shown and entered.
 *
 * @param builtIn whether it came with Frenum, and can only be copied
 * @param version the one that was shown, for a change
 */
public record ProcedureView(@NotNull UUID id, @NotNull Procedure procedure, boolean builtIn, int version) {}
