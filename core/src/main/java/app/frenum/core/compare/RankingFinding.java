package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What the ranking of many configurations comes to, in sentences. */
public enum RankingFinding implements FindingCode {
    SHORTEST,
    HARDEST,
    ALONE_IN_FRONT("best", "way", "second"),
    ALONE_OF_THOSE_RANKED("best", "way", "second"),
    AMONG_THE_FIRST("way", "names"),
    AMONG_THOSE_RANKED("way", "names"),
    ALIKE("names"),
    ALL_ALIKE("n"),
    SHORTER,
    LONGER,
    HARDER,
    LESS_HARD,
    SINGLES_OUTSIDE("names", "baseline", "way"),
    SINGLES_WITHIN("names", "baseline"),
    SINGLES_NOTHING("names", "baseline"),
    LEFT_OUT("names", "baseline");

    private final List<String> parameters;

    RankingFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
