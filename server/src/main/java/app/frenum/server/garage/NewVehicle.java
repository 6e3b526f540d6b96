package app.frenum.server.garage;

import app.frenum.core.garage.VehicleSpec;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A new vehicle, of which often only its name is known yet. The id is made by whoever asks.
 *
 * @param spec what is known of it; null: nothing
 */
public record NewVehicle(
        @NotNull UUID id,
        @NotBlank @Size(max = 200) String name,
        @NotNull @Size(max = 2000) String description,
        @Nullable VehicleSpec spec) {
    public VehicleView view() {
        return new VehicleView(id, name, description, spec == null ? VehicleSpec.unknown() : spec, 0);
    }
}
