package app.frenum.core.procedure.run;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** Why something cannot happen in a run as it stands, and what can. */
public enum RunRefusal implements FindingCode {
    SIGNED_ALREADY,
    SIGN_FOR_TODAY,
    GATE_NOT_COMPLETE,
    READ_WHILE_IT_STANDS,
    LOOK_WHILE_IT_STANDS,
    SAY_WHICH_DISC,
    NOTHING_TO_START,
    LANE_NOT_CLEAR,
    NO_APPROACH,
    NO_STOP_ON_ITS_WAY,
    NO_STOP_WAS_DRIVEN,
    NOT_ASKED_FOR,
    NOTHING_TO_DECIDE,
    NO_SUCH_STOP,
    GIVE_A_REASON,
    WRONG_SPEED_CANNOT_COUNT,
    NOTHING_BESIDE_DRIVING,
    COLD_DISC_FIRST,
    SAY_WHAT_WAS_APPLIED,
    SAY_WHAT_WAS_SEEN,
    LOOK_AT_A_FACE,
    RUN_IS_OVER,
    NOT_STOPPED,
    SAY_WHAT_WAS_INSPECTED,
    RELEASE_IT_FIRST,
    CRACKED_STILL("finding");

    private final List<String> parameters;

    RunRefusal(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
