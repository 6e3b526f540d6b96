package app.frenum.core.stop;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What a flag says of its stop. */
public enum FlagFinding implements FindingCode {
    ENTRY_OFF_NOMINAL(FlagCode.ENTRY_SPEED_OUT, "entry", "tolerance", "nominal"),
    ENTRY_TOO_FAR(FlagCode.ENTRY_SPEED_OUT),
    ENTRY_OFF_PHASE(FlagCode.ENTRY_SPEED_OUT, "entry", "tolerance", "asked"),
    COLDER_THAN_GATE(FlagCode.START_TEMPERATURE_OUT, "disc", "gate"),
    HOTTER_THAN_GATE(FlagCode.START_TEMPERATURE_OUT, "disc", "gate"),
    TOO_SOON(FlagCode.INTERVAL_OUT, "interval", "asked"),
    TOO_LATE(FlagCode.INTERVAL_OUT, "interval", "asked"),
    ROLLED_TOO_LITTLE(FlagCode.INTERVAL_OUT, "rolled", "asked"),
    ROLLED_TOO_FAR(FlagCode.INTERVAL_OUT, "rolled", "asked"),
    ROLLED_NOT_READ(FlagCode.INTERVAL_NOT_READ),
    WHEELS_LOCKED(FlagCode.WHEEL_LOCK, "wheels"),
    LOCK_SEEN(FlagCode.WHEEL_LOCK),
    LOCK_FORBIDDEN(FlagCode.WHEEL_LOCK),
    FASTEST_WHEEL_SLIPPED(FlagCode.WHEEL_SPEED_SLIP),
    PRESSURE_FELL(FlagCode.DRIVER_LIFTED),
    SWITCH_NOT_LOOKED_AT(FlagCode.STATE_NOT_LOOKED_AT, "what"),
    SWITCH_WRONG(FlagCode.WRONG_STATE, "what", "found", "asked"),
    HOLE(FlagCode.GAP_IN_STOP, "hole"),
    SPEED_HELD(FlagCode.GAP_IN_STOP),
    SPEED_TOO_SLOW(FlagCode.GAP_IN_STOP, "period"),
    DISTANCES_DIFFER(FlagCode.SENSOR_SUSPECT, "difference"),
    TYRES_SET_IT(FlagCode.GRIP_LIMITED, "share"),
    SHORT_RELEASES(FlagCode.MODULATED, "n"),
    RELEASED_BEFORE_REST(FlagCode.SNUB_WINDOW, "speed"),
    BELOW_THE_WINDOW(FlagCode.BELOW_NOMINAL, "entry", "margin", "nominal"),
    NO_FRONT_PRESSURE(FlagCode.NO_PRESSURE),
    NOT_CORRECTED(FlagCode.NO_NOMINAL),
    NO_FRONT_DISC_READ(FlagCode.NO_START_TEMPERATURE),
    ENTRY_NOT_READ(FlagCode.NO_ENTRY_SPEED),
    NOTHING_BEFORE_ONSET(FlagCode.NO_COASTING_LEVEL),
    NO_PLATEAU(FlagCode.NOT_COMPUTED),
    BRIDGED(FlagCode.REFERENCE_BRIDGED),
    WHEELS_LOST(FlagCode.REFERENCE_LOST),
    CLOCK_JUMPED(FlagCode.CLOCK_JUMP),
    LATENCY_NOT_KNOWN(FlagCode.SPEED_LATE_UNKNOWN, "why"),
    MORE_THAN_TYRES_GIVE(FlagCode.IMPLAUSIBLE_STOP, "g"),
    SLOWED_MORE_THAN_TYRES_CAN(FlagCode.IMPLAUSIBLE_STOP),
    DISC_DROPPED_OUT(FlagCode.SENSOR_DROPOUT, "disc"),
    SENSOR_NOT_BELIEVED(FlagCode.SENSOR_SUSPECT, "channel", "finding"),
    DISC_STUCK(FlagCode.SENSOR_SUSPECT, "disc"),
    NOBODY_STARTED_IT(FlagCode.NOT_STARTED);

    private final FlagCode code;
    private final List<String> parameters;

    FlagFinding(FlagCode code, String... parameters) {
        this.code = code;
        this.parameters = List.of(parameters);
    }

    /** The rule that speaks. */
    FlagCode code() {
        return code;
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
