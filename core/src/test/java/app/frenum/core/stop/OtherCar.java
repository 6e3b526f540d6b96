package app.frenum.core.stop;

import app.frenum.core.log.Channel;
import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.quantity.Unit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;

/**
 * A car and a logger that share nothing with Frenum's own simulator: a point mass in steps of 1 ms, whose foot, hydraulics
 * and tyres each take their time, and sensors with noise, delays and faults of their own. Everything about each stop is
 * known, so that what is computed from the log can be held against it.
 */
final class OtherCar {
    private static final double DT = 0.001;
    static final double G = 9.80665;

    /** What a foot did: pressed from here to there, so hard. */
    record Press(double fromS, double toS, double share) {}

    /** What really happened in one application: foot to rest, or to the release. */
    record Truth(double footS, double endS, double distanceM, boolean stop) {}

    final Random random;
    double speedHz = 100;
    double speedNoise = 0.03;
    double latencyS;
    double grade;
    double engineMps2;
    boolean pressure;
    boolean accelerometer;
    boolean brakeSwitch;
    boolean speedChannel = true;
    boolean wheels;
    boolean antiLock;
    double[] lock = {};
    double clockJumpS;
    double clockJumpAfterFootS = 1.2;
    double pressureDriftBar;
    double lightFirstS;
    double dipS;
    /** Let go at rest, the car rolls on, or back where it is below 0, and is braked again, m/s. */
    double rollsAtMps;

    double lockedToRestS = Double.NaN;
    int stops = 4;
    double plateau = 9;
    double cruiseMps = 27.9;
    double engineBeforeS = 2.5;

    final List<Truth> truths = new ArrayList<>();
    private double ownDelayS;

    OtherCar(long seed) {
        random = new Random(seed);
    }

    private final List<double[]> states = new ArrayList<>();

    /** Drives all stops and writes the log. */
    MemoryLog log() {
        ownDelayS = 0.01 + 0.03 * random.nextDouble();
        double t = 0;
        double v = cruiseMps;
        double x = 0;
        double p = 0;
        double braking = 0;
        double next = 8 + random.nextDouble();
        double rise = 0.06 + 0.05 * random.nextDouble();
        double rest = Double.NaN;
        List<Press> own = pressesOf(next);
        int done = 0;
        double pitch = 0;
        double pitchRate = 0;
        while (done < stops) {
            double asked = 0;
            for (Press press : own) {
                asked = t >= press.fromS() && t < press.toS() ? press.share() : asked;
            }
            p += (asked - p) * DT / rise;
            double wanted = plateau * delayed(t - ownDelayS) * (1 + 0.08 * (1 - v / cruiseMps));
            braking += (wanted - braking) * DT / 0.02;
            boolean lifted = t > next - engineBeforeS;
            double drive = 0;
            if (!lifted && v < cruiseMps && t > 0.5) {
                drive = Math.min(3.5, 2 * (cruiseMps - v) + 0.5);
            }
            double slowing = lifted ? engineMps2 + 0.00035 * v * v + 0.1 : 0;
            double a = v > 0 ? braking + slowing + G * grade * (braking > 0.1 || lifted ? 1 : 0) - drive : -drive;
            if (v <= 0 && braking > 0.1) {
                a = 0;
            }
            double vBefore = v;
            v = Math.max(0, v - a * DT);
            x += (v + vBefore) / 2 * DT;
            pitchRate += (-a * 0.06 * 900 - pitch * 900 - pitchRate * 12) * DT;
            pitch += pitchRate * DT;
            double since = t - rest;
            boolean rolls = rollsAtMps != 0 && since > 1.2 && since < 3.2;
            double turn = Math.PI / 2 * (since - 1.2);
            double rolled = rolls ? rollsAtMps * Math.pow(Math.sin(turn), 2) : 0;
            double slowed = rolls ? -rollsAtMps * Math.PI / 2 * Math.sin(2 * turn) : v > 0 || vBefore > 0 ? a : 0;
            double held = rolls ? since < 2.2 ? 0 : 0.2 : p;
            states.add(new double[] {t, v + rolled, x, held, slowed, pitch});
            shares.add(p);
            if (v == 0 && vBefore > 0 && Double.isNaN(rest)) {
                rest = t;
            }
            boolean over = !Double.isNaN(rest) && t > rest + 4;
            if (over) {
                closed(own, rest);
                done++;
                rest = Double.NaN;
                next = t + 18 + random.nextDouble();
                own = pressesOf(next);
            }
            t += DT;
        }
        return sampled();
    }

    private final List<Double> shares = new ArrayList<>();

    private double delayed(double t) {
        int i = (int) Math.round(t / DT);
        return i < 0 || i >= shares.size() ? 0 : shares.get(i);
    }

    private List<Press> pressesOf(double foot) {
        List<Press> list = new ArrayList<>();
        double start = foot;
        if (lightFirstS > 0) {
            list.add(new Press(foot, foot + lightFirstS, 0.3));
            start = foot + lightFirstS;
        }
        if (dipS > 0) {
            double at = start + 1.0;
            list.add(new Press(start, at, 1));
            list.add(new Press(at + dipS, start + 60, 1));
        } else {
            list.add(new Press(start, start + 60, 1));
        }
        return list;
    }

    private void closed(List<Press> own, double rest) {
        double foot = own.get(0).fromS();
        boolean parted = dipS >= 0.4;
        if (parted) {
            truths.add(new Truth(foot, own.get(0).toS(), Double.NaN, false));
            Press second = own.get(1);
            truths.add(new Truth(second.fromS(), rest, xAt(rest) - xAt(second.fromS()), true));
        } else {
            truths.add(new Truth(foot, rest, xAt(rest) - xAt(foot), true));
        }
    }

    private double xAt(double t) {
        return states.get((int) Math.round(t / DT))[2];
    }

    private double state(double t, int what) {
        int i = (int) Math.max(0, Math.min(states.size() - 1, Math.round(t / DT)));
        return states.get(i)[what];
    }

    private MemoryLog sampled() {
        double rate = 100;
        int n = (int) (states.size() * DT * rate) - 1;
        List<Channel> channels = new ArrayList<>();
        List<DoubleUnaryOperator> values = new ArrayList<>();
        double bias = 0.08 * random.nextGaussian();
        if (speedChannel) {
            channels.add(new Channel("speed", Role.SPEED, Unit.METRES_PER_SECOND));
            int every = (int) Math.round(rate / speedHz);
            values.add(t -> {
                boolean due = Math.round(t * rate) % every == 0;
                double v = state(t - latencyS, 1) + speedNoise * random.nextGaussian();
                return due ? Math.round((rollsAtMps < 0 ? v : Math.max(0, v)) * 100) / 100.0 : Double.NaN;
            });
        }
        if (accelerometer) {
            channels.add(new Channel("acceleration", Role.ACCELERATION, Unit.METRES_PER_SECOND_SQUARED));
            values.add(t -> -(state(t, 4) - 0.02 * state(t, 5) * G + bias + 0.15 * random.nextGaussian()));
        }
        if (pressure) {
            channels.add(new Channel("pressure", Role.PRESSURE_FRONT, Unit.BAR));
            double length = states.size() * DT;
            values.add(t -> 55 * state(t, 3) + 0.7 + pressureDriftBar * t / length + 0.08 * random.nextGaussian());
        }
        if (brakeSwitch) {
            channels.add(new Channel("brake switch", Role.BRAKE_SWITCH, Unit.ONE));
            values.add(t ->
                    truths.stream().anyMatch(r -> t >= r.footS() + 0.008 && t < r.endS() + (r.stop() ? 2 : 0.02))
                            ? 1.0
                            : 0.0);
        }
        if (wheels) {
            for (int w = 0; w < 4; w++) {
                int wheel = w;
                channels.add(new Channel("wheel " + w, wheelRole(w), Unit.METRES_PER_SECOND));
                double phase = 6 * random.nextDouble();
                values.add(t -> wheelSpeed(t, wheel, phase));
            }
        }
        double[] times = new double[n];
        double jump = 0;
        double[][] samples = new double[channels.size()][n];
        Truth jumped = truths.get(Math.min(1, truths.size() - 1));
        for (int i = 0; i < n; i++) {
            double t = i / rate;
            if (clockJumpS > 0 && t >= jumped.footS() + clockJumpAfterFootS) {
                jump = clockJumpS;
            }
            times[i] = t + jump;
            for (int c = 0; c < samples.length; c++) {
                samples[c][i] = values.get(c).applyAsDouble(t);
            }
        }
        return new MemoryLog(channels, times, samples);
    }

    private static Role wheelRole(int w) {
        return Arrays.asList(
                        Role.WHEEL_SPEED_FRONT_LEFT,
                        Role.WHEEL_SPEED_FRONT_RIGHT,
                        Role.WHEEL_SPEED_REAR_LEFT,
                        Role.WHEEL_SPEED_REAR_RIGHT)
                .get(w);
    }

    private double wheelSpeed(double t, int wheel, double phase) {
        double v = state(t, 1);
        double share = state(t, 3);
        double slip = share > 0.3 ? 0.02 : 0;
        if (antiLock && share > 0.5 && v > 2) {
            double cycle = (t * (6 + wheel * 0.7) + phase) % 1.0;
            slip += cycle < 0.45 ? 0.3 * Math.sin(Math.PI * cycle / 0.45) : 0;
        }
        for (int k = 0; k + 1 < lock.length; k += 2) {
            for (Truth truth : truths) {
                double since = t - truth.footS();
                if (since >= lock[k] && since < lock[k + 1]) {
                    slip = Math.min(1, Math.min((since - lock[k]) / 0.04, Math.max(0, (lock[k + 1] - since) / 0.06)));
                }
            }
        }
        if (!Double.isNaN(lockedToRestS)) {
            for (Truth truth : truths) {
                double since = t - truth.footS();
                if (since >= lockedToRestS && t <= truth.endS()) {
                    slip = Math.min(1, (since - lockedToRestS) / 0.04);
                }
            }
        }
        return Math.max(0, v * (1 - slip) + 0.03 * random.nextGaussian());
    }

    List<MeasuredStop> analysed() {
        MemoryLog log = log();
        return LogAnalysis.of(log, HealthCheck.of(log), AnalysisOptions.onset(AnalysisOptions.noNominal()))
                .stops();
    }
}
