package app.frenum.core.stop;

import app.frenum.core.log.Channel;
import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.quantity.Unit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * A log of a car of which everything is known: 25 m/s until 8 s, then 8 m/s² of slowing reached within 0.3 s by
 * 40 bar in front and 20 bar behind, at rest from 11.275 s to 16 s, at 100 Hz.
 */
final class KnownStop {
    static final double ONSET = 8;
    static final double V0 = 25;
    static final double SLOWING = 8;
    static final double REST = ONSET + V0 / SLOWING + 0.15;
    private static final double RAMP = 0.3;
    private static final double AFTER_RAMP = V0 - SLOWING * RAMP / 2;
    /** By hand: the ramp v0·t − a·t²/6, then v²/2a. */
    static final double DISTANCE = V0 * RAMP - SLOWING * RAMP * RAMP / 6 + AFTER_RAMP * AFTER_RAMP / (2 * SLOWING);

    private final List<Channel> channels = new ArrayList<>();
    private final List<DoubleUnaryOperator> values = new ArrayList<>();
    private double gapFrom = Double.MAX_VALUE;
    private double gapTo = Double.MAX_VALUE;

    static KnownStop logged() {
        return new KnownStop()
                .with(Role.SPEED, Unit.METRES_PER_SECOND, KnownStop::speed)
                .with(Role.PRESSURE_FRONT, Unit.BAR, t -> 40 * applied(t) + ripple(t))
                .with(Role.PRESSURE_REAR, Unit.BAR, t -> 20 * applied(t) + ripple(t));
    }

    static KnownStop nothingLogged() {
        return new KnownStop();
    }

    /** Adds a channel, or puts another in the place of that role. */
    KnownStop with(Role role, Unit unit, DoubleUnaryOperator value) {
        for (int i = 0; i < channels.size(); i++) {
            if (channels.get(i).role() == role) {
                values.set(i, value);
                return this;
            }
        }
        channels.add(new Channel(role.name(), role, unit));
        values.add(value);
        return this;
    }

    KnownStop withoutRows(double from, double to) {
        gapFrom = from;
        gapTo = to;
        return this;
    }

    /** 0 with the pedal free, 1 when the pressure is built up. */
    static double applied(double t) {
        return t < ONSET || t > REST + 1 ? 0 : Math.min(1, (t - ONSET) / RAMP);
    }

    /** A held pressure is never quite still; one that is looks like a sensor at its rail. */
    private static double ripple(double t) {
        return 0.03 * Math.sin(50 * t);
    }

    static double speed(double t) {
        double x = t - ONSET;
        if (x <= 0) {
            return V0;
        }
        double lost = x < RAMP ? SLOWING * x * x / (2 * RAMP) : SLOWING * (RAMP / 2 + x - RAMP);
        return Math.max(0, V0 - lost);
    }

    MemoryLog log() {
        double[] t = new double[1600];
        for (int i = 0; i < t.length; i++) {
            t[i] = i * 0.01;
        }
        double[] kept = Arrays.stream(t).filter(x -> x < gapFrom || x > gapTo).toArray();
        double[][] samples = new double[channels.size()][kept.length];
        for (int c = 0; c < samples.length; c++) {
            for (int i = 0; i < kept.length; i++) {
                samples[c][i] = values.get(c).applyAsDouble(kept[i]);
            }
        }
        return new MemoryLog(channels, kept, samples);
    }

    List<MeasuredStop> measured(AnalysisOptions options) {
        MemoryLog log = log();
        return LogAnalysis.of(log, HealthCheck.of(log), options).stops();
    }
}
