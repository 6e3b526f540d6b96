package app.frenum.core.fade;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What speaks for a cause of fade. */
public enum FadeFinding implements FindingCode {
    OF_REFERENCE("what", "share"),
    NOT_KNOWN("what", "why"),
    DECELERATION_PER_BAR,
    DECELERATION,
    INVERSE_DISTANCE,
    PEAK_PRESSURE,
    PEDAL_TRAVEL,
    PEDAL_FELT("feel"),
    PRESSED_AS_HARD,
    PRESSED_LESS_HARD,
    PRESSURE_FELL_WITH_PEDAL,
    LATE_GROUP_NEEDS("needed", "stops");

    private final List<String> parameters;

    FadeFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
