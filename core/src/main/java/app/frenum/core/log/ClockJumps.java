package app.frenum.core.log;

import java.util.ArrayList;
import java.util.List;

/**
 * Steps of a logger's clock over which no time passed: longer than three sample periods, while speed goes on as if its
 * next sample had come at once. What is integrated over one is wrong by speed times the step.
 */
public final class ClockJumps {
    private static final int PERIODS = 3;
    private static final double SLOPE_S = 0.25;
    /** A change of speed that a step should have brought and that noise cannot hide, m/s. */
    private static final double TELLING_MPS = 0.4;

    private ClockJumps() {}

    /** From when to when each jump in [fromS, toS] goes, s. */
    public static List<double[]> in(Signal speed, double fromS, double toS) {
        List<double[]> found = new ArrayList<>();
        double period = speed.period();
        double[] t = speed.t();
        for (int i = Math.max(1, speed.indexAtOrBefore(fromS)); i < t.length && t[i - 1] < toS; i++) {
            double step = t[i] - t[i - 1];
            if (step > PERIODS * period && t[i] > fromS && isJump(speed, i, step, period)) {
                found.add(new double[] {t[i - 1], t[i]});
            }
        }
        return found;
    }

    private static boolean isJump(Signal s, int i, double step, double period) {
        double slope = (slope(s, i - 1, -1, period) + slope(s, i, 1, period)) / 2;
        double seen = s.v()[i - 1] - s.v()[i];
        double withTime = slope * step;
        double withoutTime = slope * period;
        return Math.abs(withTime) > TELLING_MPS && Math.abs(seen - withoutTime) < Math.abs(seen - withTime) / 2;
    }

    /** How fast speed falls beside the step, over samples that lie close together, m/s². */
    private static double slope(Signal s, int from, int direction, double period) {
        int k = from;
        while (k + direction >= 0
                && k + direction < s.size()
                && Math.abs(s.t()[k + direction] - s.t()[k]) <= PERIODS * period
                && Math.abs(s.t()[k + direction] - s.t()[from]) <= Math.max(SLOPE_S, 2 * period)) {
            k += direction;
        }
        return k == from ? 0 : (s.v()[from] - s.v()[k]) / (s.t()[k] - s.t()[from]);
    }
}
