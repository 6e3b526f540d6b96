package app.frenum.server.plan;

import app.frenum.core.quantity.Quantity;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A circuit's brakings and the disc that takes them.
 *
 * @param mass of the vehicle
 * @param axleShare of the brake force on the disc's axle
 * @param disc mass of one disc
 * @param cooling time constant at the speed of the circuit
 * @param laps of the race
 */
record LapHeatRequest(
        @NotNull Quantity mass,
        @NotNull Quantity axleShare,
        @NotNull Quantity disc,
        @NotNull Quantity cooling,
        @NotNull Quantity ambient,
        @Min(1) @Max(2) int wheels,
        @Min(1) @Max(2000) int laps,
        @NotNull @Size(min = 1, max = 60) List<@NotNull @Valid Braking> brakings) {
    /**
     * One braking.
     *
     * @param gap from its start to the start of the next
     */
    record Braking(
            @NotNull Quantity from,
            @NotNull Quantity to,
            @NotNull Quantity gap) {}
}
