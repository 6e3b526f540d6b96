package app.frenum.server.garage;

import app.frenum.core.garage.ConfigurationSpec;
import app.frenum.core.garage.FittingCheck;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A brake configuration as it is shown and entered.
 *
 * @param changed what differs from the vehicle as it first came, such as "pads", "fluid", where no parts are entered
 * @param edition 1 for the first of its name; a change to one that was driven makes the next
 * @param replacesId the edition before, or null
 * @param spec part by part; sent without, as the vehicle came
 * @param fitting who ticked which fitting check
 * @param driven whether a stop hangs on it, so that it can no longer change
 * @param version the one that was shown, for a change
 */
public record ConfigurationView(
        @NotNull UUID id,
        @NotNull UUID vehicleId,
        @NotBlank @Size(max = 200) String name,
        @NotNull @Size(max = 50) List<@NotBlank @Size(max = 100) String> changed,
        int edition,
        @Nullable UUID replacesId,
        ConfigurationSpec spec,
        Map<FittingCheck, @NotBlank @Size(max = 100) String> fitting,
        boolean driven,
        int version) {
    public ConfigurationView {
        edition = Math.max(1, edition);
        spec = spec == null ? ConfigurationSpec.AS_IT_CAME : spec;
        fitting = fitting == null ? Map.of() : Map.copyOf(fitting);
    }

    /** Its name, with the edition where there was one before. */
    public String label() {
        return edition > 1 ? name + ", edition " + edition : name;
    }

    /** One of which only its name, and in words what changed, is known. */
    public static ConfigurationView named(UUID id, UUID vehicleId, String name, List<String> changed) {
        return new ConfigurationView(
                id, vehicleId, name, changed, 1, null, ConfigurationSpec.AS_IT_CAME, Map.of(), false, 0);
    }
}
