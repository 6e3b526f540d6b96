package app.frenum.core.procedure.run;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What a run says to its crew: what to do, why testing stopped, what shows so far, what was missed. */
public enum RunFinding implements FindingCode {
    SIGN_THE_GATE,
    NOBODY_DRIVES_UNSIGNED,
    ANOTHER_DAY,
    HOLD_AND_BRAKE,
    WHOEVER_SEES,
    FOOT_OFF,
    ROLL_OFF,
    IS_STOPPED,
    DONE,
    ALL_KEPT,
    CHANGE_PARTS,
    LET_THEM_COOL,
    BED_IN,
    AS_CONFIGURED,
    DO_STEP("step"),
    ROLL_WITHOUT_BRAKE,
    LOOK_FOR_CRACKS,
    COLD_DISC_AND_NO_FLAME,
    LOOK_AND_WRITE,
    NOTHING,
    READ_THE_DISCS,
    DISCS_NOT_KNOWN,
    KEEP_ROLLING,
    NEVER_HOLD,
    WARM_THEM,
    A_FEW_SNUBS,
    WAIT,
    TIME_BETWEEN,
    TOO_LATE,
    ASKED_FOR_AGAIN,
    GO,
    ALL_MET,
    ASK_FOR_LANE,
    LANE_CONTROL_CALLS,
    IT_COUNTS,
    IT_COUNTS_WITH_NOTE,
    DRIVE_AGAIN,
    ALL_AS_ASKED,
    BECAUSE("findings"),
    FLOOR,
    REAR_FIRST,
    OVER_LIMIT("disc", "limit"),
    PEDAL_LONGER("further", "pressure"),
    CRACK_AT_EDGE("where", "crack"),
    CRACK_GREW("where", "crack"),
    CRACK("kind"),
    CRACK_OF_LENGTH("kind", "length"),
    FALLS("side", "perStop"),
    GROWS("side", "perStop"),
    OF_SIDE("side", "finding"),
    OF_STEP("side", "step", "finding"),
    ATTEMPTS_USED_UP("side", "step", "counted", "asked", "attempts"),
    LET_COUNT_AGAINST_RULES("findings", "by", "reason"),
    REPEATED_AGAINST_RULES("by", "reason"),
    OUTSIDE_GATE("finding"),
    SWITCH_FORGOTTEN("finding"),
    SWITCH_NOT_LOOKED_AT("finding"),
    NOT_STARTED_AT_CARD,
    READ_LATE("late", "due"),
    PEDAL_IGNORED;

    private final List<String> parameters;

    RunFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
