package app.frenum.core.log;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;

/**
 * The clocks of a log's channels, aligned pairwise over its brakings (docs/handbook.md, "Every channel has a clock").
 *
 * <p>Speed is put beside the running integral of what slowed the car: of the accelerometer, or of front pressure. The lag at
 * which a straight line and that integral leave the least of speed unexplained is the braking's; the log's is their median.
 * Where there is neither, the bend of speed (see {@link Ramp}) is put beside the edge of the brake switch. The brakes take a
 * moment of their own, which is taken off: {@link #PRESSURE_TO_BRAKING_S}, {@link #SWITCH_TO_BRAKING_S}.
 *
 * @param speed latency of speed
 * @param accelerometerLateS how far the accelerometer is moved back, s
 * @param late channels that do not agree with those and date no onset
 */
record ChannelClocks(SpeedLatency speed, double accelerometerLateS, List<LateChannel> late) {
    /** From line pressure to slowing of the car, s, and its standard uncertainty. */
    private static final double PRESSURE_TO_BRAKING_S = 0.035;

    private static final double PRESSURE_UNCERTAINTY_S = 0.02;
    /** From the switch (0 to 0.02 s after the foot) to slowing (0.04 to 0.08 s after it), s, and its standard uncertainty. */
    private static final double SWITCH_TO_BRAKING_S = 0.05;

    private static final double SWITCH_UNCERTAINTY_S = 0.02;
    /** Pressure or a switch acts before the car slows, and not long before, s. */
    private static final double EARLIEST_S = -0.02;

    private static final double EARLIEST_BUS_S = -0.15;
    private static final double LATEST_S = 0.12;
    /** Filters of bus speeds leave so much open, s. */
    private static final double BUS_UNCERTAINTY_S = 0.035;

    /** Air brakes work at a few bar and take longer. */
    private static final double AIR_BAR = 12;

    private static final double AIR_TO_BRAKING_S = 0.2;
    private static final double AIR_UNCERTAINTY_S = 0.08;
    private static final double AIR_LATEST_S = 0.5;
    /** A car that never slows by more than this may have air brakes for all that a switch tells, m/s². */
    private static final double PERHAPS_AIR_MPS2 = 6.5;

    private static final double SENSOR_PROMPT_S = 0.03;
    private static final double ONE_BRAKING_S = 0.012;
    private static final double LEAST_UNCERTAINTY_S = 0.005;

    static final ChannelClocks AGREED = new ChannelClocks(SpeedLatency.NONE, 0, List.of());

    /** @param offsets of the sensors, on clocks as logged */
    static ChannelClocks of(Log log, Drive.Offsets offsets) {
        if (log.channel(Role.SPEED).isEmpty()) {
            // Slip makes braked wheels seem early, and their pulses are read directly.
            return new ChannelClocks(SpeedLatency.measured(0, SpeedSource.WHEELS.unmeasuredLatencyS()), 0, List.of());
        }
        return new Aligning(log, offsets).clocks();
    }

    /** What the brakings of a log say of one lag: its median and the standard uncertainty of that. */
    private record Lag(double seconds, double uncertaintyS, boolean isSlow) {
        static @Nullable Lag of(List<BrakingLag> brakings) {
            if (brakings.isEmpty()) {
                return null;
            }
            double median = median(brakings.stream().mapToDouble(BrakingLag::seconds));
            double spread = 1.4826 * median(brakings.stream().mapToDouble(b -> Math.abs(b.seconds() - median)));
            double doubt = median(brakings.stream().mapToDouble(BrakingLag::doubtS));
            double u = brakings.size() < 3
                    ? ONE_BRAKING_S
                    : Math.max(LEAST_UNCERTAINTY_S, 1.25 * spread / Math.sqrt(brakings.size()));
            boolean slow = 2 * brakings.stream().filter(BrakingLag::isSlow).count() > brakings.size();
            return new Lag(median, Math.hypot(u, doubt), slow);
        }

        private static double median(DoubleStream values) {
            return Thinned.median(values.toArray());
        }

        Lag less(double seconds, double uncertainty) {
            return new Lag(this.seconds - seconds, Math.hypot(uncertaintyS, uncertainty), isSlow);
        }
    }

    private static final class Aligning {
        private final Log log;
        private final SpeedSource source;
        private final BrakingLags lags;
        private final boolean isAir;
        private final List<LateChannel> late = new ArrayList<>();

        Aligning(Log log, Drive.Offsets offsets) {
            this.log = log;
            source = offsets.source();
            lags = BrakingLags.of(log, offsets);
            isAir = lags.highestBar() > 0 && lags.highestBar() < AIR_BAR;
        }

        private boolean has(Role role) {
            return log.channel(role).isPresent();
        }

        ChannelClocks clocks() {
            Lag sensor = Lag.of(lags.againstAccelerometer());
            Lag pressure = Lag.of(lags.againstPressure());
            Lag brakeSwitch = Lag.of(lags.againstSwitch());
            double sensorLate = sensor != null && -sensor.seconds() > SENSOR_PROMPT_S ? -sensor.seconds() : 0;
            if (sensorLate > SpeedLatency.REPORTED_S) {
                late.add(new LateChannel(has(Role.DECELERATION) ? Role.DECELERATION : Role.ACCELERATION, sensorLate));
            }
            Lag byPressure = sensor == null ? plausible(pressure) : null;
            Lag bySwitch = sensor == null && byPressure == null ? plausible(brakeSwitch) : null;
            SpeedLatency speed = speed(sensor, byPressure, bySwitch);
            check(Role.PRESSURE_FRONT, byPressure == null ? pressure : null, speed.shiftS());
            check(Role.BRAKE_SWITCH, bySwitch == null ? brakeSwitch : null, speed.shiftS());
            return new ChannelClocks(speed, sensorLate, late);
        }

        private SpeedLatency speed(@Nullable Lag sensor, @Nullable Lag pressure, @Nullable Lag brakeSwitch) {
            if (sensor != null) {
                return SpeedLatency.measured(sensor.seconds(), sensor.uncertaintyS());
            }
            if (pressure != null) {
                return byPressure(pressure);
            }
            return brakeSwitch != null ? bySwitch(brakeSwitch) : unmeasured();
        }

        /** Speed cannot show a braking before the brakes act; then the other channel is late. */
        private @Nullable Lag plausible(@Nullable Lag lag) {
            return lag != null && lag.seconds() >= earliest() ? lag : null;
        }

        /** Slip makes a speed from braked wheels seem early. */
        private double earliest() {
            return source == SpeedSource.BUS ? EARLIEST_BUS_S : EARLIEST_S;
        }

        private double filterDoubt() {
            return source == SpeedSource.BUS ? BUS_UNCERTAINTY_S : 0;
        }

        private SpeedLatency byPressure(Lag lag) {
            return measured(
                    isAir
                            ? lag.less(AIR_TO_BRAKING_S, AIR_UNCERTAINTY_S)
                            : lag.less(PRESSURE_TO_BRAKING_S, Math.hypot(PRESSURE_UNCERTAINTY_S, filterDoubt())));
        }

        private SpeedLatency bySwitch(Lag edge) {
            Lag lag = edge.less(SWITCH_TO_BRAKING_S, Math.hypot(SWITCH_UNCERTAINTY_S, filterDoubt()));
            boolean perhapsAir = edge.seconds() > LATEST_S && lags.hardestMps2() < PERHAPS_AIR_MPS2;
            return perhapsAir || edge.isSlow()
                    ? SpeedLatency.unclear(
                            "slow brakes and a late speed look alike beside a switch alone",
                            lag.seconds(),
                            lag.uncertaintyS())
                    : measured(lag);
        }

        private SpeedLatency unmeasured() {
            boolean hasOther = has(Role.PRESSURE_FRONT) || has(Role.BRAKE_SWITCH) || hasAccelerometer();
            return hasOther ? SpeedLatency.notMeasured("no braking of this log shows it", source) : SpeedLatency.NONE;
        }

        private boolean hasAccelerometer() {
            return has(Role.DECELERATION) || has(Role.ACCELERATION);
        }

        private static SpeedLatency measured(Lag lag) {
            return SpeedLatency.measured(lag.seconds(), lag.uncertaintyS());
        }

        private void check(Role role, @Nullable Lag lag, double shiftS) {
            if (lag == null) {
                return;
            }
            double relative = lag.seconds() - shiftS;
            double usual =
                    isAir ? AIR_TO_BRAKING_S : role == Role.BRAKE_SWITCH ? SWITCH_TO_BRAKING_S : PRESSURE_TO_BRAKING_S;
            if (relative < earliest() || relative > (isAir ? AIR_LATEST_S : LATEST_S)) {
                late.add(new LateChannel(role, usual - relative));
            }
        }
    }

    Drive.Offsets appliedTo(Drive.Offsets offsets) {
        return new Drive.Offsets(
                offsets.decelerationMps2(),
                offsets.frontBar(),
                offsets.rearBar(),
                offsets.frontDrift(),
                offsets.rearDrift(),
                speed,
                offsets.source(),
                accelerometerLateS);
    }
}
