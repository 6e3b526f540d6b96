package app.frenum.server.garage;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;

/**
 * A brake configuration as it is shown and entered.
 *
 * @param changed what differs from the vehicle as it first came, such as "pads", "fluid"
 */
public record ConfigurationView(
        @NotNull UUID id,
        @NotNull UUID vehicleId,
        @NotBlank @Size(max = 200) String name,
        @NotNull @Size(max = 50) List<@NotBlank @Size(max = 100) String> changed) {}
