package app.frenum.server.plan;

import app.frenum.core.procedure.run.TyreState;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Under what a series was driven; null where nobody wrote it down.
 *
 * @param ambientC air, °C
 * @param tyres cold or warm, as somebody said
 * @param tyreC read from the tread, °C
 * @param trackC surface of the lane, °C
 * @param windMps along the lane, m/s, positive against the driving direction
 * @param humidity relative, 0 to 1
 * @param begunAt when the series began
 * @param endedAt when it ended
 */
public record Conditions(
        @Size(max = 40) @Nullable String drivenOn,
        @Size(max = 100) @Nullable String driver,
        @Size(max = 100) @Nullable String load,
        @Size(max = 40) @Nullable String surface,
        @Size(max = 40) @Nullable String direction,
        @DecimalMin("-60") @DecimalMax("60") @Nullable Double ambientC,
        @DecimalMin("0.1") @DecimalMax("15") @Nullable Double tyrePressureFrontBar,
        @Nullable TyreState tyres,
        @DecimalMin("-60") @DecimalMax("250") @Nullable Double tyreC,
        @DecimalMin("-60") @DecimalMax("100") @Nullable Double trackC,
        @DecimalMin("-60") @DecimalMax("60") @Nullable Double windMps,
        @DecimalMin("0") @DecimalMax("1") @Nullable Double humidity,
        @Nullable Instant begunAt,
        @Nullable Instant endedAt) {
    public static final Conditions UNKNOWN =
            new Conditions(null, null, null, null, null, null, null, null, null, null, null, null, null, null);
}
