package app.frenum.core.balance;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What the balance of a test comes to, in sentences. */
public enum BalanceFinding implements FindingCode {
    NOT_LOGGED,
    SHARE("side", "share", "slowing", "low", "high", "beside"),
    FRONT_FIRST("ideal"),
    REAR_FIRST("ideal"),
    NEAR_IDEAL("ideal"),
    IDEAL_NOT_KNOWN("why"),
    LOCKED_FIRST("side", "axle", "n", "margin"),
    FRONT,
    REAR,
    BEFORE("time"),
    BEFORE_AND_HARDER("time", "harder"),
    HELD("slowing"),
    SEEN,
    NO_LINE("why"),
    A_TURN("change", "low", "high", "play"),
    PLAY("turns"),
    PLAY_NOT_KNOWN,
    TURN("wanted", "turns", "way", "share", "low", "high"),
    LEAVE("wanted"),
    OUT_OF_REACH("wanted", "why"),
    TO_FRONT,
    TO_REAR,
    BLOCKED_REAR_FIRST("wanted", "low", "ideal", "slowing"),
    BLOCKED_NOT_KNOWN("wanted", "why"),
    LESS_GRIP("slowing", "ideal", "dry"),
    NOTHING;

    private final List<String> parameters;

    BalanceFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
