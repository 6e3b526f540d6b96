package app.frenum.core.heat;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What a series read for heat comes to, in sentences. */
public enum HeatAnswerFinding implements FindingCode {
    NO_TEMPERATURE("side"),
    NO_TEMPERATURE_OF("sides"),
    OTHERS_REACHED("low", "high"),
    REACHED("side", "hottest", "disc", "stop", "pads"),
    READY_AGAIN("side", "gate", "wait", "low", "high"),
    READY_AGAIN_ABOUT("side", "gate", "wait"),
    PEAKED_OVER_ITS_PADS("over", "n"),
    NEVER_OVER_ITS_PADS,
    NOTHING,
    AVERAGED("speed", "n"),
    AVERAGED_WITH_LOAD("speed", "load", "n"),
    SHARE("share", "layout"),
    SHARE_NOT_KNOWN("why", "layout"),
    BY_LAYOUT("share"),
    FRONT_REAR("peak", "begin"),
    BEGIN("apart"),
    HOTTER("apart", "spread"),
    COOLER("apart", "spread"),
    SPREAD("sd", "n"),
    SEEN_ONCE,
    BARE_READ_LOW("apart", "spread"),
    OPENING_CHANGES("trough", "troughLow", "troughHigh", "peak", "peakLow", "peakHigh"),
    LEAVE_OPEN("opening"),
    OPENING_NOT_KNOWN("why");

    private final List<String> parameters;

    HeatAnswerFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
