package app.frenum.server.plan;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;

/** Under what a series was driven; null where nobody wrote it down. */
public record Conditions(
        @Size(max = 40) String drivenOn,
        @Size(max = 100) String driver,
        @Size(max = 100) String load,
        @Size(max = 40) String surface,
        @Size(max = 40) String direction,
        @DecimalMin("-60") @DecimalMax("60") Double ambientC,
        @DecimalMin("0.1") @DecimalMax("15") Double tyrePressureFrontBar) {
    public static final Conditions UNKNOWN = new Conditions(null, null, null, null, null, null, null);
}
