package app.frenum.core.log;

import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * By how much the speed channel comes late, as satellite receivers do (0.05 to 0.5 s).
 *
 * <p>Over each braking of the log, speed is put beside the running integral of what slowed the car: of the
 * accelerometer, or of front pressure where there is none. The lag at which a straight line and that integral leave the
 * least of speed unexplained is the braking's; the log's is their median. Pressure acts before the car slows, so
 * {@link #CAR_S} is taken off a lag against it.
 *
 * @param seconds how late, s, or why nobody can know
 * @param uncertaintyS standard uncertainty (k = 1), s
 */
public record SpeedLatency(Figure seconds, double uncertaintyS) {
    /** Below this a speed is prompt, s. */
    public static final double PROMPT_S = 0.05;
    /** Receivers faster than this are prompt unless they are seen to be late. */
    public static final double SLOW_HZ = 20;
    /** From pressure in the line to slowing of the car, s, and what is not known of it. */
    private static final double CAR_S = 0.06;

    private static final double CAR_UNCERTAINTY_S = 0.05;
    private static final double LEAST_S = -0.1;
    private static final double STEP_S = 0.02;
    private static final int STEPS = 41;
    private static final double LEAST_UNCERTAINTY_S = 0.005;
    private static final double ONE_BRAKING_S = 0.03;
    private static final int ENOUGH_BRAKINGS = 40;
    private static final double BRAKING_MPS2 = 2;
    private static final double BRAKING_BAR = 5;
    private static final double SHORTEST_S = 0.5;
    private static final double BEFORE_S = 1.2;
    private static final double AFTER_S = 0.6;
    private static final double SLOWEST_MPS = 3;
    private static final double MARGIN_S = 3;
    /** Share of a braking's change of speed that may stay unexplained before its lag is not believed. */
    private static final double UNEXPLAINED = 0.03;

    /** Speed is told at once: of wheels, or where nothing else says when the car slowed. */
    public static final SpeedLatency NONE = new SpeedLatency(Figure.of(0), 0);

    /** How far the speed channel is moved back in time before anything is computed, s. */
    public double shiftS() {
        return comesLate() ? seconds.value() : 0;
    }

    public boolean comesLate() {
        return seconds.isKnown() && seconds.value() > PROMPT_S;
    }

    /** @param offsets of the sensors, without any latency */
    static SpeedLatency of(Log log, Drive.Offsets offsets) {
        if (log.channel(Role.SPEED).isEmpty()) {
            return NONE;
        }
        boolean sensor = log.channel(Role.DECELERATION).isPresent()
                || log.channel(Role.ACCELERATION).isPresent();
        boolean pressure = log.channel(Role.PRESSURE_FRONT).isPresent();
        if (!sensor && !pressure) {
            return log.channel(Role.BRAKE_SWITCH).isPresent() ? untold(log, "a switch alone does not tell it") : NONE;
        }
        double[] lags = lags(log, offsets, sensor);
        if (lags.length == 0) {
            return untold(log, "no braking of this log shows it");
        }
        double lag = Thinned.median(lags.clone());
        double spread = 1.4826
                * Thinned.median(Arrays.stream(lags).map(x -> Math.abs(x - lag)).toArray());
        double u =
                lags.length < 3 ? ONE_BRAKING_S : Math.max(LEAST_UNCERTAINTY_S, 1.25 * spread / Math.sqrt(lags.length));
        return sensor
                ? new SpeedLatency(Figure.of(Math.max(0, lag)), u)
                : byPressure(log, Math.max(0, lag - CAR_S), Math.hypot(u, CAR_UNCERTAINTY_S));
    }

    /** A fast channel that shows no more lag than the car's own is prompt: the car's delay is none of its. */
    private static SpeedLatency byPressure(Log log, double lag, double u) {
        return lag <= PROMPT_S && !isSlow(log) ? NONE : new SpeedLatency(Figure.of(lag), u);
    }

    private static SpeedLatency untold(Log log, String why) {
        return isSlow(log) ? new SpeedLatency(Figure.unknown(why), 0) : NONE;
    }

    private static boolean isSlow(Log log) {
        return HealthCheck.rateHz(log, log.channel(Role.SPEED).orElseThrow()) <= SLOW_HZ * 1.05;
    }

    private static double[] lags(Log log, Drive.Offsets offsets, boolean sensor) {
        List<Double> lags = new ArrayList<>();
        for (Windows w : Windows.of(log)) {
            Drive d = Drive.read(log, offsets, w.fromS() - MARGIN_S, w.toS() + MARGIN_S);
            Signal slowing = sensor ? d.deceleration() : d.front();
            if (slowing.isEmpty() || d.speed().size() < 8 || lags.size() >= ENOUGH_BRAKINGS) {
                continue;
            }
            for (double[] braking : brakings(slowing, w, sensor ? BRAKING_MPS2 : BRAKING_BAR)) {
                double lag = lag(d.speed(), slowing, braking[0] - BEFORE_S, braking[1]);
                if (!Double.isNaN(lag)) {
                    lags.add(lag);
                }
            }
        }
        return lags.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** From when to when the signal stood above a level for long enough. */
    private static List<double[]> brakings(Signal s, Windows w, double level) {
        List<double[]> found = new ArrayList<>();
        double since = Double.NaN;
        for (int i = 0; i < s.size(); i++) {
            boolean above = s.v()[i] > level;
            if (above && Double.isNaN(since)) {
                since = s.t()[i];
            } else if (!above && !Double.isNaN(since)) {
                if (s.t()[i] - since >= SHORTEST_S && since >= w.fromS() && since < w.toS()) {
                    found.add(new double[] {since, s.t()[i]});
                }
                since = Double.NaN;
            }
        }
        return found;
    }

    /** The lag that explains the speed of one braking best; NaN where none does, or it stays unclear. */
    private static double lag(Signal speed, Signal slowing, double from, double to) {
        double until =
                speed.firstFallTo(SLOWEST_MPS, Math.max(from, speed.first()), Math.min(to + AFTER_S, speed.last()));
        Signal seen = speed.between(from, Double.isNaN(until) ? to + AFTER_S : until);
        boolean whole = from >= Math.max(speed.first(), slowing.first()) + STEPS * STEP_S
                && seen.size() >= 8
                && seen.last() <= Math.min(speed.last(), slowing.last()) + LEAST_S
                && seen.v()[0] - seen.v()[seen.size() - 1] > SLOWEST_MPS;
        if (!whole) {
            return Double.NaN;
        }
        Signal integral = runningIntegral(slowing.between(from - STEPS * STEP_S, seen.last() - LEAST_S));
        double[] left = new double[STEPS];
        int best = 0;
        for (int k = 0; k < STEPS; k++) {
            left[k] = unexplained(seen, integral, LEAST_S + k * STEP_S);
            best = left[k] < left[best] ? k : best;
        }
        double change = seen.v()[0] - seen.v()[seen.size() - 1];
        if (best == 0 || best == STEPS - 1 || Math.sqrt(left[best] / seen.size()) > UNEXPLAINED * change) {
            return Double.NaN;
        }
        double curve = left[best - 1] - 2 * left[best] + left[best + 1];
        return LEAST_S + STEP_S * (best + (curve > 0 ? (left[best - 1] - left[best + 1]) / (2 * curve) : 0));
    }

    private static Signal runningIntegral(Signal s) {
        double[] sum = new double[s.size()];
        for (int i = 1; i < sum.length; i++) {
            sum[i] = sum[i - 1] + (s.v()[i] + s.v()[i - 1]) / 2 * (s.t()[i] - s.t()[i - 1]);
        }
        return new Signal(s.t(), sum);
    }

    /** Sum of squares of speed that a level, a slope and the lagged integral leave. */
    private static double unexplained(Signal seen, Signal integral, double lag) {
        int n = seen.size();
        double middle = (seen.first() + seen.last()) / 2;
        double[][] x = new double[n][];
        for (int i = 0; i < n; i++) {
            double t = seen.t()[i];
            x[i] = new double[] {1, t - middle, integral.at(t - lag)};
        }
        return LeastSquares.of(x, seen.v()).residualSquares();
    }
}
