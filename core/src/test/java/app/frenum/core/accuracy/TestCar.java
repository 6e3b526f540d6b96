package app.frenum.core.accuracy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * A braked vehicle whose every event is known. It shares nothing with {@code app.frenum.core.simulate}: pedal with free play,
 * a second-order hydraulic or pneumatic line, pads that act a moment later, tyres that slip in proportion to their force,
 * engine drag, air drag and slope, in steps of 1 ms.
 */
final class TestCar {
    static final double STEP_S = 0.001;
    static final double G = 9.80665;

    /**
     * What happened in one application of the brake, s on the true clock.
     *
     * @param footS foot meets the pedal
     * @param switchS brake switch closes
     * @param pressureS line pressure begins to rise
     * @param brakingS the brakes begin to slow the vehicle
     * @param endS standstill, or the brakes let go of a snub
     * @param pressureEndS line pressure is back at zero; of a stop as {@code endS}
     * @param fullStop whether it ended at standstill
     */
    record Event(
            double footS,
            double switchS,
            double pressureS,
            double brakingS,
            double endS,
            double pressureEndS,
            boolean fullStop) {}

    final Random random;
    int applications = 4;
    double speedMps = 27.8;
    double brakingMps2 = 8.5;
    /** Snub exit speed, m/s; 0 for a full stop. */
    double exitMps;

    double grade;
    double headwindMps;
    double engineDragMps2 = 0.4;
    double liftBeforeS = 1.5;
    /** A light first stage of the pedal, s, and its share of the full effort. */
    double lightFirstS;

    double lightShare = 0.3;
    /** From line pressure to braking force, s. */
    double padLagS = Double.NaN;

    double lineDelayS = Double.NaN;
    /** Time constant of the line, s: 0.05 hydraulic, 0.2 air. */
    double lineRiseS = Double.NaN;

    double slipShare = Double.NaN;
    /** Overshoot of slip in the first 0.15 s, share of speed. */
    double slipOvershoot;

    boolean antiLock;
    boolean motorcycle;

    final List<Event> events = new ArrayList<>();
    private final List<double[]> states = new ArrayList<>();
    private static final int SPEED = 0;
    private static final int PLACE = 1;
    private static final int PRESSURE = 2;
    private static final int SLOWING = 3;
    private static final int PITCH = 4;
    private static final int SLIP = 5;

    private double speed;
    private double place;
    private double pressure;
    private double pressureRate;
    private double braking;
    private double slip;
    private double pitch;
    private double pitchRate;

    TestCar(long seed) {
        random = new Random(seed);
    }

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    /** Drives all applications. */
    TestCar driven() {
        lineDelayS = Double.isNaN(lineDelayS) ? between(0.03, 0.06) : lineDelayS;
        lineRiseS = Double.isNaN(lineRiseS) ? between(0.04, 0.08) : lineRiseS;
        padLagS = Double.isNaN(padLagS) ? between(0.005, 0.025) : padLagS;
        slipShare = Double.isNaN(slipShare) ? between(0.01, 0.05) : slipShare;
        speed = speedMps;
        double switchDelay = between(0, 0.02);
        double start = between(6, 7);
        for (int k = 0; k < applications; k++) {
            apply(start, switchDelay);
            accelerate();
            start = time() + between(4, 5);
        }
        cruise(time() + 3);
        return this;
    }

    private double time() {
        return states.size() * STEP_S;
    }

    private void cruise(double until) {
        while (time() < until) {
            step(0, Math.max(-3.5, Math.min(1, 3 * (speed - speedMps))));
        }
    }

    private void accelerate() {
        double wait = time() + (exitMps > 0 ? 1 : 4);
        while (time() < wait) {
            step(0, speed > 0 ? drag() : 0);
        }
        while (speed < speedMps - 0.1) {
            step(0, -Math.min(3, 0.6 + 1.5 * (speedMps - speed)));
        }
    }

    private double drag() {
        double air = 0.00035 * (speed + headwindMps) * Math.abs(speed + headwindMps);
        return engineDragMps2 * Math.min(1, speed / 3) + air + 0.12 * Math.min(1, speed) + G * grade;
    }

    private void apply(double start, double switchDelay) {
        cruise(start - liftBeforeS);
        while (time() < start) {
            step(0, drag());
        }
        double foot = time();
        double effort = brakingMps2 * between(0.97, 1.03);
        double rises = foot + lineDelayS;
        double acts = rises + padLagS;
        double ends = Double.NaN;
        while (Double.isNaN(ends)) {
            double share = time() < foot + lightFirstS ? lightShare : 1;
            step(time() >= foot + lineDelayS ? effort * share : 0, drag());
            if (speed <= exitMps) {
                ends = time();
            }
        }
        double released = ends;
        double zero = ends;
        if (exitMps > 0) {
            while (pressure > 0.01 * effort) {
                step(0, drag());
            }
            zero = time();
            while (braking > 0.02 * effort) {
                step(0, drag());
            }
            released = time();
        } else {
            double hold = time() + 1.5;
            while (time() < hold) {
                step(effort, 0);
            }
            while (pressure > 0.01 * effort) {
                step(0, 0);
            }
        }
        events.add(new Event(foot, foot + switchDelay, rises, acts, released, zero, exitMps == 0));
    }

    /** One step under a pedal that asks for so much, with the car slowed by so much besides. */
    private void step(double asked, double besides) {
        double w = 2 / lineRiseS;
        pressureRate += (w * w * (asked - pressure) - 2 * w * pressureRate) * STEP_S;
        pressure = Math.max(0, pressure + pressureRate * STEP_S);
        pressureRate = pressure <= 0 ? Math.max(0, pressureRate) : pressureRate;
        int lag = (int) Math.round(padLagS / STEP_S);
        double acting = states.size() > lag ? states.get(states.size() - 1 - lag)[PRESSURE] : 0;
        double rising = 1 + 0.06 * (1 - speed / speedMps);
        braking = acting * rising * (antiLock && acting > 5 ? 1 + 0.06 * Math.sin(2 * Math.PI * 7 * time()) : 1);
        double slowing = speed > 0 || besides < 0 ? braking + besides : 0;
        double before = speed;
        speed = Math.max(0, speed - slowing * STEP_S);
        double felt = (before - speed) / STEP_S;
        place += (before + speed) / 2 * STEP_S;
        slip();
        double natural = motorcycle ? 400 : 900;
        pitchRate += (felt * (motorcycle ? 0.012 : 0.005) * natural - pitch * natural - pitchRate * 14) * STEP_S;
        pitch += pitchRate * STEP_S;
        states.add(new double[] {speed, place, pressure, felt, pitch, slip});
    }

    private void slip() {
        double wanted = slipShare * braking / 9;
        if (slipOvershoot > 0 && pressureRate > 20) {
            wanted += slipOvershoot;
        }
        if (antiLock && braking > 5 && speed > 2) {
            wanted += 0.08 * (1 + Math.sin(2 * Math.PI * 7 * time()));
        }
        slip += (wanted - slip) * STEP_S / 0.03;
    }

    private double state(double t, int what) {
        int i = (int) Math.round(t / STEP_S) - 1;
        return states.get(Math.max(0, Math.min(states.size() - 1, i)))[what];
    }

    double durationS() {
        return time();
    }

    double speed(double t) {
        return state(t, SPEED);
    }

    double place(double t) {
        return state(t, PLACE);
    }

    /** Effort in the line as a share of what slows the car by 1 m/s². */
    double pressure(double t) {
        return state(t, PRESSURE);
    }

    /** What an accelerometer along the car feels of slowing: the motion, the slope and the pitch of the body, m/s². */
    double felt(double t) {
        return state(t, SLOWING) - G * grade - G * state(t, PITCH) * 0.5;
    }

    double wheel(double t) {
        return state(t, SPEED) * (1 - state(t, SLIP));
    }

    boolean pedal(double t) {
        return events.stream()
                .anyMatch(e -> t >= e.switchS() && t < (e.fullStop() ? e.endS() + 1.5 : e.pressureEndS()));
    }
}
