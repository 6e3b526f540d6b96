package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What set the distances, and where the order of two configurations turns over. */
public enum GripFinding implements FindingCode {
    TYRES_BOTH("a", "na", "ofA", "b", "nb", "ofB"),
    TYRES_ONE("limited", "n", "of", "free"),
    TYRES_ONE_OTHER_NOT_TOLD("limited", "n", "of", "free"),
    NO_MORE_FOR_MORE("best", "more", "harder"),
    BRAKES("a", "slowingA", "b", "slowingB", "best"),
    WHEELS_NOT_KNOWN("a", "slowingA", "b", "slowingB", "best"),
    PRESSURE_NOT_KNOWN("a", "slowingA", "b", "slowingB", "best"),
    NOT_KNOWN,
    TURNS_OVER("cold", "at", "low", "high", "hot"),
    NOTHING;

    private final List<String> parameters;

    GripFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
