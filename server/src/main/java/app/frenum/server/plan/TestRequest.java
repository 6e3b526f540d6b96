package app.frenum.server.plan;

import app.frenum.core.stop.DistanceBasis;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A new test. The id is made by whoever asks, so that a repeated request changes nothing.
 *
 * @param rehearsal whether nothing of it is to be taken for a measurement
 */
public record TestRequest(
        @NotNull UUID id,
        @NotNull UUID vehicleId,
        @NotBlank @Size(max = 500) String question,
        @NotNull @Size(max = 200) String lane,
        @DecimalMin("-0.3") @DecimalMax("0.3") @Nullable Double grade,
        @NotNull @Valid EnteredQuantity nominalSpeed,
        @NotNull DistanceBasis basis,
        @Positive double marginSize,
        boolean marginOfBaseline,
        @NotNull LocalDate drivenOn,
        boolean rehearsal) {}
