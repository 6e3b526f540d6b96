package app.frenum.core.stop;

import app.frenum.core.log.Signal;

/**
 * From where to where a stop goes, and the bit below the speed at which a sensor can still tell motion from rest.
 *
 * @param kind stop or snub
 * @param onsetS brake applied
 * @param lastSampleS until when logged speed is integrated
 * @param tailM distance from there to rest, {@code v²/(2·a_last)}
 * @param tailS time from there to rest, {@code v/a_last}
 */
record StopExtent(StopKind kind, double onsetS, double lastSampleS, double tailM, double tailS) {
    /** Below this a release no longer makes a snub: the car rolls out its last metre. */
    static final double WALKING_PACE_MPS = 1.5;

    private static final double STILL_MPS = 0.3;
    private static final double LAST_S = 0.3;
    /** How long after a release at walking pace the car may take to come to rest. */
    private static final double ROLL_OUT_S = 3;

    double endS() {
        return lastSampleS + tailS;
    }

    /** The speed at which the car counts as standing, given how still the log is at rest. */
    static double restSpeed(double restSpeedRms) {
        return Math.max(STILL_MPS, 3 * restSpeedRms);
    }

    static StopExtent of(Signal speed, BrakeApplication brake, double restSpeedRms) {
        double rest = restSpeed(restSpeedRms);
        double until = Math.min(speed.last(), brake.offS() + ROLL_OUT_S);
        double atRest = speed.firstFallTo(rest, brake.onsetS(), until);
        boolean releasedEarly =
                Double.isNaN(atRest) || atRest > brake.offS() && speed.at(brake.offS()) > WALKING_PACE_MPS;
        if (releasedEarly) {
            return new StopExtent(StopKind.SNUB, brake.onsetS(), Math.min(brake.offS(), speed.last()), 0, 0);
        }
        return toRest(speed, brake.onsetS(), atRest);
    }

    /** The extent between two instants that a person set. */
    static StopExtent byHand(Signal speed, double onsetS, double endS, double restSpeedRms) {
        double rest = restSpeed(restSpeedRms);
        if (speed.at(endS) > Math.max(rest, WALKING_PACE_MPS)) {
            return new StopExtent(StopKind.SNUB, onsetS, endS, 0, 0);
        }
        return new StopExtent(StopKind.STOP, onsetS, endS, 0, 0);
    }

    private static StopExtent toRest(Signal speed, double onset, double atRest) {
        double v = speed.at(atRest);
        double from = Math.max(onset, atRest - LAST_S);
        double last = atRest > from ? (speed.at(from) - v) / (atRest - from) : 0;
        return last > 0
                ? new StopExtent(StopKind.STOP, onset, atRest, v * v / (2 * last), v / last)
                : new StopExtent(StopKind.STOP, onset, atRest, 0, 0);
    }
}
