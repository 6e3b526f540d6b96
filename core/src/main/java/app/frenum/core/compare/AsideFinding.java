package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What is said beside a verdict: how well each side repeats itself, what was expected, and what it cost. */
public enum AsideFinding implements FindingCode {
    REPEATS_BETTER("b", "a", "own", "other"),
    REPEATS_WORSE("b", "a", "own", "other"),
    EXPECTED_HELD("expected", "range"),
    EXPECTED_MISSED("expected", "range"),
    EXPECTED_WITHOUT_FIGURE,
    EXPECTED_NOT_ANSWERED,
    GUESSES("who", "held", "n"),
    COSTS("cost", "in", "hours", "per", "length", "low", "high"),
    HOURS("hours"),
    TOGETHER("n", "b", "difference", "a", "low", "high"),
    TOGETHER_OPEN("n", "b", "difference", "a", "low", "high"),
    DAYS_VARY("between", "within"),
    DAYS_ALIKE("between", "within"),
    NO_DIFFERENCE,
    MARK("label", "given", "at", "source"),
    MARK_FROM_OTHER_SPEED("label", "given", "at", "source", "here"),
    NOTHING;

    private final List<String> parameters;

    AsideFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
