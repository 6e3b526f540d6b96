package app.frenum.core.quantity;

import java.util.Locale;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A value as a person typed it, with its unit, so that it can be computed with and shown again exactly.
 *
 * @param entered the number as typed, in {@code unit}
 * @param unit the unit it was typed in
 * @param decimals how many were typed, so that "44.0" was read to a tenth; empty where that was not kept
 */
public record Quantity(double entered, Unit unit, OptionalInt decimals) {
    private static final Pattern WRITTEN =
            Pattern.compile("([+-]?(?:[0-9]+(?:[.,][0-9]+)?|[.,][0-9]+)(?:[eE][+-]?[0-9]{1,4})?)\\s*(\\S.*)?");

    public Quantity(double entered, Unit unit) {
        this(entered, unit, OptionalInt.empty());
    }

    public Quantity {
        if (!Double.isFinite(entered)) {
            throw new IllegalArgumentException("A quantity must be a finite number, not " + entered);
        }
    }

    /** The value in the inside unit of its dimension (SI, bar, °C). */
    public double inside() {
        return unit.toInside(entered);
    }

    /**
     * Reads "90 km/h" or "2,5 m".
     *
     * @throws IllegalArgumentException naming what was read and what is possible
     */
    public static Quantity parse(String text, Dimension dimension) {
        Matcher m = WRITTEN.matcher(text.strip());
        String what = dimension.name().toLowerCase(Locale.ROOT);
        if (!m.matches()) {
            throw new IllegalArgumentException("\"%s\" is not a %s: write a number and a unit, such as \"%s\""
                    .formatted(text, what, "90 " + dimension.inside().symbol()));
        }
        if (m.group(2) == null) {
            throw new IllegalArgumentException(
                    "\"%s\" has no unit: add one of %s".formatted(text, Unit.known(dimension)));
        }
        Unit unit = Unit.of(m.group(2))
                .filter(u -> u.dimension() == dimension)
                .orElseThrow(() -> new IllegalArgumentException("\"%s\" is not a unit of %s: use one of %s"
                        .formatted(m.group(2), what, Unit.known(dimension))));
        return new Quantity(Double.parseDouble(m.group(1).replace(',', '.')), unit);
    }
}
