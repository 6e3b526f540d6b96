package app.frenum.server.sheet;

import app.frenum.server.garage.NewVehicle;
import app.frenum.server.plan.Conditions;
import app.frenum.server.plan.TestRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A table to be kept: all of it, or nothing.
 *
 * @param testId the test, which is made first when {@code newTest} is given
 * @param newVehicle made first when given
 * @param conditions of the series that are new
 */
record KeepRequest(
        @NotNull UUID testId,
        @Valid @Nullable NewVehicle newVehicle,
        @Valid @Nullable TestRequest newTest,
        @NotNull @Valid Conditions conditions,
        @Valid @NotNull TypedTable table) {}
