package app.frenum.core.log;

import app.frenum.core.finding.Term;
import java.util.ArrayList;
import java.util.List;

/**
 * What a whole log tells about its sensors: zero offsets, idle noise, and how still "at rest" is.
 *
 * <p>Pressure offset: median while v &gt; 5 m/s and deceleration &lt; 0.3 m/s². Accelerometer offset: median over
 * rest. Idle noise σ: 1.4826 · MAD over the same stretches. Rest noise of speed: root mean square over stretches
 * of at least 1 s below 0.7 m/s.
 *
 * @param offsets zero offsets, removed from every reading of {@link Drive}
 * @param frontSigmaBar idle noise of raw front pressure
 * @param frontSmoothSigmaBar idle noise of smoothed front pressure
 * @param decelerationSigma idle noise of the deceleration that onsets are dated on, m/s²
 * @param decelerationSmoothSigma idle noise of smoothed deceleration, m/s²
 * @param restSpeedRms noise of speed at rest, m/s
 * @param lateChannels whose clocks disagree, so that they date no onset
 */
public record Calibration(
        Drive.Offsets offsets,
        double frontSigmaBar,
        double frontSmoothSigmaBar,
        double decelerationSigma,
        double decelerationSmoothSigma,
        double restSpeedRms,
        List<LateChannel> lateChannels) {
    /** A log of which nothing is known yet. */
    public static final Calibration NONE = new Calibration(Drive.Offsets.NONE, 0, 0, 0, 0, 0, List.of());

    private static final double DRIVING_MPS = 5;
    private static final double COASTING_MPS2 = 0.3;
    private static final double IDLE_MPS2 = 0.5;
    private static final double IDLE_HZ = 1;
    private static final double STILL_MPS = 0.7;
    private static final double STILL_SECONDS = 1;
    private static final double MARGIN_S = 3;
    /** Offsets smaller than these are removed without a word. */
    private static final double WORTH_SAYING_BAR = 0.5;

    private static final double WORTH_SAYING_MPS2 = 0.1;

    /** Reads the log for the accelerometer's offset, without which nothing tells coasting, then for the rest. */
    public static Calibration of(Log log) {
        Drive.Offsets first = new Drive.Offsets(
                accelerometerOffset(log),
                0,
                0,
                PressureBaseline.ZERO,
                PressureBaseline.ZERO,
                SpeedLatency.NONE,
                SpeedSource.of(log),
                0);
        ChannelClocks clocks = ChannelClocks.of(log, first);
        Drive.Offsets prompt = clocks.appliedTo(first);
        Noise noise = Noise.of(log, prompt);
        PressureBaseline front = noise.front.baseline();
        PressureBaseline rear = noise.rear.baseline();
        Drive.Offsets offsets = new Drive.Offsets(
                first.decelerationMps2(),
                front.middle(),
                rear.middle(),
                front.about(front.middle()),
                rear.about(rear.middle()),
                prompt.latency(),
                prompt.source(),
                prompt.accelerometerLateS());
        // A zero that drifts looks like noise until it is taken off.
        Noise still = front.drift() > 0 || rear.drift() > 0 ? Noise.of(log, offsets) : noise;
        return new Calibration(
                offsets,
                still.frontRaw.sigma(),
                still.frontSmooth.sigma(),
                still.raw.sigma(),
                still.smooth.sigma(),
                still.rest.rms(),
                clocks.late());
    }

    /** What the sensors read while nothing is asked of the brakes. */
    private static final class Noise {
        private final PressureBaseline.Gathering front = new PressureBaseline.Gathering();
        private final PressureBaseline.Gathering rear = new PressureBaseline.Gathering();
        private final Thinned frontRaw = new Thinned();
        private final Thinned frontSmooth = new Thinned();
        private final Thinned raw = new Thinned();
        private final Thinned smooth = new Thinned();
        private final Thinned rest = new Thinned();

        static Noise of(Log log, Drive.Offsets offsets) {
            Noise noise = new Noise();
            for (Windows w : Windows.of(log)) {
                noise.gather(Drive.read(log, offsets, w.fromS() - MARGIN_S, w.toS() + MARGIN_S), w);
            }
            return noise;
        }

        private void gather(Drive d, Windows w) {
            whileCoasting(d, d.rawFront(), w, COASTING_MPS2, (t, p) -> {
                front.add(t, p);
                frontRaw.add(p);
            });
            whileCoasting(d, d.rawRear(), w, COASTING_MPS2, rear::add);
            whileCoasting(d, d.front(), w, COASTING_MPS2, (t, p) -> frontSmooth.add(p));
            whileCoasting(d, d.rawDeceleration(), w, IDLE_MPS2, (t, a) -> raw.add(a));
            whileCoasting(d, d.deceleration(), w, IDLE_MPS2, (t, a) -> smooth.add(a));
            atRest(d.speed(), d.speed(), w, rest);
        }
    }

    private interface Taker {
        void take(double timeS, double value);
    }

    private static double accelerometerOffset(Log log) {
        if (log.channel(Role.DECELERATION)
                .or(() -> log.channel(Role.ACCELERATION))
                .isEmpty()) {
            return 0;
        }
        Thinned still = new Thinned();
        for (Windows w : Windows.of(log)) {
            Drive d = Drive.read(log, Drive.Offsets.NONE, w.fromS() - MARGIN_S, w.toS() + MARGIN_S);
            atRest(d.speed(), d.rawDeceleration(), w, still);
        }
        return zero(still);
    }

    private static double zero(Thinned values) {
        return values.size() > 0 ? values.median() : 0;
    }

    private static void whileCoasting(Drive d, Signal signal, Windows w, double limit, Taker into) {
        if (signal.isEmpty() || d.speed().isEmpty() || d.deceleration().isEmpty()) {
            return;
        }
        Cursor speed = new Cursor(d.speed());
        boolean bothWays = limit == IDLE_MPS2;
        // Noise must not choose the stretches that it is measured on.
        Cursor deceleration = new Cursor(bothWays ? Smoothing.lowPass(d.deceleration(), IDLE_HZ) : d.deceleration());
        for (int i = 0; i < signal.size(); i++) {
            double t = signal.t()[i];
            if (t < w.fromS() || t >= w.toS()) {
                continue;
            }
            double a = deceleration.at(t);
            if (speed.isLost(t)) {
                continue;
            }
            if (speed.at(t) > DRIVING_MPS && a < limit && (!bothWays || a > -limit)) {
                into.take(t, signal.v()[i]);
            }
        }
    }

    private static void atRest(Signal speed, Signal values, Windows w, Thinned into) {
        int start = 0;
        for (int i = 0; i <= speed.size(); i++) {
            boolean still = i < speed.size() && speed.v()[i] < STILL_MPS;
            if (still) {
                continue;
            }
            if (i > start && speed.t()[i - 1] - speed.t()[start] >= STILL_SECONDS) {
                double from = Math.max(w.fromS(), speed.t()[start]);
                double to = Math.min(w.toS(), speed.t()[i - 1]);
                for (int k = Math.max(0, values.indexAtOrBefore(from)); k < values.size() && values.t()[k] < to; k++) {
                    if (values.t()[k] >= from) {
                        into.add(values.v()[k]);
                    }
                }
            }
            start = i + 1;
        }
    }

    /** What was taken off, where it was enough to say so. */
    public List<HealthFinding> findings(Log log) {
        List<HealthFinding> found = new ArrayList<>();
        pressure(log, Role.PRESSURE_FRONT, offsets.frontBar(), found);
        pressure(log, Role.PRESSURE_REAR, offsets.rearBar(), found);
        drift(log, Role.PRESSURE_FRONT, offsets.frontDrift(), found);
        drift(log, Role.PRESSURE_REAR, offsets.rearDrift(), found);
        late(log, found);
        double a = offsets.decelerationMps2();
        if (Math.abs(a) >= WORTH_SAYING_MPS2) {
            String channel = log.channel(Role.DECELERATION)
                    .or(() -> log.channel(Role.ACCELERATION))
                    .map(c -> log.channels().get(c).name())
                    .orElse("");
            found.add(HealthFinding.of(channel, 0, log.durationS(), LogFinding.SLOWING_AT_REST, Term.deceleration(a)));
        }
        return found;
    }

    private static void pressure(Log log, Role role, double offset, List<HealthFinding> found) {
        if (Math.abs(offset) >= WORTH_SAYING_BAR) {
            String channel = log.channels().get(log.channel(role).orElseThrow()).name();
            found.add(HealthFinding.of(
                    channel, 0, log.durationS(), LogFinding.PRESSURE_WITHOUT_PEDAL, Term.pressure(offset)));
        }
    }

    private static void drift(Log log, Role role, PressureBaseline drift, List<HealthFinding> found) {
        if (drift.drift() > PressureBaseline.DRIFT_BAR) {
            String channel = log.channels().get(log.channel(role).orElseThrow()).name();
            found.add(
                    HealthFinding.of(channel, 0, log.durationS(), LogFinding.ZERO_MOVED, Term.pressure(drift.drift())));
        }
    }

    /** Whether a channel's clock agrees with speed, so that its edges date an onset. */
    public boolean dates(Role role) {
        return lateChannels.stream().noneMatch(c -> c.role() == role);
    }

    private void late(Log log, List<HealthFinding> found) {
        for (LateChannel c : lateChannels) {
            String name =
                    log.channels().get(log.channel(c.role()).orElseThrow()).name();
            found.add(HealthFinding.of(
                    name,
                    0,
                    log.durationS(),
                    c.seconds() > 0 ? LogFinding.CHANNEL_LATE : LogFinding.CHANNEL_EARLY,
                    Term.seconds(Math.abs(c.seconds()), 0.01)));
        }
        if (offsets.latency().isLate()) {
            String channel =
                    log.channels().get(log.channel(Role.SPEED).orElseThrow()).name();
            found.add(HealthFinding.of(
                    channel,
                    0,
                    log.durationS(),
                    LogFinding.COMES_LATE,
                    Term.seconds(offsets.latency().shiftS(), 0.01)));
        }
    }

    /** Interpolates at rising times without searching each time. */
    private static final class Cursor {
        private static final double LONGEST_PERIODS = 3;
        private static final double LONGEST_S = 0.2;

        private final Signal signal;
        private final double longest;
        private int i;

        Cursor(Signal signal) {
            this.signal = signal;
            longest = Math.max(LONGEST_S, LONGEST_PERIODS * signal.period());
        }

        /** Whether an instant lies in a hole of the signal. */
        boolean isLost(double t) {
            at(t);
            return i < signal.size() - 1 && signal.t()[i + 1] - signal.t()[i] > longest;
        }

        double at(double t) {
            while (i < signal.size() - 2 && signal.t()[i + 1] <= t) {
                i++;
            }
            if (t <= signal.t()[i] || signal.size() == 1) {
                return signal.v()[i];
            }
            double span = signal.t()[i + 1] - signal.t()[i];
            double share = Math.min(1, (t - signal.t()[i]) / span);
            return signal.v()[i] + share * (signal.v()[i + 1] - signal.v()[i]);
        }
    }
}
