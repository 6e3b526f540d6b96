package app.frenum.core.stop;

import app.frenum.core.log.Drive;
import app.frenum.core.log.WheelPosition;
import java.util.Set;

/** Whether wheels came to the limit of their grip over most of a stop, as far as anything told. */
public enum WheelLimit {
    /** Anti-lock worked or a wheel was locked for long enough: tyres and surface set the deceleration. */
    REACHED,
    /** Wheels of both axles, or anti-lock, were logged and did not. */
    NOT_REACHED,
    /** Nothing was logged that could tell. */
    NOT_LOGGED;

    private static final double LIMITED_SHARE = 0.5;

    /** @param limitedShare share of the plateau with anti-lock at work or a wheel locked, 0 to 1 */
    static WheelLimit of(Drive drive, double limitedShare) {
        if (limitedShare > LIMITED_SHARE) {
            return REACHED;
        }
        Set<WheelPosition> wheels = drive.wheels().keySet();
        boolean bothAxles = wheels.stream().anyMatch(WheelPosition::isFront)
                && wheels.stream().anyMatch(w -> !w.isFront());
        return bothAxles || !drive.abs().isEmpty() ? NOT_REACHED : NOT_LOGGED;
    }
}
