package app.frenum.server.run;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/** Somebody who holds a device on the day. */
public record OperatorView(
        @NotNull UUID id, @NotBlank @Size(max = 100) String name) {}
