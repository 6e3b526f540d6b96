package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** The evidence of comparability checks, as what can be said of it. */
public enum CheckFinding implements FindingCode {
    BOTH("value"),
    AGAINST("a", "b"),
    THIS_AGAINST("what", "a", "b"),
    NOBODY_WROTE_DOWN("what"),
    NOBODY_WROTE_IT_DOWN,
    ON_AVERAGE("a", "b"),
    NO_NOMINAL_SPEED,
    NO_SPEED,
    SPEED_SOURCES("a", "b"),
    VALID_STOPS("a", "b"),
    TOO_FEW_STOPS("a", "b"),
    FEW_STOPS("a", "b"),
    ONE_DAY("days"),
    DAYS_WITHOUT_RETURN("a", "b"),
    CHANGED_TOGETHER("factors"),
    NOTHING_CHANGED,
    ONLY_CHANGED("factor"),
    BY_INSTRUMENTS("instruments"),
    STRUCK_OUT_OF("side", "n", "of"),
    STRUCK_OUT("a", "b"),
    TREND("side", "perStop", "once"),
    TOO_FEW_TO_TELL,
    TOO_FEW_TO_TELL_BUT("steady"),
    STEADILY_WEAKER("side"),
    STEADILY_STRONGER("side"),
    STEADILY_SHORTER("side"),
    STEADILY_LONGER("side"),
    NO_TREND,
    RETURN_TOO_SHORT,
    RETURN_DIFFERS("difference", "low", "high"),
    LONGER("size"),
    SHORTER("size"),
    HARDER("size"),
    LESS_HARD("size"),
    ORDER_NOT_KNOWN,
    DRIVEN_IN_TURNS,
    ONE_AFTER_THE_OTHER,
    ONE_AFTER_THE_OTHER_WITH_TREND("perStop", "difference", "low", "high"),
    WHEELS_ON_ONE_SIDE("side"),
    WHEELS_ON_BOTH_SIDES,
    LATENCY_NOT_KNOWN("side"),
    NOT_BEDDED("parts"),
    SLOPE_BOTH_WAYS("grade"),
    SLOPE_ONE_WAY("grade"),
    OUTLIERS("side", "n", "of"),
    GRIP_SETS_IT,
    WHEELS_NOT_LOGGED,
    WHEELS_TURNED,
    FLOOR_NOT_KNOWN("why"),
    ABOVE_FLOOR("difference", "floor"),
    BELOW_FLOOR("difference", "floor");

    private final List<String> parameters;

    CheckFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
