package app.frenum.core.stop;

/** What is to be said about a stop. The names are part of the open formats: add to them, rename none. */
public enum FlagCode {
    ENTRY_SPEED_OUT(Validity.REPEAT),
    START_TEMPERATURE_OUT(Validity.REPEAT),
    INTERVAL_OUT(Validity.REPEAT),
    WHEEL_LOCK(Validity.NOTE),
    WHEEL_SPEED_SLIP(Validity.NOTE),
    DRIVER_LIFTED(Validity.REPEAT),
    WRONG_STATE(Validity.REPEAT),
    GAP_IN_STOP(Validity.REPEAT),
    GRIP_LIMITED(Validity.NOTE),
    MODULATED(Validity.NOTE),
    SNUB_WINDOW(Validity.NOTE),
    BELOW_NOMINAL(Validity.REPEAT),
    NO_PRESSURE(Validity.NOTE),
    NO_NOMINAL(Validity.NOTE),
    NO_START_TEMPERATURE(Validity.NOTE),
    NO_ENTRY_SPEED(Validity.NOTE),
    NO_COASTING_LEVEL(Validity.NOTE),
    NOT_COMPUTED(Validity.NOTE),
    REFERENCE_BRIDGED(Validity.NOTE),
    REFERENCE_LOST(Validity.REPEAT),
    CLOCK_JUMP(Validity.REPEAT),
    SPEED_LATE_UNKNOWN(Validity.NOTE),
    IMPLAUSIBLE_STOP(Validity.REPEAT),
    SENSOR_DROPOUT(Validity.NOTE),
    ONSET_UNCLEAR(Validity.NOTE),
    SENSOR_SUSPECT(Validity.NOTE),
    NOT_STARTED(Validity.NOTE),
    STATE_NOT_LOOKED_AT(Validity.NOTE),
    INTERVAL_NOT_READ(Validity.NOTE);

    private final Validity validity;

    FlagCode(Validity validity) {
        this.validity = validity;
    }

    /** What the rule makes of the stop unless the procedure asks otherwise. */
    public Validity validity() {
        return validity;
    }
}
