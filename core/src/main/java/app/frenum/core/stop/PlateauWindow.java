package app.frenum.core.stop;

import app.frenum.core.log.Signal;
import app.frenum.core.quantity.Figure;
import org.jspecify.annotations.Nullable;

/**
 * The part of a stop in which braking is fully developed: from 0.8 v0 down to 0.1 v0; in a snub that ends above
 * 0.1 v0, from v2 + 0.8·(v0 − v2) down to v2 + 0.1·(v0 − v2).
 *
 * <p>{@code MFDD = (v_b² − v_e²) / (2·(s_e − s_b))} (UN Regulation No. 13, Annex 4, 1.1; the snub's window is ours).
 *
 * @param startS when speed last fell through v_b
 * @param endS when speed last fell through v_e
 * @param fromMps v_b
 * @param toMps v_e
 * @param distanceM s_e − s_b
 */
record PlateauWindow(double startS, double endS, double fromMps, double toMps, double distanceM) {
    private static final double UPPER = 0.8;
    private static final double LOWER = 0.1;

    /** Whether a release at v2 is too fast for the usual window. */
    static boolean isSnubWindow(double v0, double v2) {
        return v2 >= LOWER * v0;
    }

    /** The window of a stop from v0 to v2 within [onset, end]; null when speed never falls through it. */
    static @Nullable PlateauWindow of(Signal speed, double onset, double end, double v0, double v2) {
        boolean snub = isSnubWindow(v0, v2);
        double from = snub ? v2 + UPPER * (v0 - v2) : UPPER * v0;
        double to = snub ? v2 + LOWER * (v0 - v2) : LOWER * v0;
        double start = speed.lastFallThrough(from, onset, end);
        double stop = speed.lastFallThrough(to, onset, end);
        if (!(stop > start)) {
            return null;
        }
        return new PlateauWindow(start, stop, from, to, speed.integral(start, stop));
    }

    Figure mfdd() {
        return Figure.of((fromMps * fromMps - toMps * toMps) / (2 * distanceM));
    }

    double durationS() {
        return endS - startS;
    }
}
