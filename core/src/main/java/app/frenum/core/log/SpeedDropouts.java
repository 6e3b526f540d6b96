package app.frenum.core.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;

/**
 * Where a speed channel kept its last value, or fell to zero, while the vehicle went on slowing. Those samples are left out;
 * a stop that holds such a stretch has a gap.
 *
 * @param speed without those samples, m/s
 * @param stretches from when to when each lasted, s
 */
public record SpeedDropouts(Signal speed, List<double[]> stretches) {
    /** A value that is kept for as long as this is held, s. */
    private static final double HELD_S = 0.25;

    private static final int HELD_SAMPLES = 3;
    /** Speed changes by no more than this from sample to sample on any brakes, m/s². */
    private static final double IMPOSSIBLE_MPS2 = 25;

    private static final double LARGE_STEP_MPS = 2;
    /** What the speed must have fallen meanwhile before a held value is believed to be wrong, m/s. */
    private static final double LEAST_FALL_MPS = 0.7;

    private static final double SLOWEST_MPS = 1;
    private static final double BRAKING_MPS2 = 2;
    private static final double BRAKING_BAR = 5;
    private static final double LONG_S = 0.6;
    private static final double LONGEST_ZERO_S = 5;

    static SpeedDropouts none(Signal speed) {
        return new SpeedDropouts(speed, List.of());
    }

    /**
     * @param slowing accelerometer, m/s²; empty where there is none
     * @param pressure line pressure, bar; empty where there is none
     */
    static SpeedDropouts of(Signal speed, Supplier<Signal> slowing, Supplier<Signal> pressure) {
        Finder finder = new Finder(speed, slowing, pressure);
        finder.zeroed();
        finder.held();
        return finder.stretches.isEmpty() ? none(speed) : finder.without();
    }

    public boolean touch(double fromS, double toS) {
        return stretches.stream().anyMatch(s -> s[0] < toS && s[1] > fromS);
    }

    private static final class Finder {
        private final double[] t;
        private final double[] v;
        private final Supplier<Signal> slowing;
        private final Supplier<Signal> pressure;
        private final boolean[] left;
        private final List<double[]> stretches = new ArrayList<>();

        Finder(Signal speed, Supplier<Signal> slowing, Supplier<Signal> pressure) {
            t = speed.t();
            v = speed.v();
            this.slowing = slowing;
            this.pressure = pressure;
            left = new boolean[v.length];
        }

        private double fall(int i) {
            return (v[i - 1] - v[i]) / (t[i] - t[i - 1]);
        }

        /** Falls that no vehicle makes, down to standstill, and up again where it comes back. */
        void zeroed() {
            for (int i = 1; i < v.length; i++) {
                boolean falls = v[i] < SLOWEST_MPS && v[i - 1] - v[i] > LARGE_STEP_MPS && fall(i) > IMPOSSIBLE_MPS2;
                if (!falls) {
                    continue;
                }
                int back = i;
                while (back < v.length && t[back] - t[i] < LONGEST_ZERO_S && v[back] < LARGE_STEP_MPS) {
                    back++;
                }
                boolean returns = back < v.length && v[back] >= LARGE_STEP_MPS && -fall(back) > IMPOSSIBLE_MPS2;
                stretches.add(new double[] {t[i - 1], returns ? t[back] : t[i]});
                if (returns) {
                    Arrays.fill(left, i, back, true);
                    i = back;
                }
            }
        }

        void held() {
            for (int i = 0; i < v.length - 1; i++) {
                int last = i;
                while (last + 1 < v.length && v[last + 1] == v[i]) {
                    last++;
                }
                boolean isLong = t[last] - t[i] >= HELD_S && last - i + 1 >= HELD_SAMPLES;
                if (isLong && !left[i] && v[i] > SLOWEST_MPS && wasBraking(i, last)) {
                    Arrays.fill(left, i + 1, last + 1, true);
                    stretches.add(new double[] {t[i], last + 1 < t.length ? t[last + 1] : t[last]});
                }
                i = Math.max(i, last);
            }
        }

        private boolean wasBraking(int first, int last) {
            double lasted = t[last] - t[first];
            double step = last + 1 < v.length ? v[last] - v[last + 1] : 0;
            Signal a = slowing.get();
            if (!a.isEmpty()) {
                return a.mean(t[first], t[last]) > BRAKING_MPS2 && a.integral(t[first], t[last]) > LEAST_FALL_MPS;
            }
            Signal p = pressure.get();
            if (!p.isEmpty()) {
                return p.mean(t[first], t[last]) > BRAKING_BAR && (step > LEAST_FALL_MPS || lasted > LONG_S);
            }
            return step > LEAST_FALL_MPS
                    && step / lasted > BRAKING_MPS2
                    && step / (t[last + 1] - t[last]) > IMPOSSIBLE_MPS2;
        }

        SpeedDropouts without() {
            double[] kept = new double[v.length];
            for (int i = 0; i < v.length; i++) {
                kept[i] = left[i] ? Double.NaN : v[i];
            }
            return new SpeedDropouts(Signal.ofPresent(t, kept), List.copyOf(stretches));
        }
    }
}
