package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What can be wrong with a comparison. The names are part of the open formats: add to them, rename none. */
public enum CheckCode implements FindingCode {
    BASIS,
    ONSET_SOURCE,
    NOMINAL_SPEED,
    LOAD,
    PHASE,
    SURFACE,
    TOO_FEW,
    FEW_STOPS,
    OTHER_DAY,
    START_TEMPERATURE,
    DRIFT,
    AMBIENT,
    TYRE_PRESSURE,
    TYRES,
    FACTORS,
    INSTRUMENTS,
    STRUCK_OUT_SHARE,
    LEARNING,
    BEDDING,
    GRADE,
    ENTRY_SPEED,
    DRIVER,
    OUTLIER,
    INSTRUMENT_FLOOR,
    GRIP,
    ORDER,
    REFERENCE,
    SPEED_LATENCY;

    @Override
    public List<String> parameters() {
        return List.of();
    }
}
