package app.frenum.core.log;

import java.util.Arrays;
import java.util.Optional;

/**
 * Speed from a slow satellite receiver and an accelerometer together. The accelerometer is integrated forward, its
 * bias and the speed are estimated, and the estimate is run back over the stretch: the smoother of H. E. Rauch,
 * F. Tung and C. T. Striebel (AIAA Journal 3, 1965) with the state [v, bias]. By how much the receiver's clock lags
 * is the lag that makes its readings least surprising.
 *
 * @param speed m/s, at the accelerometer's and the receiver's times together
 * @param latencyS how late the receiver told, s
 * @param biasMps2 what the accelerometer read too much of slowing, mean over the stretch, m/s²
 */
public record FusedSpeed(Signal speed, double latencyS, double biasMps2) {
    /** Receivers faster than this are good enough alone. */
    public static final double SLOW_HZ = 20;

    private static final double LONGEST_LATENCY_S = 0.6;
    private static final double LATENCY_STEP_S = 0.02;
    /** Standard deviation of a receiver's speed, m/s. */
    private static final double RECEIVER_MPS = 0.10;
    /** White noise of an accelerometer on a braking car, m/s² per √Hz. */
    private static final double SENSOR_NOISE = 0.05;
    /** How fast its bias wanders (pitch, grade), m/s² per √s. */
    private static final double BIAS_WALK = 0.15;

    private static final double FIRST_BIAS = 0.5;

    /**
     * Fuses the speed channel of a stretch with its deceleration sensor.
     *
     * @return empty when speed is faster than {@link #SLOW_HZ}, or no sensor felt the deceleration
     */
    public static Optional<FusedSpeed> of(Drive drive) {
        if (drive.speedIsWheel()
                || !drive.hasDecelerationSensor()
                || drive.speed().size() < 4) {
            return Optional.empty();
        }
        boolean fast = 1 / drive.speed().period() > SLOW_HZ * 1.05;
        return fast ? Optional.empty() : of(drive.speed(), drive.rawDeceleration());
    }

    /**
     * Fuses two signals.
     *
     * @param receiver speed as told, m/s
     * @param slowing the sensor's deceleration, m/s², which must sample faster than the receiver
     */
    static Optional<FusedSpeed> of(Signal receiver, Signal slowing) {
        if (slowing.size() < 2 * receiver.size()) {
            return Optional.empty();
        }
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i * LATENCY_STEP_S <= LONGEST_LATENCY_S; i++) {
            double surprise = new Run(receiver, slowing, i * LATENCY_STEP_S).surprise;
            if (surprise < least) {
                least = surprise;
                best = i * LATENCY_STEP_S;
            }
        }
        double latency = refined(receiver, slowing, best);
        Run run = new Run(receiver, slowing, latency);
        run.smooth();
        return Optional.of(new FusedSpeed(
                new Signal(run.t, run.v),
                latency,
                Arrays.stream(run.b).average().orElseThrow()));
    }

    /** The bottom of the parabola through a lag and its neighbours. */
    private static double refined(Signal receiver, Signal slowing, double lag) {
        double here = new Run(receiver, slowing, lag).surprise;
        double below = new Run(receiver, slowing, lag - LATENCY_STEP_S).surprise;
        double above = new Run(receiver, slowing, lag + LATENCY_STEP_S).surprise;
        double curve = below - 2 * here + above;
        double shift = curve > 0 ? (below - above) / (2 * curve) * LATENCY_STEP_S : 0;
        return Math.max(0, lag + Math.max(-LATENCY_STEP_S, Math.min(LATENCY_STEP_S, shift)));
    }

    /** One pass of the filter forward, and of the smoother back, for an assumed lag. */
    private static final class Run {
        private final double[] t;
        private final double[] v;
        private final double[] b;
        /** Covariance after each step: var v, cov, var b. */
        private final double[][] p;
        /** What each step predicted before its reading: v, b, var v, cov, var b. */
        private final double[][] predicted;

        private double surprise;

        Run(Signal receiver, Signal slowing, double lag) {
            double[] told = Arrays.stream(receiver.t()).map(x -> x - lag).toArray();
            t = Arrays.stream(new double[][] {told, slowing.t()})
                    .flatMapToDouble(Arrays::stream)
                    .filter(x -> x >= slowing.first() && x <= slowing.last())
                    .sorted()
                    .distinct()
                    .toArray();
            v = new double[t.length];
            b = new double[t.length];
            p = new double[t.length][];
            predicted = new double[t.length][];
            forward(told, receiver.v(), slowing);
        }

        private void forward(double[] told, double[] readings, Signal slowing) {
            int next = Math.max(0, -1 - Arrays.binarySearch(told, Math.nextDown(t[0])));
            double before = slowing.at(t[0]);
            v[0] = readings[Math.min(next, readings.length - 1)];
            p[0] = new double[] {4, 0, FIRST_BIAS * FIRST_BIAS};
            predicted[0] = new double[] {v[0], 0, p[0][0], 0, p[0][2]};
            for (int k = 0; k < t.length; k++) {
                if (k > 0) {
                    double a = slowing.at(t[k]);
                    predict(k, t[k] - t[k - 1], (a + before) / 2);
                    before = a;
                }
                if (next < told.length && told[next] == t[k]) {
                    correct(k, readings[next++]);
                }
            }
        }

        /** v falls by what the sensor felt less its bias. */
        private void predict(int k, double dt, double slowing) {
            double[] q = p[k - 1];
            b[k] = b[k - 1];
            v[k] = v[k - 1] - (slowing - b[k - 1]) * dt;
            double varB = q[2] + BIAS_WALK * BIAS_WALK * dt;
            double cov = q[1] + dt * q[2];
            double varV = q[0] + 2 * dt * q[1] + dt * dt * q[2] + SENSOR_NOISE * SENSOR_NOISE * dt;
            p[k] = new double[] {varV, cov, varB};
            predicted[k] = new double[] {v[k], b[k], varV, cov, varB};
        }

        private void correct(int k, double reading) {
            double[] q = p[k];
            double s = q[0] + RECEIVER_MPS * RECEIVER_MPS;
            double miss = reading - v[k];
            surprise += miss * miss / s + Math.log(s);
            double gainV = q[0] / s;
            double gainB = q[1] / s;
            v[k] += gainV * miss;
            b[k] += gainB * miss;
            p[k] = new double[] {(1 - gainV) * q[0], (1 - gainV) * q[1], q[2] - gainB * q[1]};
        }

        private void smooth() {
            for (int k = t.length - 2; k >= 0; k--) {
                double dt = t[k + 1] - t[k];
                double[] q = p[k];
                double[] f = predicted[k + 1];
                double det = f[2] * f[4] - f[3] * f[3];
                // C = P Fᵀ P⁻¹ with F = [1 dt; 0 1]
                double a11 = q[0] + dt * q[1];
                double a21 = q[1] + dt * q[2];
                double c11 = (a11 * f[4] - q[1] * f[3]) / det;
                double c12 = (q[1] * f[2] - a11 * f[3]) / det;
                double c21 = (a21 * f[4] - q[2] * f[3]) / det;
                double c22 = (q[2] * f[2] - a21 * f[3]) / det;
                double dv = v[k + 1] - f[0];
                double db = b[k + 1] - f[1];
                v[k] += c11 * dv + c12 * db;
                b[k] += c21 * dv + c22 * db;
            }
        }
    }
}
