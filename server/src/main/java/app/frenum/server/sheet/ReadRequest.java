package app.frenum.server.sheet;

import app.frenum.server.plan.EnteredQuantity;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A table to look at while it is typed.
 *
 * @param testId beside whose stops it is read; null for a test that is still to be made
 * @param nominalSpeed of that one; null while nobody said
 */
record ReadRequest(
        @Nullable UUID testId,
        @Valid @Nullable EnteredQuantity nominalSpeed,
        @Valid @NotNull TypedTable table) {}
