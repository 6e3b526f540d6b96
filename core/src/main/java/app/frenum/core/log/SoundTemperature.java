package app.frenum.core.log;

import java.util.Arrays;

/**
 * A disc's temperature without the samples that no disc can have: a broken wire's rail, a drop to 0, a spike. A value known
 * to be bad is never used.
 *
 * @param signal the samples that can be believed, °C
 * @param left when the others were, s
 */
public record SoundTemperature(Signal signal, double[] left) {
    /** No disc changes by more between two samples, °C … */
    private static final double STEP_C = 60;
    /** … unless they lie so far apart that it had the time, °C/s. */
    private static final double FASTEST_C_PER_S = 150;

    private static final double BACK_WITHIN_S = 0.5;
    private static final double COLDEST_C = -60;
    private static final double HOTTEST_C = 1200;
    /** A new level that lasts longer than this is believed: a thermocouple was moved. */
    private static final double LASTING_S = 5;

    /** Reads a role's channel within [fromS, toS]; with some time before it, so that its first samples can be judged. */
    public static SoundTemperature of(Log log, Role role, double fromS, double toS) {
        SoundTemperature all = of(log.signal(role, fromS - LASTING_S, toS + LASTING_S));
        Signal s = all.signal;
        int from = s.indexAtOrBefore(Math.nextDown(fromS)) + 1;
        int to = s.indexAtOrBefore(toS) + 1;
        return new SoundTemperature(
                new Signal(
                        Arrays.copyOfRange(s.t(), from, Math.max(from, to)),
                        Arrays.copyOfRange(s.v(), from, Math.max(from, to))),
                all.left);
    }

    static SoundTemperature of(Signal raw) {
        double[] v = raw.v().clone();
        double[] left = new double[v.length];
        int bad = 0;
        int last = firstSound(raw);
        for (int i = 0; i < v.length; i++) {
            if (i < last || isRail(v[i]) || i > last && last >= 0 && isOff(raw, last, i)) {
                left[bad++] = raw.t()[i];
                v[i] = Double.NaN;
            } else {
                last = i;
            }
        }
        return new SoundTemperature(Signal.ofPresent(raw.t(), v), Arrays.copyOf(left, bad));
    }

    /** Whether samples were left out within [fromS, toS]. */
    public boolean leftOut(double fromS, double toS) {
        for (double t : left) {
            if (t >= fromS && t <= toS) {
                return true;
            }
        }
        return false;
    }

    private static boolean isRail(double c) {
        return c < COLDEST_C || c > HOTTEST_C;
    }

    private static boolean isOff(Signal raw, int last, int i) {
        double dt = raw.t()[i] - raw.t()[last];
        double step = Math.abs(raw.v()[i] - raw.v()[last]);
        boolean isDrop = Math.abs(raw.v()[i]) < 1 && step > STEP_C;
        return isDrop || step > Math.max(STEP_C, FASTEST_C_PER_S * Math.min(dt, 1)) && !lasts(raw, i);
    }

    /** Whether the level that begins at {@code i} holds for longer than any dropout. */
    private static boolean lasts(Signal raw, int i) {
        for (int k = i; k < raw.size(); k++) {
            if (raw.t()[k] - raw.t()[i] > LASTING_S) {
                return Math.abs(raw.v()[i]) > 1;
            }
            if (isRail(raw.v()[k]) || Math.abs(raw.v()[k] - raw.v()[Math.max(i, k - 1)]) > STEP_C) {
                return false;
            }
        }
        return false;
    }

    /** The first sample that those after it bear out for a while; a log may begin inside a dropout. */
    private static int firstSound(Signal raw) {
        for (int i = 0; i < raw.size(); i++) {
            boolean isDrop = Math.abs(raw.v()[i]) < 1 && !lastsCold(raw, i);
            if (!isRail(raw.v()[i]) && staysAWhile(raw, i) && !isDrop) {
                return i;
            }
        }
        return -1;
    }

    private static boolean staysAWhile(Signal raw, int i) {
        for (int k = i + 1; k < raw.size() && raw.t()[k] - raw.t()[i] < BACK_WITHIN_S; k++) {
            if (Math.abs(raw.v()[k] - raw.v()[k - 1]) > STEP_C) {
                return false;
            }
        }
        return true;
    }

    /** Whether a reading of about 0 is the weather's and not a broken wire's: no jump follows. */
    private static boolean lastsCold(Signal raw, int i) {
        for (int k = i + 1; k < raw.size() && raw.t()[k] - raw.t()[i] < LASTING_S; k++) {
            if (Math.abs(raw.v()[k] - raw.v()[k - 1]) > STEP_C) {
                return false;
            }
        }
        return true;
    }
}
