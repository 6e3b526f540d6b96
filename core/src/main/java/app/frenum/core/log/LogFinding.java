package app.frenum.core.log;

import app.frenum.core.finding.FindingCode;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What the health card of a log says. */
public enum LogFinding implements FindingCode {
    NO_ROWS(HealthCode.GAP, "time", "at"),
    ROWS_TWICE(HealthCode.DUPLICATE_ROWS, "n"),
    ROWS_AT_THE_SAME_TIME(HealthCode.TIME_REPEATS, "n"),
    ONE_VALUE(HealthCode.STUCK, "from", "to"),
    AT_ITS_END(HealthCode.SATURATED, "n", "at"),
    JUMPS(HealthCode.OPEN_THERMOCOUPLE, "from", "to", "at"),
    STANDS_THROUGHOUT(HealthCode.OPEN_THERMOCOUPLE, "value"),
    PRESSURE_WITHOUT_PEDAL(HealthCode.PRESSURE_OFFSET, "offset"),
    SLOWING_AT_REST(HealthCode.ACCELEROMETER_OFFSET, "offset"),
    DECELERATION_AGAINST_SPEED(HealthCode.SPEED_DISAGREES, "share"),
    UNEVEN_CLOCK(HealthCode.JITTER, "share", "median"),
    EMPTY_CELLS(HealthCode.MISSING_CELLS, "share"),
    LAST_ROW_CUT(HealthCode.TRUNCATED_LAST_ROW),
    ROWS_OF_ANOTHER_LENGTH(HealthCode.RAGGED_ROW, "n", "line"),
    SAME_ROLE(HealthCode.COLUMN_TWICE, "first", "second", "name", "role"),
    BACKWARDS(HealthCode.NEGATIVE_SPEED, "value", "at"),
    READS(HealthCode.IMPLAUSIBLE_VALUE, "value", "at"),
    COMES_LATE(HealthCode.SPEED_LATE, "time"),
    CHANNEL_LATE(HealthCode.CHANNEL_LATE, "time"),
    CHANNEL_EARLY(HealthCode.CHANNEL_LATE, "time"),
    CLOCK_STEPS(HealthCode.CLOCK_JUMP, "time", "at"),
    ZERO_MOVED(HealthCode.PRESSURE_DRIFT, "drift"),
    SPEED_BY_PLACES(HealthCode.SPEED_BY_PLACES),
    SENTENCES_DAMAGED(HealthCode.DAMAGED_SENTENCES, "n"),
    FIXES_WITHOUT_PLACE(HealthCode.NO_FIX, "n"),
    LEFT_OUT(HealthCode.SENSOR_DROPOUT, "n", "at"),
    /** Of whichever rule. */
    MORE_OF_THESE(null, "n");

    private final @Nullable HealthCode code;
    private final List<String> parameters;

    LogFinding(@Nullable HealthCode code, String... parameters) {
        this.code = code;
        this.parameters = List.of(parameters);
    }

    /** The rule that speaks, where it is always the same. */
    HealthCode code() {
        return Objects.requireNonNull(code, "of whichever rule");
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
