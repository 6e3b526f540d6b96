package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What a comparison comes to, in sentences. */
public enum ConclusionFinding implements FindingCode {
    STOPS_SHORTER("size"),
    STOPS_LONGER("size"),
    SLOWS_HARDER("size"),
    SLOWS_LESS_HARD("size"),
    SHORTER("size"),
    LONGER("size"),
    HARDER("size"),
    LESS_HARD("size"),
    SHOWN("b", "difference", "a", "from", "doubt"),
    ALIKE("a", "b", "from", "doubt"),
    NOT_SETTLED("b", "difference", "a", "from", "why", "doubt"),
    NO_VERDICT("check", "evidence"),
    NO_COMPARISON,
    FROM("speed"),
    BELOW_INSTRUMENTS,
    CHANCE_COULD,
    LOOKED_SO_OFTEN,
    PAST_ITS_PLAN,
    BOTH("first", "second"),
    NOTHING,
    OF_DISTANCE("share", "side", "lengths"),
    OF_DECELERATION("share", "side"),
    CAR_LENGTHS("lengths"),
    RANGE("level", "range", "wider", "chance"),
    ACROSS("low", "high"),
    WITHIN("near", "far"),
    NOTHING_CLAIMED,
    WIDER_EARLY,
    WIDER_EXTENDED,
    WIDER_ON_THE_WAY,
    LESS_THAN_ONCE,
    MORE_OFTEN_THAN_NOT,
    ONCE_IN("n"),
    CHANCE_NOT_KNOWN,
    MEND_BLOCK,
    NO_NUMBER_INSTRUMENTS,
    NO_NUMBER_SPEEDS,
    STOPS_ENOUGH("margin", "smallest"),
    MORE_STOPS("n", "margin", "smallest"),
    RETURN("a", "smallest"),
    ONLY_LEANING("b", "a", "smallest"),
    KEEP_CHEAPER("b", "a", "smallest"),
    SETTLED("b", "a", "worth", "smallest"),
    ALL_WORTH("margin"),
    NOT_WORTH("margin"),
    WORTH_OPEN("margin"),
    CAN_BE_SEEN("size"),
    DOUBT_FACTORS,
    DOUBT_AMBIENT,
    DOUBT_START_TEMPERATURE,
    DOUBT_TYRE_PRESSURE,
    DOUBT_TYRES,
    DOUBT_ORDER,
    DOUBT_REFERENCE,
    DOUBT_OTHER_DAY,
    DOUBT_LEARNING,
    DOUBT_DRIFT,
    DOUBT_FEW_STOPS,
    DOUBT_DRIVER,
    DOUBT_GRIP,
    DOUBT_INSTRUMENTS,
    DOUBT_STRUCK_OUT_SHARE,
    DOUBT_ENTRY_SPEED,
    DOUBT_INSTRUMENT_FLOOR,
    DOUBT_BEDDING,
    DOUBT_GRADE,
    DOUBT_SPEED_LATENCY;

    private final List<String> parameters;

    ConclusionFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
