package app.frenum.core.quantity;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A unit that people or loggers write, and the way from it to the inside unit of its dimension:
 * {@code inside = (value + offset) · factor}. Factors are the exact definitions of the international
 * yard and pound (0.3048 m, 0.45359237 kg) and g = 9.80665 m/s².
 */
public enum Unit {
    METRES_PER_SECOND(Dimension.SPEED, 1, "m/s", "mps", "ms-1", "m/sec"),
    KILOMETRES_PER_HOUR(Dimension.SPEED, 1 / 3.6, "km/h", "kph", "kmh", "kmph", "km/hr"),
    MILES_PER_HOUR(Dimension.SPEED, 0.44704, "mph", "mi/h"),
    KNOTS(Dimension.SPEED, 1852.0 / 3600, "kn", "kt", "kts", "knots"),

    METRES(Dimension.LENGTH, 1, "m", "metre", "metres", "meter", "meters"),
    MILLIMETRES(Dimension.LENGTH, 1e-3, "mm"),
    CENTIMETRES(Dimension.LENGTH, 1e-2, "cm"),
    KILOMETRES(Dimension.LENGTH, 1e3, "km"),
    FEET(Dimension.LENGTH, 0.3048, "ft", "feet", "foot"),
    INCHES(Dimension.LENGTH, 0.0254, "in", "inch", "inches"),
    YARDS(Dimension.LENGTH, 0.9144, "yd", "yards"),

    SECONDS(Dimension.TIME, 1, "s", "sec", "seconds"),
    MILLISECONDS(Dimension.TIME, 1e-3, "ms", "msec"),
    MICROSECONDS(Dimension.TIME, 1e-6, "us", "µs", "μs"),
    MINUTES(Dimension.TIME, 60, "min", "minutes"),
    HOURS(Dimension.TIME, 3600, "h", "hours"),

    METRES_PER_SECOND_SQUARED(Dimension.DECELERATION, 1, "m/s²", "m/s2", "m/s^2", "mps2", "ms-2", "m/sec2"),
    STANDARD_GRAVITY(Dimension.DECELERATION, Unit.G, "g", "gn", "gee"),
    FEET_PER_SECOND_SQUARED(Dimension.DECELERATION, 0.3048, "ft/s²", "ft/s2", "ft/s^2"),

    BAR(Dimension.PRESSURE, 1, "bar"),
    POUNDS_PER_SQUARE_INCH(Dimension.PRESSURE, 4.4482216152605 / 0.00064516 * 1e-5, "psi", "lbf/in2", "lb/in2"),
    KILOPASCALS(Dimension.PRESSURE, 1e-2, "kpa"),
    MEGAPASCALS(Dimension.PRESSURE, 10, "mpa"),
    PASCALS(Dimension.PRESSURE, 1e-5, "pa"),

    CELSIUS(Dimension.TEMPERATURE, 1, "°c", "c", "degc", "deg c", "celsius", "ºc", "℃"),
    FAHRENHEIT(Dimension.TEMPERATURE, 5.0 / 9, -32, "°f", "f", "degf", "deg f", "fahrenheit", "ºf", "℉"),
    KELVIN(Dimension.TEMPERATURE, 1, -273.15, "k", "kelvin"),

    KILOGRAMS(Dimension.MASS, 1, "kg"),
    POUNDS(Dimension.MASS, 0.45359237, "lb", "lbs"),

    NEWTONS(Dimension.FORCE, 1, "n"),
    KILONEWTONS(Dimension.FORCE, 1e3, "kilonewton"),
    POUNDS_FORCE(Dimension.FORCE, 4.4482216152605, "lbf"),

    SQUARE_METRES(Dimension.AREA, 1, "m²", "m2"),
    SQUARE_CENTIMETRES(Dimension.AREA, 1e-4, "cm²", "cm2"),
    SQUARE_MILLIMETRES(Dimension.AREA, 1e-6, "mm²", "mm2"),
    SQUARE_INCHES(Dimension.AREA, 0.00064516, "in²", "in2"),

    RADIANS(Dimension.ANGLE, 1, "rad"),
    DEGREES(Dimension.ANGLE, Math.PI / 180, "deg", "°", "degrees"),

    RADIANS_PER_SECOND(Dimension.ROTATION, 1, "rad/s"),
    REVOLUTIONS_PER_MINUTE(Dimension.ROTATION, Math.PI / 30, "rpm", "1/min"),

    ONE(Dimension.RATIO, 1, "1", "-", "bool", "0/1"),
    PERCENT(Dimension.RATIO, 1e-2, "%", "percent", "pct"),

    VOLTS(Dimension.VOLTAGE, 1, "v", "volt"),
    MILLIVOLTS(Dimension.VOLTAGE, 1e-3, "mv");

    /** Standard gravity, m/s². */
    public static final double G = 9.80665;

    private final Dimension dimension;
    private final double factor;
    private final double offset;
    private final List<String> symbols;

    Unit(Dimension dimension, double factor, String... symbols) {
        this(dimension, factor, 0, symbols);
    }

    Unit(Dimension dimension, double factor, double offset, String... symbols) {
        this.dimension = dimension;
        this.factor = factor;
        this.offset = offset;
        this.symbols = List.of(symbols);
    }

    public Dimension dimension() {
        return dimension;
    }

    /** The usual spelling, for people. */
    public String symbol() {
        return switch (this) {
            case CELSIUS -> "°C";
            case FAHRENHEIT -> "°F";
            case KELVIN -> "K";
            case KILOPASCALS -> "kPa";
            case MEGAPASCALS -> "MPa";
            case PASCALS -> "Pa";
            case NEWTONS -> "N";
            case KILONEWTONS -> "kN";
            case VOLTS -> "V";
            case MILLIVOLTS -> "mV";
            case ONE -> "";
            default -> symbols.get(0);
        };
    }

    public double toInside(double value) {
        return (value + offset) * factor;
    }

    public double fromInside(double inside) {
        return inside / factor - offset;
    }

    /** The unit written so, ignoring case and surrounding blanks or brackets; empty when nobody here knows it. */
    public static Optional<Unit> of(String written) {
        String key = written.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("^[\\[(]|[\\])]$", "")
                .strip();
        return Arrays.stream(values()).filter(u -> u.symbols.contains(key)).findFirst();
    }

    /** The spellings understood for a dimension, for error messages. */
    public static String known(Dimension dimension) {
        return Arrays.stream(values())
                .filter(u -> u.dimension == dimension)
                .map(Unit::symbol)
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining(", "));
    }

    static Unit insideOf(Dimension dimension) {
        return Arrays.stream(values())
                .filter(u -> u.dimension == dimension && u.factor == 1 && u.offset == 0)
                .findFirst()
                .orElseThrow();
    }
}
