package app.frenum.server.garage;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/**
 * A vehicle as it is shown and entered. What is unknown is null.
 *
 * @param massKg as driven
 * @param lengthM over all, for car lengths
 */
public record VehicleView(
        @NotNull UUID id,
        @NotBlank @Size(max = 200) String name,
        @NotNull @Size(max = 2000) String description,
        @Positive Double massKg,
        @Positive Double lengthM,
        @Positive Double widthM) {}
