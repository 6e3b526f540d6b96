package app.frenum.core.finding;

import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Unit;
import java.util.Arrays;
import java.util.Optional;

/** Of what an amount is, and the unit in which each reader thinks of it. */
public enum AmountKind {
    SPEED(Unit.KILOMETRES_PER_HOUR, Unit.MILES_PER_HOUR, true),
    DISTANCE(Unit.METRES, Unit.FEET, true),
    /** What is told in millimetres. */
    THICKNESS(Unit.MILLIMETRES, Unit.INCHES, true),
    DECELERATION(Unit.METRES_PER_SECOND_SQUARED, Unit.FEET_PER_SECOND_SQUARED, true),
    PRESSURE(Unit.BAR, Unit.POUNDS_PER_SQUARE_INCH, true),
    TEMPERATURE(Unit.CELSIUS, Unit.FAHRENHEIT, true),
    /** How far apart two temperatures are: no offset. */
    TEMPERATURE_DIFFERENCE(Unit.CELSIUS, Unit.FAHRENHEIT, false),
    TIME(Unit.SECONDS, Unit.SECONDS, true),
    MINUTES(Unit.MINUTES, Unit.MINUTES, true),
    MASS(Unit.KILOGRAMS, Unit.POUNDS, true),
    SHARE(Unit.PERCENT, Unit.PERCENT, true),
    /** A plain number. */
    TIMES(Unit.ONE, Unit.ONE, true);

    private final Unit metric;
    private final Unit imperial;
    private final boolean offset;

    AmountKind(Unit metric, Unit imperial, boolean offset) {
        this.metric = metric;
        this.imperial = imperial;
        this.offset = offset;
    }

    /** The kind in which people think of a dimension, if there is one. */
    static Optional<AmountKind> of(Dimension dimension) {
        return Arrays.stream(values())
                .filter(kind -> kind.metric.dimension() == dimension)
                .findFirst();
    }

    public Unit unit(UnitSystem system) {
        return system == UnitSystem.METRIC ? metric : imperial;
    }

    /** An amount in the reader's unit. */
    public double shown(double inside, UnitSystem system) {
        Unit unit = unit(system);
        return offset ? unit.fromInside(inside) : span(inside, unit);
    }

    /** A step in the reader's unit, which has no offset. */
    public double shownStep(double step, UnitSystem system) {
        return span(step, unit(system));
    }

    private static double span(double inside, Unit unit) {
        return unit.fromInside(inside) - unit.fromInside(0);
    }
}
