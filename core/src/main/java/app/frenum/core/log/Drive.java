package app.frenum.core.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * The signals of a stretch of a log that say how the car moved and was braked, with offsets removed and smoothing
 * done once. Each is read when it is first asked for: most readers need two or three of them. Not for use by
 * several threads.
 */
public final class Drive {
    private final Log log;
    private final Offsets offsets;
    private final double fromS;
    private final double toS;
    private final Map<String, Signal> known = new HashMap<>();
    private @Nullable WheelReference wheelReference;
    private @Nullable SpeedDropouts dropouts;

    private Drive(Log log, Offsets offsets, double fromS, double toS) {
        this.log = log;
        this.offsets = offsets;
        this.fromS = fromS;
        this.toS = toS;
    }

    /** The stretch [fromS, toS], with the offsets that a calibration found taken off. */
    public static Drive read(Log log, Offsets offsets, double fromS, double toS) {
        return new Drive(log, offsets, fromS, toS);
    }

    private Signal once(String name, Supplier<Signal> reader) {
        Signal signal = known.get(name);
        if (signal == null) {
            signal = reader.get();
            known.put(name, signal);
        }
        return signal;
    }

    /** m/s: the speed channel, at the times for which it tells, or the wheels' reference where there is none. */
    public Signal speed() {
        return once(
                "speed",
                () -> speedIsWheel() ? wheelReference().speed() : dropouts().speed());
    }

    /** Where the speed channel held a value or dropped to zero while the vehicle was braked. */
    public SpeedDropouts dropouts() {
        if (speedIsWheel()) {
            return SpeedDropouts.none(Signal.EMPTY);
        }
        if (dropouts == null) {
            dropouts = SpeedDropouts.of(prompt(), this::rawSensor, this::rawFront);
        }
        return dropouts;
    }

    private Signal rawSensor() {
        return sensor().map(a -> a - offsets.decelerationMps2());
    }

    private Signal prompt() {
        double late = offsets.latency().shiftS();
        Signal logged = log.signal(Role.SPEED, fromS + late, toS + late);
        double calibration = offsets.source().calibration();
        return movedBack(calibration == 1 ? logged : logged.map(v -> v * calibration), late);
    }

    private static Signal movedBack(Signal signal, double lateS) {
        return lateS == 0
                ? signal
                : new Signal(Arrays.stream(signal.t()).map(t -> t - lateS).toArray(), signal.v());
    }

    /** What the wheels say of the vehicle's speed, where speed had to be taken from them. */
    public WheelReference wheelReference() {
        if (!speedIsWheel()) {
            return WheelReference.NONE;
        }
        if (wheelReference == null) {
            Signal sensor = sensor();
            wheelReference = WheelReference.of(
                    fastest(new ArrayList<>(wheels().values())),
                    sensor.isEmpty() ? sensor : Smoothing.lowPass(sensor, Smoothing.DECELERATION_HZ));
        }
        return wheelReference;
    }

    /** Whether speed had to be taken from the wheels. */
    public boolean speedIsWheel() {
        return log.channel(Role.SPEED).isEmpty();
    }

    /** Whether deceleration was felt by a sensor rather than differentiated from speed. */
    public boolean hasDecelerationSensor() {
        return !sensor().isEmpty();
    }

    /** m/s², positive when slowing: the sensor as logged, or smoothed from speed. */
    public Signal rawDeceleration() {
        return once("rawDeceleration", () -> {
            return sensor().isEmpty() ? deceleration() : rawSensor();
        });
    }

    /** m/s², smoothed. */
    public Signal deceleration() {
        return once(
                "deceleration",
                () -> sensor().isEmpty()
                        ? Smoothing.decelerationOf(speed())
                        : Smoothing.lowPass(rawDeceleration(), Smoothing.DECELERATION_HZ));
    }

    /** Front (or only) line pressure, bar. */
    public Signal rawFront() {
        return once(
                "rawFront",
                () -> offsets.frontDrift().takenOff(signal(Role.PRESSURE_FRONT)).map(p -> p - offsets.frontBar()));
    }

    /** Front line pressure, smoothed, bar. */
    public Signal front() {
        return once("front", () -> Smoothing.lowPass(rawFront(), Smoothing.PRESSURE_HZ));
    }

    /** Rear line pressure, bar. */
    public Signal rawRear() {
        return once(
                "rawRear",
                () -> offsets.rearDrift().takenOff(signal(Role.PRESSURE_REAR)).map(p -> p - offsets.rearBar()));
    }

    /** Rear line pressure, smoothed, bar. */
    public Signal rear() {
        return once("rear", () -> Smoothing.lowPass(rawRear(), Smoothing.PRESSURE_HZ));
    }

    /** Pedal travel, smoothed like pressure so that both keep step, m. */
    public Signal travel() {
        return once("travel", () -> Smoothing.lowPass(signal(Role.PEDAL_TRAVEL), Smoothing.PRESSURE_HZ));
    }

    /** 1 pressed, 0 not. */
    public Signal brakeSwitch() {
        return once("brakeSwitch", () -> signal(Role.BRAKE_SWITCH));
    }

    /** Anti-lock: 1 at work, 0 not. */
    public Signal abs() {
        return once("abs", () -> signal(Role.ABS_ACTIVE));
    }

    /** Wheel speeds, m/s, where logged. */
    public Map<WheelPosition, Signal> wheels() {
        Map<WheelPosition, Signal> wheels = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            Signal s = once(w.key(), () -> signal(Role.wheelSpeed(w)));
            if (!s.isEmpty()) {
                wheels.put(w, s);
            }
        }
        return wheels;
    }

    private Signal signal(Role role) {
        return log.signal(role, fromS, toS);
    }

    /** Whether the log can be measured at all: some speed is needed. */
    public static boolean hasSpeed(Log log) {
        return log.channels().stream()
                .anyMatch(c -> c.role() == Role.SPEED || c.role().isWheelSpeed());
    }

    /** The accelerometer on the clock of speed, positive when slowing; empty where there is none. */
    private Signal sensor() {
        return once("sensor", () -> {
            double late = offsets.accelerometerLateS();
            Optional<Signal> slowing = log.channel(Role.DECELERATION).map(c -> log.signal(c, fromS + late, toS + late));
            return slowing.or(() -> log.channel(Role.ACCELERATION)
                            .map(c -> log.signal(c, fromS + late, toS + late).map(a -> -a)))
                    .map(a -> movedBack(a, late))
                    .orElse(Signal.EMPTY);
        });
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

    /**
     * What is put right in every reading before anything is computed from it.
     *
     * @param decelerationMps2 what the accelerometer reads at rest
     * @param frontBar what front pressure reads with the pedal free
     * @param rearBar the same of the rear
     * @param frontDrift how front pressure's zero moved about that over the log
     * @param rearDrift the same of the rear
     * @param latency of the speed channel
     * @param source of speed
     * @param accelerometerLateS latency of the accelerometer against speed, s
     */
    public record Offsets(
            double decelerationMps2,
            double frontBar,
            double rearBar,
            PressureBaseline frontDrift,
            PressureBaseline rearDrift,
            SpeedLatency latency,
            SpeedSource source,
            double accelerometerLateS) {
        public static final Offsets NONE = new Offsets(
                0, 0, 0, PressureBaseline.ZERO, PressureBaseline.ZERO, SpeedLatency.NONE, SpeedSource.UNNAMED, 0);

        /** With the level of the pedal free that was read just before a stop, in place of the log's. */
        public Offsets withIdle(double frontIdleBar, double rearIdleBar) {
            return new Offsets(
                    decelerationMps2,
                    frontBar + frontIdleBar,
                    rearBar + rearIdleBar,
                    frontDrift,
                    rearDrift,
                    latency,
                    source,
                    accelerometerLateS);
        }
    }
}
