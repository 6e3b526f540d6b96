package app.frenum.core.procedure;

import static app.frenum.core.log.WheelPosition.FRONT_LEFT;
import static app.frenum.core.log.WheelPosition.FRONT_RIGHT;
import static app.frenum.core.log.WheelPosition.REAR_LEFT;
import static app.frenum.core.log.WheelPosition.REAR_RIGHT;

import app.frenum.core.log.WheelPosition;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** Which part of the brakes works: all of it, or what is left when something was taken out on purpose. */
public enum BrakeSystem {
    WHOLE("whole system", FRONT_LEFT, FRONT_RIGHT, REAR_LEFT, REAR_RIGHT),
    FRONT_CIRCUIT_OFF("front off, the rear alone", REAR_LEFT, REAR_RIGHT),
    REAR_CIRCUIT_OFF("rear off, the front alone", FRONT_LEFT, FRONT_RIGHT),
    DIAGONAL_FRONT_LEFT_OFF("diagonal off: front left and rear right", FRONT_RIGHT, REAR_LEFT),
    DIAGONAL_FRONT_RIGHT_OFF("diagonal off: front right and rear left", FRONT_LEFT, REAR_RIGHT),
    FRONT_LEFT_OFF("front left wheel off", FRONT_RIGHT, REAR_LEFT, REAR_RIGHT),
    FRONT_RIGHT_OFF("front right wheel off", FRONT_LEFT, REAR_LEFT, REAR_RIGHT),
    REAR_LEFT_OFF("rear left wheel off", FRONT_LEFT, FRONT_RIGHT, REAR_RIGHT),
    REAR_RIGHT_OFF("rear right wheel off", FRONT_LEFT, FRONT_RIGHT, REAR_LEFT),
    ASSIST_OFF("assist off", FRONT_LEFT, FRONT_RIGHT, REAR_LEFT, REAR_RIGHT);

    private final String label;
    private final Set<WheelPosition> braked;

    /** Kept, since a simulated car asks a thousand times a second. */
    private final double frontWorks;

    private final double rearWorks;

    BrakeSystem(String label, WheelPosition... braked) {
        this.label = label;
        this.braked = Collections.unmodifiableSet(EnumSet.copyOf(Arrays.asList(braked)));
        frontWorks = working(true);
        rearWorks = working(false);
    }

    private double working(boolean front) {
        return braked.stream().filter(w -> w.isFront() == front).count() / 2.0;
    }

    /** As it is called. */
    public String label() {
        return label;
    }

    /** Wheels that still brake. */
    public Set<WheelPosition> braked() {
        return braked;
    }

    /** How much of an axle's brakes works: 0, a half or 1. */
    public double works(boolean front) {
        return front ? frontWorks : rearWorks;
    }

    public boolean isPartial() {
        return this != WHOLE;
    }

    /** Whether a rule can say anything here: an axle that brakes alone cannot lock before the other. */
    public boolean answersTo(AbortRule rule) {
        return rule != AbortRule.REAR_LOCKS_FIRST || works(true) > 0 && works(false) > 0;
    }
}
