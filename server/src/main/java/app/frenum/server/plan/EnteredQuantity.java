package app.frenum.server.plan;

import app.frenum.core.quantity.Unit;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;

/** A value as typed, with its unit. */
public record EnteredQuantity(
        @Positive double value, @NotNull Unit unit) {}
