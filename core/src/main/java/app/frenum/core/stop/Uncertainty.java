package app.frenum.core.stop;

/** Standard uncertainties (k = 1) of what is measured, by how it was measured. Defaults; docs/handbook.md tells why. */
public final class Uncertainty {
    /** Reading a tape, m. */
    public static final double TAPE_M = 0.10;
    /** Measuring wheel, share of the distance. */
    public static final double WHEEL_SHARE = 0.005;
    /** Placing the chalk mark or reading against the cone, m. */
    public static final double MARK_M = 0.15;
    /** Logged speed at 10 Hz or faster, m/s. */
    public static final double LOGGED_SPEED_MPS = 0.03;
    /** Speed held by speedometer or cruise control, by eye, m/s. */
    public static final double SPEEDOMETER_MPS = 0.8;
    /** Stopwatch by hand, s. */
    public static final double STOPWATCH_S = 0.15;

    private Uncertainty() {}

    /** Tape to a chalk mark, m. */
    public static double tapeM() {
        return Math.hypot(TAPE_M, MARK_M);
    }

    /** Measuring wheel to a chalk mark over a distance, m. */
    public static double wheelM(double distanceM) {
        return Math.hypot(WHEEL_SHARE * distanceM, MARK_M);
    }

    /** Logged distance, m: {@code u(v)·t ⊕ v0·(half a sample)/√3}. */
    public static double loggedM(double v0, double timeS, double rateHz) {
        return Math.hypot(LOGGED_SPEED_MPS * timeS, v0 * (0.5 / rateHz) / Math.sqrt(3));
    }

    /** Corrected distance, m: {@code (u(s_c)/s_c)² = (u(s)/s)² + (2u(v0)/v0)²}. */
    public static double correctedM(double s, double uS, double v0, double uV0) {
        return s * Math.hypot(uS / s, 2 * uV0 / v0);
    }

    /** Mean deceleration by stopwatch, m/s²: {@code u(a)/a = u(t)/t}. */
    public static double stopwatchMps2(double a, double timeS) {
        return a * STOPWATCH_S / timeS;
    }
}
