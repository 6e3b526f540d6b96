package app.frenum.server.device;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/** A device to be paired. The id is made by whoever asks. */
record NewDevice(
        @NotNull UUID id,
        @NotBlank @Size(max = 100) String name,
        @NotNull DeviceKind kind) {
    DeviceView view() {
        return new DeviceView(id, name, kind, null, false, null);
    }
}
