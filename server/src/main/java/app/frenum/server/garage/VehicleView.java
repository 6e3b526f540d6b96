package app.frenum.server.garage;

import app.frenum.core.garage.VehicleSpec;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/**
 * A vehicle as it is shown and entered.
 *
 * @param spec what is known of it; sent without, nothing
 * @param version the one that was shown, for a change
 */
public record VehicleView(
        @NotNull UUID id,
        @NotBlank @Size(max = 200) String name,
        @NotNull @Size(max = 2000) String description,
        VehicleSpec spec,
        int version) {
    public VehicleView {
        spec = spec == null ? VehicleSpec.unknown() : spec;
    }
}
