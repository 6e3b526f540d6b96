package app.frenum.core.stop;

import app.frenum.core.log.Calibration;
import app.frenum.core.log.Drive;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.Windows;
import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds every application of the brake in a log, by the first signal that can be had: the brake switch (if it has
 * edges here and pressure or deceleration bears it out at least once), front line pressure, or deceleration.
 *
 * <p>Triggered on the smoothed signal, dated on the raw one: pressure back to where it last left 3σ, deceleration at the
 * bend of its ramp (see {@link DecelerationEdges}). A release shorter than 0.25 s is a modulation of the same application.
 */
final class BrakeFinder {
    static final double RELEASE_S = 0.25;
    private static final double SUSTAINED_S = 0.10;
    private static final double PRESSURE_TRIGGER_BAR = 1.0;

    private static final double RISE_S = 0.004;
    private static final double SLOWEST_RISE_S = 0.1;
    private static final double RISE_SHARE = 0.7;
    /** More than this before a stop is a foot on the pedal, not a sensor's zero, bar. */
    static final double LARGEST_IDLE_BAR = 1.5;

    private static final double LARGEST_DATING_BACK_S = 0.5;
    private static final double COASTING_FROM_S = 2.0;
    private static final double COASTING_TO_S = 0.3;
    private static final double MARGIN_S = 6;

    private final Log log;
    private final Calibration calibration;

    private final double leastBrakingMps2;

    BrakeFinder(Log log, Calibration calibration, AnalysisOptions options) {
        this.log = log;
        leastBrakingMps2 = options.leastBrakingMps2();
        this.calibration = calibration;
    }

    List<BrakeApplication> find() {
        if (canDate(Role.BRAKE_SWITCH)) {
            List<BrakeEdge> edges = edges(this::switchEdges);
            if (edges.stream().anyMatch(e -> e.on() && isBorneOut(e.t()))) {
                return applications(edges, OnsetSource.SWITCH);
            }
        }
        if (canDate(Role.PRESSURE_FRONT)) {
            List<BrakeEdge> edges = edges((d, w, on, into) -> pressureEdges(d.front(), d.rawFront(), w, on, into));
            if (edges.isEmpty() && canDate(Role.PRESSURE_REAR)) {
                edges = edges((d, w, on, into) -> pressureEdges(d.rear(), d.rawRear(), w, on, into));
            }
            if (!edges.isEmpty()) {
                return applications(edges, OnsetSource.PRESSURE);
            }
        }
        return applications(new DecelerationEdges(log, calibration).find(), OnsetSource.DECELERATION);
    }

    private boolean canDate(Role role) {
        return log.channel(role).isPresent() && calibration.dates(role);
    }

    /** Median deceleration from 2.0 to 0.3 s before an instant, at least 0; NaN when nothing was recorded then. */
    static double coastingLevel(Signal deceleration, double t) {
        double median = DecelerationEdges.median(deceleration, t - COASTING_FROM_S, t - COASTING_TO_S);
        return Double.isNaN(median) ? median : Math.max(0, median);
    }

    private interface EdgeReader {
        /** Adds the edges of one signal within a window; {@code on} is the state it starts in; returns the last state. */
        boolean read(Drive drive, Windows w, boolean on, List<BrakeEdge> into);
    }

    private List<BrakeEdge> edges(EdgeReader reader) {
        List<BrakeEdge> edges = new ArrayList<>();
        boolean on = false;
        for (Windows w : Windows.of(log)) {
            on = reader.read(read(w), w, on, edges);
        }
        return edges;
    }

    private Drive read(Windows w) {
        return Drive.read(log, calibration.offsets(), w.fromS() - MARGIN_S, w.toS() + MARGIN_S);
    }

    private boolean switchEdges(Drive d, Windows w, boolean state, List<BrakeEdge> into) {
        boolean on = state;
        Signal s = d.brakeSwitch();
        for (int i = 0; i < s.size(); i++) {
            if (s.t()[i] < w.fromS() || s.t()[i] >= w.toS()) {
                continue;
            }
            boolean pressed = s.v()[i] > 0.5;
            if (pressed != on) {
                double t = i == 0 ? s.t()[0] : (s.t()[i] + s.t()[i - 1]) / 2;
                double half = i == 0 ? 0 : (s.t()[i] - s.t()[i - 1]) / 2;
                into.add(new BrakeEdge(t, pressed, half / Math.sqrt(3)));
                on = pressed;
            }
        }
        return on;
    }

    private boolean isBorneOut(double onsetS) {
        Drive d = Drive.read(log, calibration.offsets(), onsetS - MARGIN_S, onsetS + 1);
        double until = onsetS + 1;
        boolean pressure = rises(d.front(), onsetS, until) || rises(d.rear(), onsetS, until);
        return pressure || !d.deceleration().isEmpty() && d.deceleration().max(onsetS, until) > leastBrakingMps2;
    }

    private boolean rises(Signal pressure, double fromS, double toS) {
        return !pressure.isEmpty() && pressure.max(fromS, toS) > pressureTrigger();
    }

    private double pressureTrigger() {
        return Math.max(PRESSURE_TRIGGER_BAR, 5 * calibration.frontSmoothSigmaBar());
    }

    private boolean pressureEdges(Signal smooth, Signal raw, Windows w, boolean state, List<BrakeEdge> into) {
        boolean on = state;
        double trigger = pressureTrigger();
        for (int i = 0; i < smooth.size(); i++) {
            double t = smooth.t()[i];
            if (t < w.fromS() || t >= w.toS()) {
                continue;
            }
            boolean above = smooth.v()[i] > trigger;
            if (above && !on && staysAbove(smooth, i, trigger, SUSTAINED_S)) {
                double left = idleBefore(raw, t) + 3 * calibration.frontSigmaBar();
                double onset = leftBefore(raw, t, left, LARGEST_DATING_BACK_S);
                double rise = rise(raw, onset, left);
                into.add(new BrakeEdge(onset, true, Math.hypot(raw.period() / 2 / Math.sqrt(3), rise)));
                on = true;
            } else if (!above && on) {
                into.add(BrakeEdge.off(t));
                on = false;
            }
        }
        return on;
    }

    /** What is not known of when pressure began to rise below the noise: most of the time it takes to four times that. */
    private static double rise(Signal raw, double onset, double level) {
        double later = raw.map(p -> -p).firstFallTo(-4 * level, onset, Math.min(raw.last(), onset + SLOWEST_RISE_S));
        return Math.max(RISE_S, RISE_SHARE * (Double.isNaN(later) ? SLOWEST_RISE_S : later - onset));
    }

    /** What the sensor read just before, when the pedal was free. */
    private static double idleBefore(Signal raw, double t) {
        double level = DecelerationEdges.median(raw, t - COASTING_FROM_S, t - COASTING_TO_S);
        return Math.abs(level) < LARGEST_IDLE_BAR ? level : 0;
    }

    static boolean staysAbove(Signal s, int i, double level, double seconds) {
        for (int k = i; k < s.size() && s.t()[k] < s.t()[i] + seconds; k++) {
            if (s.v()[k] <= level) {
                return false;
            }
        }
        return true;
    }

    /** The last instant before {@code t} at which the signal rose through {@code level}, at most so far back. */
    static double leftBefore(Signal raw, double t, double level, double farthestS) {
        // The smoothed signal rises a little before the raw one does; the search starts where that has risen.
        int risen = raw.indexAtOrBefore(t);
        while (risen + 1 < raw.size() && raw.t()[risen + 1] < t + SUSTAINED_S && raw.v()[Math.max(0, risen)] <= level) {
            risen++;
        }
        for (int i = risen; i > 0 && raw.t()[i - 1] >= t - farthestS; i--) {
            if (raw.v()[i - 1] <= level && raw.v()[i] > level) {
                double share = (level - raw.v()[i - 1]) / (raw.v()[i] - raw.v()[i - 1]);
                return raw.t()[i - 1] + share * (raw.t()[i] - raw.t()[i - 1]);
            }
        }
        return t;
    }

    private List<BrakeApplication> applications(List<BrakeEdge> edges, OnsetSource source) {
        List<BrakeApplication> out = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            if (!edges.get(i).on()) {
                continue;
            }
            BrakeEdge onset = edges.get(i);
            int modulations = 0;
            while (i + 2 < edges.size()
                    && edges.get(i + 2).t() - edges.get(i + 1).t() < RELEASE_S) {
                modulations++;
                i += 2;
            }
            double off = i + 1 < edges.size() ? edges.get(i + 1).t() : log.durationS();
            double next = i + 2 < edges.size() ? edges.get(i + 2).t() : Double.POSITIVE_INFINITY;
            Figure u = Figure.of(onset.uncertaintyS());
            out.add(new BrakeApplication(onset.t(), off, source, modulations, next, u));
        }
        return out;
    }
}
