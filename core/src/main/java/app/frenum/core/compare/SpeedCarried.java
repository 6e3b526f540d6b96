package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;

/**
 * How fast the longer configuration still goes where the shorter one has stopped:
 * {@code min(v, √(2·MFDD_long·(s_long − s_short)))}, or without an MFDD {@code v·√(1 − s_short/s_long)}.
 */
public final class SpeedCarried {
    private SpeedCarried() {}

    /**
     * @param v nominal speed, m/s
     * @param sShort shorter mean distance, m
     * @param sLong longer mean distance, m
     * @param mfddLong mean fully developed deceleration of the longer one, m/s², if known
     */
    public static double of(double v, double sShort, double sLong, Figure mfddLong) {
        return mfddLong.isKnown()
                ? Math.min(v, Math.sqrt(2 * mfddLong.value() * (sLong - sShort)))
                : v * Math.sqrt(1 - sShort / sLong);
    }

    /**
     * Speed after a distance from the brake point, m/s: constant speed until braking has built up, then the
     * plateau's deceleration, so that it is 0 at {@code s}.
     */
    public static double after(double distance, double v, double s, Figure mfdd) {
        double a = mfdd.orElse(v * v / (2 * s));
        return Math.min(v, Math.sqrt(Math.max(0, 2 * a * (s - distance))));
    }
}
