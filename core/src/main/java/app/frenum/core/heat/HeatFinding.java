package app.frenum.core.heat;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What a series says of its discs. */
public enum HeatFinding implements FindingCode {
    FRONTS_AGREE,
    REARS_AGREE,
    RISES_AS_LAID_OUT,
    RISE_UNLIKE_LAYOUT("disc", "times"),
    FACE_HOTTER("face", "disc", "apart", "other"),
    SIDE_HOTTER("disc", "apart", "other"),
    LADDERS_CONTRADICT,
    LADDER_ALL_CHANGED("from"),
    LADDER_NONE_CHANGED("below"),
    READ_TOO_LATE("from"),
    LADDER_DID_NOT_CHANGE("at", "source", "says"),
    LADDER_BELIEVED("at", "says", "source", "whyLow"),
    LADDER_NOT_BELIEVED("at", "says", "source"),
    SURER_BELIEVED("other", "otherSays", "source", "says", "whyLow"),
    AGREED_BELIEVED("other", "otherSays", "source", "says", "whyLow"),
    BARE_READS_LOW,
    SENSOR_READS_LOW,
    PROBE_READS_LOW,
    PATCH_READS_LOW,
    PADS_NOT_KNOWN,
    PADS_TOO_HOT,
    PADS_ENDED_ABOVE,
    PADS_TOO_COLD,
    PADS_BEGAN_COLD,
    PADS_IN_WINDOW,
    ASKS_FOR_PADS("from", "to"),
    ASKS_FOR_MORE_STOPS,
    NO_LAPS_SEEN,
    VEHICLE_NOT_KNOWN_WELL_ENOUGH,
    LAPS_PREDICTED_BY("lap", "from", "tau", "n"),
    NO_DISC_LASTS("limit");

    private final List<String> parameters;

    HeatFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
