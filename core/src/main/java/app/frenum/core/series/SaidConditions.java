package app.frenum.core.series;

import app.frenum.core.quantity.Quantity;
import java.util.Optional;

/**
 * Under what a stop was driven, in the words and units of whoever said so.
 *
 * @param date ISO where it can be
 */
public record SaidConditions(
        Optional<String> date,
        Optional<String> driver,
        Optional<String> direction,
        Optional<String> load,
        Optional<String> surface,
        Optional<Quantity> ambient,
        Optional<Quantity> tyrePressureFront,
        Optional<Quantity> tyrePressureRear) {}
