package app.frenum.core.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The vehicle's speed where only its wheels were logged. The fastest wheel stands for it until that falls faster than a
 * vehicle can, or jumps up as only a wheel that had slipped does; from there to where it fits again the speed is bridged
 * by a straight line, or lost where that takes longer than a second or the wheels never come back.
 *
 * @param speed m/s; no samples where it is lost
 * @param bridges where it was bridged
 * @param lost from when to when nobody knows it, s
 */
public record WheelReference(Signal speed, List<Bridge> bridges, List<double[]> lost) {
    /** No car slows faster than this on its tyres, m/s². */
    private static final double FASTEST_FALL_MPS2 = 12;
    /** What an accelerometer may read too little, m/s². */
    private static final double ABOVE_SENSOR_MPS2 = 3;
    /** No car gains speed faster than this, m/s². */
    private static final double FASTEST_RISE_MPS2 = 8;

    private static final double TOLERANCE_MPS = 0.4;
    /** Wheels under a hard first application slip by so much without locking, as a share of speed. */
    private static final double ORDINARY_SLIP = 0.08;

    private static final double LONGEST_S = 1.0;
    private static final double LOOK_AHEAD_S = 1.0;
    private static final double STILL_MPS = 0.5;
    private static final double LOCKED_FROM_MPS = 1.5;

    /**
     * A stretch whose speed is a straight line between two samples that can be believed.
     *
     * @param uncertaintyM what that may cost in distance (k = 1): the spread between the line and the slope before it
     */
    public record Bridge(double fromS, double toS, double uncertaintyM) {
        public boolean touches(double from, double to) {
            return fromS < to && toS > from;
        }
    }

    static final WheelReference NONE = new WheelReference(Signal.EMPTY, List.of(), List.of());

    /**
     * @param fastest at each instant, m/s
     * @param slowing the accelerometer's reading, m/s²; empty where there is none
     */
    static WheelReference of(Signal fastest, Signal slowing) {
        return fastest.size() < 3
                ? new WheelReference(fastest, List.of(), List.of())
                : new Finder(fastest, slowing).find();
    }

    private static final class Finder {
        private final double[] t;
        private final double[] w;
        private final Signal slowing;
        private final boolean[] slipped;
        private final List<Bridge> bridges = new ArrayList<>();
        private final List<double[]> lost = new ArrayList<>();

        Finder(Signal fastest, Signal slowing) {
            t = fastest.t();
            w = fastest.v().clone();
            this.slowing = slowing;
            slipped = new boolean[w.length];
        }

        WheelReference find() {
            fallingTooFast();
            risingTooFast();
            boolean[] known = new boolean[w.length];
            Arrays.fill(known, true);
            for (int i = 1; i < w.length; i++) {
                if (slipped[i]) {
                    int end = i;
                    while (end < w.length && slipped[end]) {
                        end++;
                    }
                    bridge(i - 1, end, known);
                    i = end;
                }
            }
            double[] kept = new double[w.length];
            for (int i = 0; i < w.length; i++) {
                kept[i] = known[i] ? w[i] : Double.NaN;
            }
            return new WheelReference(Signal.ofPresent(t, kept), bridges, lost);
        }

        /** Below what the vehicle can have slowed to since the last sample that was believed. */
        private void fallingTooFast() {
            double lowest = w[0];
            for (int i = 1; i < w.length; i++) {
                double dt = t[i] - t[i - 1];
                double limit =
                        slowing.isEmpty() ? FASTEST_FALL_MPS2 : Math.max(0, slowing.at(t[i])) + ABOVE_SENSOR_MPS2;
                lowest = dt > LONGEST_S ? w[i] : Math.max(w[i], lowest - limit * dt);
                slipped[i] = w[i] < lowest - Math.max(TOLERANCE_MPS, ORDINARY_SLIP * lowest);
            }
        }

        /** Below what a later sample says that the vehicle still had. */
        private void risingTooFast() {
            double highest = w[w.length - 1];
            for (int i = w.length - 2; i >= 0; i--) {
                double dt = t[i + 1] - t[i];
                highest = dt > LOOK_AHEAD_S ? w[i] : Math.max(w[i], highest - FASTEST_RISE_MPS2 * dt);
                slipped[i] |= i > 0 && w[i] < highest - TOLERANCE_MPS;
            }
        }

        /** Between the believed samples {@code from} and {@code to}, which the threshold found a little late and early. */
        private void bridge(int from, int to, boolean[] known) {
            int first = from;
            double before = slopeBefore(first);
            while (first > 1
                    && w[first]
                            < w[first - 1] - (Math.max(before, 0) + ABOVE_SENSOR_MPS2) * (t[first] - t[first - 1])) {
                first--;
            }
            before = slopeBefore(first);
            int last = Math.min(to, w.length - 1);
            while (last < w.length - 1 && w[last + 1] > w[last]) {
                last++;
            }
            boolean back = to < w.length && w[last] > STILL_MPS;
            if (!back && w[first] < LOCKED_FROM_MPS) {
                return;
            }
            double dt = t[last] - t[first];
            if (!back || dt > LONGEST_S) {
                Arrays.fill(known, first + 1, last, false);
                lost.add(new double[] {t[first], t[last]});
                return;
            }
            double slope = (w[first] - w[last]) / dt;
            for (int i = first + 1; i < last; i++) {
                w[i] = w[first] - slope * (t[i] - t[first]);
            }
            double spread = Math.max(1, Math.abs(slope - before));
            bridges.add(new Bridge(t[first], t[last], spread * dt * dt / 12));
        }

        /** How the believed speed fell in the 0.3 s before, m/s². */
        private double slopeBefore(int i) {
            int k = i;
            while (k > 0 && t[i] - t[k - 1] <= 0.3) {
                k--;
            }
            return k == i ? 0 : (w[k] - w[i]) / (t[i] - t[k]);
        }
    }
}
