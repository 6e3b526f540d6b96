package app.frenum.server.plan;

import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.plan.RunOrder;
import app.frenum.core.procedure.Crew;
import app.frenum.core.quantity.Quantity;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How a test is to be driven.
 *
 * @param configurationIds the baseline first; one alone is compared with nothing
 * @param laneId null while none is chosen
 * @param margin smallest difference worth having
 * @param slot booked time
 * @param expectedStop as the person expects it, if they do
 * @param limit highest disc temperature they allow
 * @param beddedBefore whether bedding in is done before the day
 * @param crew who does what; sent without, nobody is named
 */
public record PlanRequest(
        @NotNull UUID vehicleId,
        @NotNull VehicleSpec.Load load,
        @NotNull @Size(min = 1, max = 26) List<@NotNull UUID> configurationIds,
        @NotNull UUID procedureId,
        @Nullable UUID laneId,
        @NotNull Quantity speed,
        @NotNull Quantity margin,
        @Min(1) @Max(500) int stopsEach,
        @NotNull RunOrder order,
        long seed,
        @NotNull Quantity slot,
        @NotNull Quantity ambient,
        @NotNull Quantity fitting,
        @NotNull Quantity turnRound,
        @NotNull Optional<Quantity> expectedStop,
        @NotNull Optional<Quantity> limit,
        boolean beddedBefore,
        Crew crew) {
    public PlanRequest {
        crew = crew == null ? Crew.NOBODY : crew;
    }
}
