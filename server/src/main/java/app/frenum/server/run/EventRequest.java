package app.frenum.server.run;

import app.frenum.core.procedure.run.Happening;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/**
 * Something that happened, as a device sends it.
 *
 * @param id made by the device; sent again it changes nothing
 * @param atS when, in seconds since 1970 on Frenum's clock
 */
public record EventRequest(
        @NotNull UUID id, double atS, @NotNull Happening what) {}
