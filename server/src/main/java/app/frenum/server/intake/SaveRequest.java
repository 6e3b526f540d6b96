package app.frenum.server.intake;

import app.frenum.server.garage.NewVehicle;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.TestRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Where an import goes: everything is stored in one go, or nothing.
 *
 * @param testId the test, which is made first when {@code newTest} is given
 * @param newVehicle made first when given
 * @param newTest made first when given
 * @param placements for a log, which stop goes to which configuration; stops not named are left out
 * @param conditions of the series that are new
 */
public record SaveRequest(
        @NotNull UUID testId,
        @Valid @Nullable NewVehicle newVehicle,
        @Valid @Nullable TestRequest newTest,
        @NotNull @Size(max = 10_000) List<@Valid Placement> placements,
        @NotNull @Valid Conditions conditions) {

    /**
     * @param stop index in the preview, from 1
     * @param configuration name; made when the vehicle has none of that name
     * @param changed what differs in it, when it is made
     */
    public record Placement(
            @Positive int stop,
            @NotBlank @Size(max = 200) String configuration,
            @NotNull List<@NotBlank @Size(max = 100) String> changed,
            @Positive int block) {}
}
