package app.frenum.core.stop;

import app.frenum.core.log.Calibration;
import app.frenum.core.log.Drive;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.Windows;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds every application of the brake in a log, by the first signal that can be had: the brake switch (if it has
 * edges here and pressure or deceleration bears it out at least once), front line pressure, or deceleration.
 *
 * <p>Triggered on the smoothed signal, dated on the raw one: pressure back to where it last left 3σ, deceleration
 * to where it left the coasting level by the larger of 0.2 m/s² and 2σ. A release shorter than 0.25 s is a
 * modulation of the same application.
 */
final class BrakeFinder {
    static final double RELEASE_S = 0.25;
    private static final double SUSTAINED_S = 0.10;
    private static final double PRESSURE_TRIGGER_BAR = 1.0;
    private static final double DECELERATION_TRIGGER = 0.5;
    private static final double DECELERATION_DATING = 0.2;
    /** An application that never slows the car by this much is a dragged pedal or a lifted throttle. */
    static final double BRAKING_MPS2 = 2.0;

    private static final double LARGEST_DATING_BACK_S = 0.5;
    private static final double COASTING_FROM_S = 2.0;
    private static final double COASTING_TO_S = 0.3;
    private static final double MARGIN_S = 6;

    private final Log log;
    private final Calibration calibration;

    BrakeFinder(Log log, Calibration calibration) {
        this.log = log;
        this.calibration = calibration;
    }

    List<BrakeApplication> find() {
        if (log.channel(Role.BRAKE_SWITCH).isPresent()) {
            List<Edge> edges = edges(this::switchEdges);
            if (edges.stream().anyMatch(e -> e.on() && isBorneOut(e.t()))) {
                return applications(edges, OnsetSource.SWITCH);
            }
        }
        if (log.channel(Role.PRESSURE_FRONT).isPresent()) {
            List<Edge> edges = edges(this::pressureEdges);
            if (!edges.isEmpty()) {
                return applications(edges, OnsetSource.PRESSURE);
            }
        }
        return applications(new DecelerationEdges().find(), OnsetSource.DECELERATION);
    }

    /** Median deceleration from 2.0 to 0.3 s before an instant, at least 0; NaN when nothing was recorded then. */
    static double coastingLevel(Signal deceleration, double t) {
        int from = deceleration.indexAtOrBefore(t - COASTING_FROM_S) + 1;
        int to = deceleration.indexAtOrBefore(t - COASTING_TO_S) + 1;
        if (to <= from) {
            return Double.NaN;
        }
        double[] before = Arrays.copyOfRange(deceleration.v(), from, to);
        Arrays.sort(before);
        int n = before.length;
        return Math.max(0, n % 2 == 1 ? before[n / 2] : (before[n / 2 - 1] + before[n / 2]) / 2);
    }

    /** A change of the brake from off to on or back. */
    private record Edge(double t, boolean on) {}

    private interface EdgeReader {
        /** Adds the edges of one signal within a window; {@code on} is the state it starts in; returns the last state. */
        boolean read(Drive drive, Windows w, boolean on, List<Edge> into);
    }

    private List<Edge> edges(EdgeReader reader) {
        List<Edge> edges = new ArrayList<>();
        boolean on = false;
        for (Windows w : Windows.of(log)) {
            on = reader.read(read(w), w, on, edges);
        }
        return edges;
    }

    private Drive read(Windows w) {
        return Drive.read(log, calibration.offsets(), w.fromS() - MARGIN_S, w.toS() + MARGIN_S);
    }

    private boolean switchEdges(Drive d, Windows w, boolean state, List<Edge> into) {
        boolean on = state;
        Signal s = d.brakeSwitch();
        for (int i = 0; i < s.size(); i++) {
            if (s.t()[i] < w.fromS() || s.t()[i] >= w.toS()) {
                continue;
            }
            boolean pressed = s.v()[i] > 0.5;
            if (pressed != on) {
                double t = i == 0 ? s.t()[0] : (s.t()[i] + s.t()[i - 1]) / 2;
                into.add(new Edge(t, pressed));
                on = pressed;
            }
        }
        return on;
    }

    private boolean isBorneOut(double onsetS) {
        Drive d = Drive.read(log, calibration.offsets(), onsetS - MARGIN_S, onsetS + 1);
        double until = onsetS + 1;
        boolean pressure = !d.front().isEmpty() && d.front().max(onsetS, until) > pressureTrigger();
        return pressure || !d.deceleration().isEmpty() && d.deceleration().max(onsetS, until) > BRAKING_MPS2;
    }

    private double pressureTrigger() {
        return Math.max(PRESSURE_TRIGGER_BAR, 5 * calibration.frontSmoothSigmaBar());
    }

    private boolean pressureEdges(Drive d, Windows w, boolean state, List<Edge> into) {
        boolean on = state;
        double trigger = pressureTrigger();
        Signal smooth = d.front();
        for (int i = 0; i < smooth.size(); i++) {
            double t = smooth.t()[i];
            if (t < w.fromS() || t >= w.toS()) {
                continue;
            }
            boolean above = smooth.v()[i] > trigger;
            if (above && !on && staysAbove(smooth, i, trigger)) {
                into.add(new Edge(leftBefore(d.rawFront(), t, 3 * calibration.frontSigmaBar()), true));
                on = true;
            } else if (!above && on) {
                into.add(new Edge(t, false));
                on = false;
            }
        }
        return on;
    }

    private static boolean staysAbove(Signal s, int i, double level) {
        for (int k = i; k < s.size() && s.t()[k] < s.t()[i] + SUSTAINED_S; k++) {
            if (s.v()[k] <= level) {
                return false;
            }
        }
        return true;
    }

    /** The last instant before {@code t} at which the signal rose through {@code level}, at most 0.5 s back. */
    private static double leftBefore(Signal raw, double t, double level) {
        for (int i = raw.indexAtOrBefore(t); i > 0 && raw.t()[i - 1] >= t - LARGEST_DATING_BACK_S; i--) {
            if (raw.v()[i - 1] <= level && raw.v()[i] > level) {
                double share = (level - raw.v()[i - 1]) / (raw.v()[i] - raw.v()[i - 1]);
                return raw.t()[i - 1] + share * (raw.t()[i] - raw.t()[i - 1]);
            }
        }
        return t;
    }

    /** Deceleration needs a memory: its threshold hangs on how the car coasted just before. */
    private final class DecelerationEdges {
        private final List<Edge> edges = new ArrayList<>();
        private boolean on;
        private double offLevel;

        List<Edge> find() {
            for (Windows w : Windows.of(log)) {
                Drive d = read(w);
                for (int i = 0; i < d.deceleration().size(); i++) {
                    double t = d.deceleration().t()[i];
                    if (t >= w.fromS() && t < w.toS()) {
                        see(d, i);
                    }
                }
            }
            return edges;
        }

        private void see(Drive d, int i) {
            Signal smooth = d.deceleration();
            double t = smooth.t()[i];
            double a = smooth.v()[i];
            if (on) {
                if (a <= offLevel) {
                    edges.add(new Edge(t, false));
                    on = false;
                }
                return;
            }
            double rise = Math.max(DECELERATION_TRIGGER, 5 * calibration.decelerationSmoothSigma());
            if (a <= rise) {
                return;
            }
            double known = coastingLevel(smooth, t);
            double level = Double.isNaN(known) ? 0 : known;
            if (a > level + rise && staysAbove(smooth, i, level + rise) && risesOn(smooth, i, level)) {
                double dating = Math.max(DECELERATION_DATING, 2 * calibration.decelerationSigma());
                edges.add(new Edge(leftBefore(d.rawDeceleration(), t, level + dating), true));
                on = true;
                offLevel = level + rise;
            }
        }

        private boolean risesOn(Signal s, int i, double level) {
            for (int k = i; k < s.size(); k++) {
                if (s.v()[k] >= BRAKING_MPS2) {
                    return true;
                }
                if (s.v()[k] <= level) {
                    return false;
                }
            }
            return false;
        }
    }

    private List<BrakeApplication> applications(List<Edge> edges, OnsetSource source) {
        List<BrakeApplication> out = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            if (!edges.get(i).on()) {
                continue;
            }
            double onset = edges.get(i).t();
            int modulations = 0;
            while (i + 2 < edges.size()
                    && edges.get(i + 2).t() - edges.get(i + 1).t() < RELEASE_S) {
                modulations++;
                i += 2;
            }
            double off = i + 1 < edges.size() ? edges.get(i + 1).t() : log.durationS();
            double next = i + 2 < edges.size() ? edges.get(i + 2).t() : Double.POSITIVE_INFINITY;
            out.add(new BrakeApplication(onset, off, source, modulations, next));
        }
        return out;
    }
}
