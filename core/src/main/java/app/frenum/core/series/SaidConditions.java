package app.frenum.core.series;

import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.quantity.Quantity;
import java.util.Objects;
import java.util.Optional;

/**
 * Under what a stop was driven, in the words and units of whoever said so.
 *
 * @param date ISO where it can be
 * @param tyreTemperature of the tread before the stop
 */
public record SaidConditions(
        Optional<String> date,
        Optional<String> driver,
        Optional<String> direction,
        Optional<String> load,
        Optional<String> surface,
        Optional<Quantity> ambient,
        Optional<Quantity> tyrePressureFront,
        Optional<Quantity> tyrePressureRear,
        Optional<TyreState> tyres,
        Optional<Quantity> tyreTemperature) {
    public SaidConditions {
        // Entries kept before anybody was asked have neither.
        tyres = Objects.requireNonNullElse(tyres, Optional.empty());
        tyreTemperature = Objects.requireNonNullElse(tyreTemperature, Optional.empty());
    }
}
