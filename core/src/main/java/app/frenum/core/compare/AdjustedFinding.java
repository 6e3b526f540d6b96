package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What is said of a difference with something taken out of it. */
public enum AdjustedFinding implements FindingCode {
    BLOCKS_EACH("blocks"),
    PER_STOP("change", "low", "high"),
    PER_DEGREES("degrees", "change", "low", "high"),
    NOT_OF_EVERY_STOP("known", "n"),
    NEVER_ALIKE,
    TOO_FEW_STOPS("n", "needed");

    private final List<String> parameters;

    AdjustedFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
