package app.frenum.core.stop;

/**
 * The brake went on or off.
 *
 * @param t when, s
 * @param on whether it went on
 * @param uncertaintyS standard uncertainty (k = 1) of when, s
 */
record BrakeEdge(double t, boolean on, double uncertaintyS) {
    static BrakeEdge off(double t) {
        return new BrakeEdge(t, false, 0);
    }
}
