package app.frenum.server.garage;

import app.frenum.core.garage.ConfigurationSpec;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A new configuration. The id is made by whoever asks.
 *
 * @param spec part by part; null: as the vehicle came
 */
record NewConfiguration(
        @NotNull UUID id,
        @NotNull UUID vehicleId,
        @NotBlank @Size(max = 200) String name,
        @NotNull @Size(max = 50) List<@NotBlank @Size(max = 100) String> changed,
        @Nullable ConfigurationSpec spec) {
    ConfigurationView view() {
        return new ConfigurationView(
                id,
                vehicleId,
                name,
                changed,
                1,
                null,
                spec == null ? ConfigurationSpec.AS_IT_CAME : spec,
                Map.of(),
                false,
                0);
    }
}
