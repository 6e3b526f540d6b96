package app.frenum.core.heat;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What a configuration did to heat and stops beside the first, in sentences. */
public enum BesideFinding implements FindingCode {
    BESIDE("cooling", "hottest", "stops"),
    COOLING_NOT_KNOWN,
    COOLS_AS_FAST("b", "a"),
    COOLS_FASTER("b", "a"),
    COOLS_SLOWER("b", "a"),
    PEAKS_NOT_KNOWN,
    PEAK_COOLER("apart"),
    PEAK_HOTTER("apart"),
    STOPS_NOT_KNOWN,
    MEAN_LONGER("size"),
    MEAN_SHORTER("size"),
    STOPS_LONGER("size"),
    STOPS_SHORTER("size"),
    SAME_LONGER("size"),
    SAME_SHORTER("size"),
    UNLIKE("ways"),
    ENTRY_SPEEDS("b", "a"),
    ENERGIES("b", "a");

    private final List<String> parameters;

    BesideFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
