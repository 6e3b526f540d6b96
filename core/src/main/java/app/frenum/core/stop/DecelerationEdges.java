package app.frenum.core.stop;

import app.frenum.core.log.Calibration;
import app.frenum.core.log.ClockJumps;
import app.frenum.core.log.Drive;
import app.frenum.core.log.Log;
import app.frenum.core.log.Ramp;
import app.frenum.core.log.Signal;
import app.frenum.core.log.Smoothing;
import app.frenum.core.log.Windows;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds the brake by deceleration alone. It needs a memory: what counts as braking hangs on how the car coasted just
 * before, and that level is never taken from inside an application. Each onset is dated at the bend of its ramp (see
 * {@link Ramp}), or where deceleration left the level before it where there is no clean ramp.
 */
final class DecelerationEdges {
    private static final double TRIGGER_MPS2 = 0.5;
    private static final double DATING_MPS2 = 0.2;
    private static final double SUSTAINED_S = 0.10;
    private static final double LARGEST_DATING_BACK_S = 0.5;
    private static final double COASTING_FROM_S = 2.0;
    private static final double COASTING_TO_S = 0.3;
    /** The least stretch that tells how the car coasts, s. */
    private static final double COASTING_LEAST_S = 0.3;
    /** Noise of the signal that edges are found on, at most, m/s². */
    private static final double QUIET_MPS2 = 0.3;

    private static final double SLOWEST_CUTOFF_HZ = 1.5;
    /** A ramp has ended when deceleration rises by less than this within {@link #SUSTAINED_S}, as a share of what it reached. */
    private static final double FLAT_SHARE = 0.08;

    private static final double HELD_SHARE = 0.12;
    private static final double STEADY_MPS2 = 0.35;
    private static final double MARGIN_S = 6;
    private static final double BEFORE_RAMP_S = 1.2;
    private static final double LEAST_BEFORE_S = 0.3;
    private static final double AFTER_RAMP_S = 0.4;
    /** A wheel that overshoots its slip in the first moment does not show when braking began. */
    private static final double BRIDGED_ONSET_S = 0.06;

    private static final double BRIDGED_NEAR_S = 0.3;

    private final Log log;
    private final Calibration calibration;
    private final List<BrakeEdge> edges = new ArrayList<>();
    private final double cutoffHz;
    private final double sigma;
    private boolean on;
    private double level;
    private double offLevel;
    private double freeSince;

    DecelerationEdges(Log log, Calibration calibration) {
        this.log = log;
        this.calibration = calibration;
        double noise = calibration.decelerationSmoothSigma();
        // Noise of differentiated speed falls with the cut-off to the power of 1.5.
        cutoffHz = noise <= QUIET_MPS2
                ? Smoothing.DECELERATION_HZ
                : Math.max(SLOWEST_CUTOFF_HZ, Smoothing.DECELERATION_HZ * Math.pow(QUIET_MPS2 / noise, 2 / 3.0));
        sigma = noise * Math.pow(cutoffHz / Smoothing.DECELERATION_HZ, 1.5);
    }

    List<BrakeEdge> find() {
        freeSince = Double.NEGATIVE_INFINITY;
        for (Windows w : Windows.of(log)) {
            Drive d = Drive.read(log, calibration.offsets(), w.fromS() - MARGIN_S, w.toS() + MARGIN_S);
            Signal smooth = cutoffHz < Smoothing.DECELERATION_HZ
                    ? Smoothing.lowPass(d.deceleration(), cutoffHz)
                    : d.deceleration();
            for (int i = 0; i < smooth.size(); i++) {
                double t = smooth.t()[i];
                if (t >= w.fromS() && t < w.toS()) {
                    see(d, smooth, i);
                }
            }
        }
        return edges;
    }

    private double rise() {
        return Math.max(TRIGGER_MPS2, 5 * sigma);
    }

    private void see(Drive d, Signal smooth, int i) {
        double t = smooth.t()[i];
        double a = smooth.v()[i];
        if (on) {
            if (a <= offLevel) {
                edges.add(BrakeEdge.off(t));
                on = false;
                freeSince = t;
            }
            return;
        }
        if (a < AnalysisOptions.BRAKING_MPS2 || !staysAbove(smooth, i, AnalysisOptions.BRAKING_MPS2)) {
            return;
        }
        double coasting = coasting(smooth, t);
        if (a <= coasting + rise()) {
            return;
        }
        if (jumpedSinceLast(d, t)) {
            // The brake was not released: over a jump of the clock or a lost speed it only seems so.
            edges.remove(edges.size() - 1);
            on = true;
            return;
        }
        level = coasting;
        edges.add(onset(d, smooth, i));
        on = true;
        offLevel = level + rise();
    }

    private boolean jumpedSinceLast(Drive d, double t) {
        BrakeEdge last = edges.isEmpty() ? null : edges.get(edges.size() - 1);
        return last != null
                && !last.on()
                && t - last.t() < COASTING_FROM_S
                && (!ClockJumps.in(d.speed(), last.t() - SUSTAINED_S, t).isEmpty()
                        || d.dropouts().touch(last.t() - SUSTAINED_S, t));
    }

    /** How the car coasted before an instant; the level of the last application's where it has not been free since. */
    private double coasting(Signal smooth, double t) {
        double from = Math.max(t - COASTING_FROM_S, freeSince + SUSTAINED_S);
        double to = t - COASTING_TO_S;
        if (to - from < COASTING_LEAST_S) {
            return level;
        }
        double known = median(smooth, from, to);
        return Double.isNaN(known) ? level : Math.max(0, known);
    }

    static double median(Signal s, double from, double to) {
        double[] v = Arrays.copyOfRange(
                s.v(), s.indexAtOrBefore(from) + 1, Math.max(s.indexAtOrBefore(from), s.indexAtOrBefore(to)) + 1);
        Arrays.sort(v);
        int n = v.length;
        return n == 0 ? Double.NaN : n % 2 == 1 ? v[n / 2] : (v[n / 2 - 1] + v[n / 2]) / 2;
    }

    /** The edge of the application whose ramp passes 2 m/s² at sample {@code i}. */
    private BrakeEdge onset(Drive d, Signal smooth, int i) {
        int top = top(smooth, i);
        int foot = foot(smooth, i);
        double before = smooth.v()[foot];
        double near = meeting(smooth, foot, top, before);
        double from = Math.min(steadyFrom(smooth, foot, before), near - LEAST_BEFORE_S);
        double to = Math.max(heldUntil(smooth, top), smooth.t()[top] + AFTER_RAMP_S / 2);
        Ramp ramp = d.hasDecelerationSensor()
                ? Ramp.fit(d.rawDeceleration(), Ramp.Of.DECELERATION, near, from, to)
                : Ramp.fit(d.speed(), Ramp.Of.SPEED, near, from, to);
        double t = ramp == null ? leftBefore(d, smooth.t()[i]) : ramp.bendS();
        double u = ramp == null ? LARGEST_DATING_BACK_S / 4 : ramp.uncertaintyS();
        boolean bridged =
                d.wheelReference().bridges().stream().anyMatch(b -> b.touches(t - BRIDGED_NEAR_S, t + BRIDGED_NEAR_S));
        return new BrakeEdge(t, true, bridged ? BRIDGED_ONSET_S : u);
    }

    /** Where deceleration stops rising. */
    private static int top(Signal s, int i) {
        int k = i;
        while (k + 1 < s.size() && s.t()[k] < s.t()[i] + 1.0) {
            double ahead = s.at(s.t()[k] + SUSTAINED_S);
            if (ahead - s.v()[k] < FLAT_SHARE * s.v()[k]) {
                break;
            }
            k++;
        }
        return k;
    }

    /** Where deceleration began to rise: back from 2 m/s² to where it no longer falls going back. */
    private static int foot(Signal s, int i) {
        int k = i;
        while (k > 0 && s.t()[k] > s.t()[i] - 1.0) {
            double behind = s.at(s.t()[k] - SUSTAINED_S);
            if (s.v()[k] - behind < STEADY_MPS2) {
                break;
            }
            k--;
        }
        return k;
    }

    /** Where the line through 20 to 80 % of the rise meets the level before it. */
    private static double meeting(Signal s, int foot, int top, double before) {
        double rise = s.v()[top] - before;
        double low = Double.NaN;
        double high = Double.NaN;
        for (int k = foot; k <= top; k++) {
            if (Double.isNaN(low) && s.v()[k] >= before + 0.2 * rise) {
                low = s.t()[k];
            }
            if (s.v()[k] >= before + 0.8 * rise) {
                high = s.t()[k];
                break;
            }
        }
        return Double.isNaN(low) || Double.isNaN(high)
                ? s.t()[foot]
                : Math.max(s.t()[foot] - 0.1, low - (high - low) / 3);
    }

    /** Until when deceleration stayed at what the ramp reached, at most so long. */
    private static double heldUntil(Signal s, int top) {
        int k = top;
        while (k + 1 < s.size()
                && s.t()[k + 1] < s.t()[top] + AFTER_RAMP_S
                && Math.abs(s.v()[k + 1] - s.v()[top]) < HELD_SHARE * s.v()[top]) {
            k++;
        }
        return s.t()[k];
    }

    /** From when on deceleration was as it was just before the ramp, at most 1.2 s back. */
    private static double steadyFrom(Signal s, int foot, double before) {
        int k = foot;
        while (k > 0 && s.t()[k - 1] > s.t()[foot] - BEFORE_RAMP_S && Math.abs(s.v()[k - 1] - before) < STEADY_MPS2) {
            k--;
        }
        return s.t()[k];
    }

    private double leftBefore(Drive d, double t) {
        double threshold = level + Math.max(DATING_MPS2, 2 * calibration.decelerationSigma());
        return BrakeFinder.leftBefore(d.rawDeceleration(), t, threshold, LARGEST_DATING_BACK_S);
    }

    private static boolean staysAbove(Signal s, int i, double level) {
        return BrakeFinder.staysAbove(s, i, level, SUSTAINED_S);
    }
}
