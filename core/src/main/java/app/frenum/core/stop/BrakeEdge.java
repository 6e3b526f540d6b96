package app.frenum.core.stop;

/**
 * The brake went on or off.
 *
 * @param t when, s
 * @param on whether it went on
 * @param uncertaintyS standard uncertainty (k = 1) of when, s
 * @param stageS how long before it the car slowed in a way that may have been a light foot, s; 0 where it did not
 */
record BrakeEdge(double t, boolean on, double uncertaintyS, double stageS) {
    static BrakeEdge off(double t) {
        return new BrakeEdge(t, false, 0, 0);
    }

    static BrakeEdge of(double t, boolean on, double uncertaintyS) {
        return new BrakeEdge(t, on, uncertaintyS, 0);
    }
}
