package app.frenum.server.garage;

import app.frenum.core.garage.VehicleSpec;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/** A vehicle of which only its name is known yet. The id is made by whoever asks. */
public record NewVehicle(
        @NotNull UUID id,
        @NotBlank @Size(max = 200) String name,
        @NotNull @Size(max = 2000) String description) {
    public VehicleView view() {
        return new VehicleView(id, name, description, VehicleSpec.unknown(), 0);
    }
}
