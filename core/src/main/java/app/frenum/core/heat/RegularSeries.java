package app.frenum.core.heat;

import app.frenum.core.quantity.Figure;

/**
 * Equal stops at equal gaps: {@code T_(n+1) = Ta + (T_n + ΔT − Ta)·q} with {@code q = e^(−Δt/τ)}.
 *
 * @param cooling of the disc between stops
 * @param riseC per stop, °C
 * @param gapS from the start of one stop to the start of the next, s
 */
public record RegularSeries(Cooling cooling, double riseC, double gapS) {
    private static final int MOST_STOPS = 1000;

    /** Start temperatures of the first {@code n} stops, °C. */
    public double[] starts(double firstC, int n) {
        double[] out = new double[n];
        double t = firstC;
        for (int i = 0; i < n; i++) {
            out[i] = t;
            t = cooling.after(t + riseC, gapS);
        }
        return out;
    }

    /** The start temperature that the series settles at, {@code Ta + ΔT·q/(1 − q)}, °C. */
    public double settledTrough() {
        double q = Math.exp(-gapS / cooling.tauS());
        return cooling.ambientC() + riseC * q / (1 - q);
    }

    /** The peak that the series settles at, °C. */
    public double settledPeak() {
        return settledTrough() + riseC;
    }

    /** How many stops before a peak passes the limit. */
    public Figure stopsBefore(double firstC, double limitC) {
        if (Math.max(firstC + riseC, settledPeak()) <= limitC) {
            return Figure.unknown("the limit is never passed: the peaks settle below it");
        }
        double[] starts = starts(firstC, MOST_STOPS);
        int n = 0;
        while (n < MOST_STOPS && starts[n] + riseC <= limitC) {
            n++;
        }
        return Figure.of(n);
    }
}
