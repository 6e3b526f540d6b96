package app.frenum.core.heat;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** Which of the parts that are kept fit the work. */
public enum FitFinding implements FindingCode {
    PAD_FITS("pad", "low", "high"),
    PAD_WORKED_TOO_HOT("pad", "high", "over"),
    PAD_BEGINS_TOO_COLD("pad", "low", "under"),
    PAD_WITHOUT_WINDOW("pad"),
    NO_PAD_FITS("from", "to"),
    FLUID("fluid", "boils", "state", "beside"),
    WET,
    DRY,
    HIGHER("by"),
    LOWER("by"),
    THE_SAME,
    NO_FLUID_KNOWN,
    NOTHING_READS_THE_FLUID,
    LADDER_COVERS("ladder"),
    LADDER_ENDS_BELOW("ladder", "top", "peak"),
    LADDER_BEGINS_ABOVE("ladder", "first", "peak"),
    NOTHING;

    private final List<String> parameters;

    FitFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
