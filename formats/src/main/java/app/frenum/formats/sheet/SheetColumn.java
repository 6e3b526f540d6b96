package app.frenum.formats.sheet;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Unit;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The columns of a stop sheet, in the order they are written. */
public enum SheetColumn {
    CONFIGURATION,
    SERIES,
    STOP,
    DATE,
    BASIS,
    DIRECTION,
    DRIVER,
    LOAD,
    INSTRUMENT,
    NOMINAL_SPEED(Unit.KILOMETRES_PER_HOUR, 1, 110),
    ENTRY_SPEED(Unit.KILOMETRES_PER_HOUR, 1, 110),
    DISTANCE(Unit.METRES, 0.1, 2000),
    TIME(Unit.SECONDS, 0.1, 200),
    START_TEMPERATURE_FRONT_LEFT(Unit.CELSIUS, -60, 1400),
    START_TEMPERATURE_FRONT_RIGHT(Unit.CELSIUS, -60, 1400),
    START_TEMPERATURE_REAR_LEFT(Unit.CELSIUS, -60, 1400),
    START_TEMPERATURE_REAR_RIGHT(Unit.CELSIUS, -60, 1400),
    END_TEMPERATURE_FRONT_LEFT(Unit.CELSIUS, -60, 1400),
    END_TEMPERATURE_FRONT_RIGHT(Unit.CELSIUS, -60, 1400),
    END_TEMPERATURE_REAR_LEFT(Unit.CELSIUS, -60, 1400),
    END_TEMPERATURE_REAR_RIGHT(Unit.CELSIUS, -60, 1400),
    SECONDS_AFTER_REST(Unit.SECONDS, 0, 3600),
    READ_ON,
    PEDAL_FEEL,
    PEDAL_EFFORT,
    PHASE,
    LOCKED_FIRST,
    SURFACE,
    AMBIENT(Unit.CELSIUS, -60, 60),
    TYRE_PRESSURE_FRONT(Unit.BAR, 0.1, 15),
    TYRE_PRESSURE_REAR(Unit.BAR, 0.1, 15),
    TYRES,
    TYRE_TEMPERATURE(Unit.CELSIUS, -60, 250),
    STRUCK_OUT,
    REASON,
    NOTE;

    private final Optional<Unit> usualUnit;
    private final double lowest;
    private final double highest;

    SheetColumn() {
        usualUnit = Optional.empty();
        lowest = 0;
        highest = 0;
    }

    /** Limits are in the inside unit. */
    SheetColumn(Unit usualUnit, double lowest, double highest) {
        this.usualUnit = Optional.of(usualUnit);
        this.lowest = lowest;
        this.highest = highest;
    }

    public String title() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    public Optional<Unit> usualUnit() {
        return usualUnit;
    }

    public Optional<Dimension> dimension() {
        return usualUnit.map(Unit::dimension);
    }

    public boolean allows(double inside) {
        return inside >= lowest && inside <= highest;
    }

    /** "3.6 to 396 km/h". */
    public String allowed(Unit unit) {
        return String.format(
                Locale.ROOT, "%.4g to %.4g %s", unit.fromInside(lowest), unit.fromInside(highest), unit.symbol());
    }

    static Optional<SheetColumn> named(String title) {
        String key = title.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[\\s_]+", " ")
                .replace("tire", "tyre");
        return Arrays.stream(values()).filter(c -> c.title().equals(key)).findFirst();
    }

    public static SheetColumn startTemperature(WheelPosition wheel) {
        return valueOf("START_TEMPERATURE_" + wheel.name());
    }

    public static SheetColumn endTemperature(WheelPosition wheel) {
        return valueOf("END_TEMPERATURE_" + wheel.name());
    }
}
