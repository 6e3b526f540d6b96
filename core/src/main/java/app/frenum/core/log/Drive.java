package app.frenum.core.log;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The signals of a stretch of a log that say how the car moved and was braked, with offsets removed and
 * smoothing done once.
 *
 * @param speed m/s: the speed channel, or the fastest wheel where there is none
 * @param speedIsWheel whether speed had to be taken from the wheels
 * @param rawDeceleration m/s², positive when slowing: the sensor as logged, or smoothed from speed
 * @param deceleration the same, smoothed
 * @param rawFront front (or only) line pressure, bar
 * @param front the same, smoothed
 * @param rawRear rear line pressure, bar
 * @param rear the same, smoothed
 * @param brakeSwitch 1 pressed, 0 not
 * @param abs 1 at work, 0 not
 * @param wheels wheel speeds, m/s, where logged
 */
public record Drive(
        Signal speed,
        boolean speedIsWheel,
        Signal rawDeceleration,
        Signal deceleration,
        Signal rawFront,
        Signal front,
        Signal rawRear,
        Signal rear,
        Signal brakeSwitch,
        Signal abs,
        Map<WheelPosition, Signal> wheels) {

    /** Reads [fromS, toS], removing the offsets that a calibration found. */
    public static Drive read(Log log, Offsets offsets, double fromS, double toS) {
        Map<WheelPosition, Signal> wheels = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            Signal s = log.signal(Role.wheelSpeed(w), fromS, toS);
            if (!s.isEmpty()) {
                wheels.put(w, s);
            }
        }
        Signal speed = log.signal(Role.SPEED, fromS, toS);
        boolean wheelOnly = log.channel(Role.SPEED).isEmpty();
        if (wheelOnly) {
            speed = fastest(new ArrayList<>(wheels.values()));
        }
        Signal raw = sensorDeceleration(log, fromS, toS).orElse(Signal.EMPTY).map(a -> a - offsets.decelerationMps2());
        Signal smooth =
                raw.isEmpty() ? Smoothing.decelerationOf(speed) : Smoothing.lowPass(raw, Smoothing.DECELERATION_HZ);
        Signal front = log.signal(Role.PRESSURE_FRONT, fromS, toS).map(p -> p - offsets.frontBar());
        Signal rear = log.signal(Role.PRESSURE_REAR, fromS, toS).map(p -> p - offsets.rearBar());
        return new Drive(
                speed,
                wheelOnly,
                raw.isEmpty() ? smooth : raw,
                smooth,
                front,
                Smoothing.lowPass(front, Smoothing.PRESSURE_HZ),
                rear,
                Smoothing.lowPass(rear, Smoothing.PRESSURE_HZ),
                log.signal(Role.BRAKE_SWITCH, fromS, toS),
                log.signal(Role.ABS_ACTIVE, fromS, toS),
                wheels);
    }

    /** Whether the log can be measured at all: some speed is needed. */
    public static boolean hasSpeed(Log log) {
        return log.channels().stream()
                .anyMatch(c -> c.role() == Role.SPEED || c.role().isWheelSpeed());
    }

    static Optional<Signal> sensorDeceleration(Log log, double fromS, double toS) {
        return log.channel(Role.DECELERATION)
                .map(c -> log.signal(c, fromS, toS))
                .or(() -> log.channel(Role.ACCELERATION)
                        .map(c -> log.signal(c, fromS, toS).map(a -> -a)));
    }

    private static Signal fastest(List<Signal> wheels) {
        if (wheels.isEmpty()) {
            return Signal.EMPTY;
        }
        Signal base = wheels.get(0);
        double[] v = new double[base.size()];
        for (int i = 0; i < v.length; i++) {
            double t = base.t()[i];
            v[i] = wheels.stream().mapToDouble(w -> w.at(t)).max().orElseThrow();
        }
        return new Signal(base.t(), v);
    }

    /** Zero offsets of the sensors. */
    public record Offsets(double decelerationMps2, double frontBar, double rearBar) {
        public static final Offsets NONE = new Offsets(0, 0, 0);
    }
}
