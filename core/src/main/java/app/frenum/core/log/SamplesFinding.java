package app.frenum.core.log;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What is said where raw samples that a figure is read off are not kept any more. */
public enum SamplesFinding implements FindingCode {
    /** Of so many stops, the last of them on that day. */
    LET_GO("n", "day");

    private final List<String> parameters;

    SamplesFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
