package app.frenum.core.fade;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What a series read for fade comes to, in sentences. */
public enum FadeAnswerFinding implements FindingCode {
    FLUID("side"),
    BOTH("side"),
    PAD_OR_FLUID("side"),
    FADE_OR_LESS_PRESSURE("side"),
    PRESSED_LESS_OR_FLUID("side"),
    THAT("what"),
    THAT_WITH_LOSS("what", "loss", "from"),
    GRIP_LIMITED("side"),
    TOO_FEW("side"),
    ALL_TOO_FEW("sides"),
    NONE_SHOWS("side"),
    NONE_SHOWS_OF_ALL("sides"),
    BEGINS("side", "onset", "loss"),
    SLIGHT("side", "loss"),
    FADES("side", "from", "loss"),
    FROM("onset"),
    NOTHING,
    ONSET("onset", "low", "high", "loss", "per"),
    ONSET_IF_FADE("onset", "low", "high", "loss", "per"),
    NO_ONSET_TOLD("why"),
    NO_ONSET_UP_TO("hottest"),
    LONGER("change", "carried"),
    SHORTER("change"),
    NOT_TOLD_APART("change"),
    BY_LONGER("size"),
    BY_SHORTER("size"),
    CARRIED("speed"),
    AGAINST("side", "byStop", "byHeat"),
    AT_STOP("n", "difference"),
    AT_STOPS("first", "last", "difference"),
    AT_TEMPERATURE("temperature", "difference"),
    AT_LIKE_TEMPERATURE_NOT_KNOWN("why"),
    NOT_KNOWN("why"),
    MORE("size"),
    LESS("size"),
    READ_FROM("measures", "against", "struckOut", "atAnotherSpeed"),
    PER_BAR,
    BY_DECELERATION,
    BY_DISTANCE,
    STOP_1,
    FIRST_THREE,
    TREND("side", "slope", "low", "high", "chance", "byHeat"),
    NO_TREND("side", "why", "byHeat"),
    BY_CHANCE("n"),
    HARDLY_BY_CHANCE,
    BY_HEAT("slope", "low", "high", "per"),
    ORDER_GROWS("side", "order", "perStop", "low", "high"),
    STRUCK_OUT("n"),
    AT_ANOTHER_SPEED("n");

    private final List<String> parameters;

    FadeAnswerFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
