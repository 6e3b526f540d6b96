package app.frenum.core.stop;

import app.frenum.core.finding.Term;
import app.frenum.core.log.Calibration;
import app.frenum.core.log.Channel;
import app.frenum.core.log.ClockJumps;
import app.frenum.core.log.Drive;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.Log;
import app.frenum.core.log.LogFinding;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.SoundTemperature;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/**
 * What a log holds: its health, and its stops and snubs in order. A stop has v0 ≥ 5 m/s, lasts ≥ 0.4 s and slows
 * by ≥ 2.0 m/s² at its peak.
 *
 * @param calibration sensor offsets and noise, needed to measure a stop again
 * @param health what was found wrong, while reading and since
 * @param stops in the order driven
 */
public record LogAnalysis(Calibration calibration, List<HealthFinding> health, List<MeasuredStop> stops) {
    private static final double SLOWEST_ENTRY_MPS = 5;
    private static final double SHORTEST_S = 0.4;
    private static final double DISAGREEMENT = 0.05;

    /**
     * Analyses a whole log, a window at a time.
     *
     * @param card what was found wrong with the log while it was read, see {@link app.frenum.core.log.HealthCheck}
     * @throws IllegalArgumentException when the log has no speed of any kind
     */
    public static LogAnalysis of(Log log, List<HealthFinding> card, AnalysisOptions options) {
        if (!Drive.hasSpeed(log)) {
            throw new IllegalArgumentException(
                    "the log has no speed channel, so no stop can be measured; name one \"speed [km/h]\" or give a channel that role");
        }
        Calibration calibration = Calibration.of(log);
        List<HealthFinding> health = new ArrayList<>(card);
        health.addAll(calibration.findings(log));
        StopMeasurer measurer = new StopMeasurer(log, calibration, options, health);
        List<MeasuredStop> stops = new ArrayList<>();
        double worst = 0;
        for (BrakeApplication brake : new BrakeFinder(log, calibration, options).find()) {
            Optional<MeasuredStop> stop = measured(measurer, calibration, brake, extent -> true);
            if (stop.isPresent()) {
                stops.add(stop.get());
                worst = Math.max(worst, disagreement(log, measurer, calibration, brake));
            }
        }
        health.addAll(clockJumps(log, calibration, stops));
        health.addAll(dropouts(log));
        if (worst > DISAGREEMENT) {
            health.add(HealthFinding.ofLog(LogFinding.DECELERATION_AGAINST_SPEED, Term.share(worst)));
        }
        return new LogAnalysis(calibration, List.copyOf(health), List.copyOf(stops));
    }

    /** An application of the brake as a stop or snub; empty when it is neither, or its extent is not wanted. */
    static Optional<MeasuredStop> measured(
            StopMeasurer measurer, Calibration calibration, BrakeApplication brake, Predicate<StopExtent> wanted) {
        Drive drive = measurer.read(brake.onsetS(), brake.offS());
        if (!drive.speed().covers(brake.onsetS()) || drive.speed().at(brake.onsetS()) < SLOWEST_ENTRY_MPS) {
            return Optional.empty();
        }
        StopExtent extent = StopExtent.of(drive.speed(), brake, calibration.restSpeedRms());
        return isBraking(drive, extent, measurer.leastBrakingMps2(brake)) && wanted.test(extent)
                ? Optional.of(measurer.measure(drive, extent, brake, brake.source()))
                : Optional.empty();
    }

    /**
     * Measures one stop again between edges that a person may have moved.
     *
     * @param automatic the stop as found
     * @param onset the hand-set onset, s, or empty to keep the automatic one
     * @param end the hand-set end, s, or empty to keep the automatic one
     */
    public MeasuredStop remeasured(
            Log log, AnalysisOptions options, BrakeApplication automatic, OptionalDouble onset, OptionalDouble end) {
        return measure(log, calibration, health, options, automatic, onset, end);
    }

    /** As {@link #remeasured}, from a calibration that was kept instead of a whole analysis. */
    public static MeasuredStop measure(
            Log log,
            Calibration calibration,
            List<HealthFinding> health,
            AnalysisOptions options,
            BrakeApplication automatic,
            OptionalDouble onset,
            OptionalDouble end) {
        StopMeasurer measurer = new StopMeasurer(log, calibration, options, health);
        double from = onset.orElse(automatic.onsetS());
        double until = Math.max(automatic.offS(), end.orElse(automatic.offS()));
        Drive drive = measurer.read(from, until);
        OnsetSource source = onset.isPresent() || end.isPresent() ? OnsetSource.HAND : automatic.source();
        BrakeApplication brake = automatic.from(from);
        StopExtent extent = end.isPresent()
                ? StopExtent.byHand(drive.speed(), from, end.getAsDouble(), calibration.restSpeedRms())
                : StopExtent.of(drive.speed(), brake, calibration.restSpeedRms());
        return measurer.measure(drive, extent, automatic, source);
    }

    private static boolean isBraking(Drive drive, StopExtent extent, double leastMps2) {
        double end = extent.lastSampleS();
        return extent.endS() - extent.onsetS() >= SHORTEST_S
                && drive.deceleration().max(extent.onsetS(), end) >= leastMps2;
    }

    private static List<HealthFinding> clockJumps(Log log, Calibration calibration, List<MeasuredStop> stops) {
        List<HealthFinding> found = new ArrayList<>();
        for (MeasuredStop s : stops) {
            Signal speed = Drive.read(log, calibration.offsets(), s.onsetS() - 1, s.endS() + 1)
                    .speed();
            for (double[] jump : ClockJumps.in(speed, s.onsetS() - 1, s.endS() + 1)) {
                found.add(HealthFinding.of(
                        "", jump[0], jump[1], LogFinding.CLOCK_STEPS, Term.at(jump[1] - jump[0]), Term.at(jump[0])));
            }
        }
        return found;
    }

    private static List<HealthFinding> dropouts(Log log) {
        List<HealthFinding> found = new ArrayList<>();
        for (Channel c : log.channels()) {
            if (c.role().isDiscTemperature()) {
                double[] left =
                        SoundTemperature.of(log, c.role(), 0, log.durationS()).left();
                if (left.length > 0) {
                    found.add(HealthFinding.of(
                            c.name(),
                            left[0],
                            left[left.length - 1],
                            LogFinding.LEFT_OUT,
                            Term.count(left.length),
                            Term.at(left[0])));
                }
            }
        }
        return found;
    }

    /** Share by which the accelerometer's integral over a stop misses the change of speed. */
    private static double disagreement(
            Log log, StopMeasurer measurer, Calibration calibration, BrakeApplication brake) {
        boolean sensor = log.channel(Role.DECELERATION).isPresent()
                || log.channel(Role.ACCELERATION).isPresent();
        Drive drive = measurer.read(brake.onsetS(), brake.offS());
        StopExtent extent = StopExtent.of(drive.speed(), brake, calibration.restSpeedRms());
        double change = drive.speed().at(extent.onsetS()) - drive.speed().at(extent.lastSampleS());
        if (!sensor || change <= 0) {
            return 0;
        }
        double summed = drive.rawDeceleration().integral(extent.onsetS(), extent.lastSampleS());
        return Math.abs(summed / change - 1);
    }
}
