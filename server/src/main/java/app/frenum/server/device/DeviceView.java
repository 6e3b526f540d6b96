package app.frenum.server.device;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A device as it is shown and added.
 *
 * @param lastSeenAt when it last said hello; null while it never did
 * @param connected whether it is there now
 * @param clockAheadS by how much its clock went ahead of Frenum's when it said hello; null while it is not there, or
 *     did not say
 */
public record DeviceView(
        @NotNull UUID id,
        @NotBlank @Size(max = 100) String name,
        @NotNull DeviceKind kind,
        @Nullable Instant lastSeenAt,
        boolean connected,
        @Nullable Double clockAheadS) {}
