package app.frenum.core.plan;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What a plan has to say of itself. */
public enum PlanFinding implements FindingCode {
    NO_GO("phase", "speed", "total", "missing", "cure"),
    NO_GO_BECAUSE("phase", "speed", "because", "total", "missing", "cure"),
    CURED_BY_SPEED("speed"),
    CURED_BY_LANE,
    ONLY_SHOWS("n", "shown", "margin", "needed"),
    CHANGED_TOGETHER("configuration", "warning"),
    CHECKS_NOT_TICKED("configuration", "n"),
    NOT_BEDDED_IN("configuration", "parts"),
    GATE_OUT_OF_REACH("phase", "gate", "air"),
    REAR_WHEEL_LIFTS("from"),
    REAR_WHEEL_LIFT_NOT_KNOWN("why"),
    RIDER_ON_LOW_GRIP("phase"),
    NOT_BACK_IN_TIME("phase"),
    STARTS_TOO_COLD("phase", "start"),
    PADS_UP_TO("axle", "hottest", "limit"),
    PADS_FROM("axle", "hottest", "limit"),
    DISCS_UP_TO("axle", "hottest", "limit"),
    BELOW_WET_BOILING("boils"),
    BELOW_DRY_BOILING("boils"),
    ABOVE_WET_BOILING("boils", "minutes"),
    ABOVE_DRY_BOILING("boils", "minutes"),
    PHASE_SLOWS_BY("phase", "because", "deceleration"),
    ASSUMED_STOP("stop", "deceleration", "lost"),
    SPREAD_OF_EARLIER_STOPS("bound", "n", "seen"),
    ASSUMED_SPREAD("spread", "share"),
    ASSUMED_ACCELERATION("value"),
    ASSUMED_FRONT_DISCS("value"),
    ASSUMED_REAR_DISCS("value"),
    ASSUMED_SHARE("value"),
    ASSUMED_COOLING("value");

    private final List<String> parameters;

    PlanFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
