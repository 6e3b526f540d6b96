package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What can be said of stops before all are driven. */
public enum LookFinding implements FindingCode {
    THREE_OF_EACH,
    SETTLED,
    WILL_NOT_SETTLE("margin"),
    OPEN,
    THREE_TO_PROVE,
    PROVED_BACK("low", "high", "margin"),
    NOT_PROVED_BACK("low", "high", "margin");

    private final List<String> parameters;

    LookFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
