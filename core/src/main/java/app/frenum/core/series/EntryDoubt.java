package app.frenum.core.series;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** Why a figure that somebody entered is doubted, though it can be kept. */
public enum EntryDoubt implements FindingCode {
    UNLIKE_THE_OTHERS("value", "times", "usual"),
    ANOTHER_SPEED("speed", "nominal"),
    OF_ANOTHER_TEST("speed", "nominal"),
    NOTHING_STOPS_SO_HARD("deceleration"),
    HARDLY_BRAKED("deceleration"),
    TIME_AND_DISTANCE_DISAGREE("speed", "nominal"),
    COOLER_AFTER("after", "before"),
    READ_WHEN,
    REPEATS_ROW("row"),
    NUMBER_OF_ROW("row"),
    SPELLED_LIKE("name");

    private final List<String> parameters;

    EntryDoubt(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
