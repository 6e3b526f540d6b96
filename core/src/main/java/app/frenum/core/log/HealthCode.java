package app.frenum.core.log;

/** What can be wrong with a log. The names are part of the open formats: add to them, rename none. */
public enum HealthCode {
    GAP,
    DUPLICATE_ROWS,
    TIME_REPEATS,
    STUCK,
    SATURATED,
    OPEN_THERMOCOUPLE,
    PRESSURE_OFFSET,
    ACCELEROMETER_OFFSET,
    SPEED_DISAGREES,
    JITTER,
    MISSING_CELLS,
    TRUNCATED_LAST_ROW,
    RAGGED_ROW,
    COLUMN_TWICE,
    NEGATIVE_SPEED,
    IMPLAUSIBLE_VALUE,
    SPEED_LATE,
    CHANNEL_LATE,
    CLOCK_JUMP,
    PRESSURE_DRIFT,
    SENSOR_DROPOUT,
    SPEED_BY_PLACES,
    DAMAGED_SENTENCES,
    NO_FIX
}
