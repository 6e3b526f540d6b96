package app.frenum.core.stop;

import static app.frenum.core.quantity.Unit.G;

import app.frenum.core.finding.Term;
import app.frenum.core.log.Calibration;
import app.frenum.core.log.ClockJumps;
import app.frenum.core.log.Drive;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.log.Smoothing;
import app.frenum.core.log.SoundTemperature;
import app.frenum.core.log.SpeedLatency;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.log.WheelReference;
import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Measures one application of the brake: the formulas of docs/handbook.md, "One stop". */
final class StopMeasurer {
    /** What is read before the onset: the coasting level needs 2 s. */
    private static final double BEFORE_S = 4;
    /** What is read after the release: the roll-out, and the disc's peak behind a slow sensor. */
    private static final double AFTER_S = 12;
    /** The smallest margin by which a run must enter above the nominal speed on the window basis, m/s. */
    private static final double WINDOW_ENTRY_MARGIN = 1 / 3.6;

    private static final double GRIP_LIMITED_SHARE = 0.5;
    private static final double BUILT_UP = 0.9;
    private static final double SHARE_ABOVE_BAR = 1;
    private static final double LIFT_DROP = 0.30;
    private static final double LIFT_S = 0.25;
    private static final double PEAK_SEARCH_S = 10;
    private static final double IDLE_FROM_S = 2.0;
    private static final double IDLE_TO_S = 0.3;
    /** How far back a sound temperature may stand in for one that is known to be bad, s. */
    private static final double STAND_IN_S = 2;
    /** A braking from which each disc of a light car takes more than 20 kJ, as half of v0² − v2², m²/s². */
    private static final double HEATING_M2S2 = 80;

    private final Log log;
    private final Calibration calibration;
    private final AnalysisOptions options;
    private final List<HealthFinding> health;

    StopMeasurer(Log log, Calibration calibration, AnalysisOptions options, List<HealthFinding> health) {
        this.log = log;
        this.calibration = calibration;
        this.options = options;
        this.health = health;
    }

    Drive read(double onset, double off) {
        return Drive.read(log, idleBefore(onset), onset - BEFORE_S, off + AFTER_S);
    }

    /** The offsets, with the level that pressures had just before this stop: they drift. */
    private Drive.Offsets idleBefore(double onset) {
        Drive before = Drive.read(log, calibration.offsets(), onset - BEFORE_S, onset);
        return calibration.offsets().withIdle(idle(before.rawFront(), onset), idle(before.rawRear(), onset));
    }

    /** Median over the 2 s before the onset, less the last bit; 0 where the pedal was not free then. */
    private double idle(Signal pressure, double onset) {
        double level = DecelerationEdges.median(pressure, onset - IDLE_FROM_S, onset - IDLE_TO_S);
        return Math.abs(level) < BrakeFinder.LARGEST_IDLE_BAR ? level : 0;
    }

    /** @param source what says where the onset is: the signal that found the brake, or a hand */
    MeasuredStop measure(Drive drive, StopExtent extent, BrakeApplication brake, OnsetSource source) {
        return new Measurement(drive, extent, brake).result(source);
    }

    /** The working of one stop; each method one figure of the handbook. */
    private final class Measurement {
        private final Drive drive;
        private final StopExtent extent;
        private final BrakeApplication brake;
        private final Signal speed;
        private final double onset;
        private final double end;
        private final double v0;
        private final double v2;
        private final @Nullable PlateauWindow plateau;
        private final Slip slip;
        private final List<Flag> flags = new ArrayList<>();
        private final Figure known;

        Measurement(Drive drive, StopExtent extent, BrakeApplication brake) {
            this.drive = drive;
            this.extent = extent;
            this.brake = brake;
            speed = drive.speed();
            onset = extent.onsetS();
            end = extent.lastSampleS();
            v0 = speed.at(onset);
            v2 = extent.kind() == StopKind.STOP ? 0 : speed.at(end);
            known = wholeSpeed();
            plateau = known.isKnown() ? PlateauWindow.of(speed, onset, end, v0, v2) : null;
            slip = Slip.of(drive, onset, end, plateau);
        }

        MeasuredStop result(OnsetSource source) {
            Figure start = known.isKnown() ? windowStart() : known;
            Figure distance = start.map(t -> speed.integral(t, end) + extent.tailM());
            Figure time = start.map(t -> extent.endS() - t);
            Figure mfdd = plateau == null
                    ? known.isKnown() ? Figure.unknown("speed never falls through the plateau's window") : known
                    : plateau.mfdd();
            Figure frontMean = plateauMean(drive.front(), "no front pressure was logged");
            Figure corrected = corrected(distance);
            boolean gripLimited = slip.limitedShare() > GRIP_LIMITED_SHARE;
            flagEntry();
            flagTrace(gripLimited);
            flagSpeed();
            flagImplausible(start, distance);
            Map<WheelPosition, Double> startTemperatures = startTemperatures();
            Map<WheelPosition, Double> peakTemperatures = peakTemperatures();
            return new MeasuredStop(
                    extent.kind(),
                    options.basis(),
                    onset,
                    extent.endS(),
                    source,
                    Figure.of(v0),
                    Figure.of(v2),
                    distance,
                    corrected,
                    time,
                    mfdd,
                    plateau == null ? mfdd : Figure.of(plateau.startS()),
                    plateau == null ? mfdd : Figure.of(plateau.endS()),
                    meanDeceleration(start, distance),
                    peakDeceleration(),
                    buildUp(mfdd),
                    lostTime(distance, mfdd),
                    frontMean,
                    plateauMean(drive.rear(), "no rear pressure was logged"),
                    drive.front().isEmpty()
                            ? noPressure()
                            : Figure.of(drive.front().max(onset, end)),
                    frontShare(),
                    effectiveness(mfdd, frontMean, gripLimited),
                    brake,
                    startTemperatures,
                    peakTemperatures,
                    PedalCurve.of(drive.front(), drive.travel(), onset, end),
                    slip.locked(),
                    StopUncertainty.of(
                            v0,
                            time.map(this::uReading),
                            uDistance(distance, time),
                            distance,
                            corrected,
                            time.map(t -> uTime()),
                            mfdd,
                            mfddUncertainty()),
                    FusedStop.of(
                            drive,
                            brake,
                            onset,
                            calibration.restSpeedRms(),
                            calibration.offsets().latency().shiftS()),
                    gripLimited,
                    List.copyOf(flags));
        }

        /** Whether speed is known all through the stop: neither lost with the wheels nor torn by the clock. */
        private Figure wholeSpeed() {
            for (double[] lost : drive.wheelReference().lost()) {
                if (lost[0] < end && lost[1] > onset) {
                    return Figure.unknown(
                            "the wheels lost the vehicle's speed for %.1f s".formatted(lost[1] - lost[0]));
                }
            }
            return ClockJumps.in(speed, onset, end).isEmpty()
                    ? Figure.of(1)
                    : Figure.unknown("the logger's clock jumped in this stop");
        }

        private double uReading(double seconds) {
            return Uncertainty.loggedM(v0, seconds, 1 / speed.period());
        }

        /** Of a distance from the onset, everything that may be wrong with it. */
        private Figure uDistance(Figure distance, Figure time) {
            if (!distance.isKnown()) {
                return distance;
            }
            double u = uReading(time.value());
            for (WheelReference.Bridge b : drive.wheelReference().bridges()) {
                u = b.touches(onset, end) ? Math.hypot(u, b.uncertaintyM()) : u;
            }
            if (options.basis() == DistanceBasis.ONSET_TO_REST) {
                u = Math.hypot(u, v0 * brake.onsetUncertainty().orElse(0));
                SpeedLatency latency = calibration.offsets().latency();
                u = Math.hypot(u, v0 * (isOnsetOfSpeed() ? 0 : latency.uncertaintyS()));
            }
            return Figure.of(u);
        }

        /** Whether onset and distance are read from one signal, so that its delay is in both. */
        private boolean isOnsetOfSpeed() {
            return brake.source() == OnsetSource.DECELERATION && !drive.hasDecelerationSensor();
        }

        private double uTime() {
            double ends = speed.period() / 2 * Math.sqrt(2.0 / 3);
            return options.basis() == DistanceBasis.ONSET_TO_REST
                    ? Math.hypot(ends, brake.onsetUncertainty().orElse(0))
                    : ends;
        }

        private Figure noPressure() {
            return Figure.unknown("no front pressure was logged");
        }

        /** From where distance counts: the onset, or the last fall through the nominal speed. */
        private Figure windowStart() {
            if (options.basis() != DistanceBasis.SPEED_WINDOW) {
                return Figure.of(onset);
            }
            if (!options.nominalSpeed().isKnown()) {
                return options.nominalSpeed();
            }
            double t = speed.lastFallThrough(
                    options.nominalSpeed().value(), Math.max(speed.first(), onset - BEFORE_S), end);
            if (v0 < options.nominalSpeed().value() + WINDOW_ENTRY_MARGIN) {
                return Figure.unknown(
                        "the run did not enter 1 km/h above the nominal speed, so its window is not whole");
            }
            return Double.isNaN(t) ? Figure.unknown("the run was never above the nominal speed") : Figure.of(t);
        }

        private Figure corrected(Figure distance) {
            if (options.basis() == DistanceBasis.SPEED_WINDOW) {
                return distance;
            }
            if (extent.kind() == StopKind.SNUB) {
                return Figure.unknown("a snub has no stopping distance to correct");
            }
            Figure nominal = options.nominalSpeed();
            if (!nominal.isKnown()) {
                return nominal;
            }
            return Corrections.isEntrySpeedIn(v0, nominal.value(), options.entryTolerance())
                    ? distance.map(s -> Corrections.toNominalSpeed(s, v0, nominal.value()))
                    : Figure.unknown("entry speed is too far from nominal for the square law");
        }

        private Figure meanDeceleration(Figure start, Figure distance) {
            double from = start.isKnown() ? speed.at(start.value()) : v0;
            return distance.map(s -> (from * from - v2 * v2) / (2 * s));
        }

        private Figure mfddUncertainty() {
            if (plateau == null) {
                return Figure.unknown("there is no plateau");
            }
            double a = plateau.mfdd().value();
            double ends = Math.sqrt(2) * Uncertainty.LOGGED_SPEED_MPS / (plateau.fromMps() - plateau.toMps());
            return Figure.of(
                    a * Math.hypot(ends, Uncertainty.LOGGED_SPEED_MPS * plateau.durationS() / plateau.distanceM()));
        }

        /** The drop at rest rings, so the peak is searched only down to 0.1 v0. */
        private Figure peakDeceleration() {
            double slow = speed.firstFallTo(0.1 * v0, onset, end);
            double until = Double.isNaN(slow) ? end : slow;
            return until > onset
                    ? Figure.of(drive.deceleration().max(onset, until))
                    : Figure.unknown("the stop is too short");
        }

        private Figure buildUp(Figure mfdd) {
            if (!mfdd.isKnown()) {
                return mfdd;
            }
            double level = BUILT_UP * mfdd.value();
            double reached = drive.deceleration().map(a -> -a).firstFallTo(-level, onset, end);
            return Double.isNaN(reached) ? Figure.unknown("deceleration never builds up") : Figure.of(reached - onset);
        }

        private Figure lostTime(Figure distance, Figure mfdd) {
            if (options.basis() == DistanceBasis.SPEED_WINDOW) {
                return Figure.unknown("the speed window leaves the build-up out");
            }
            if (extent.kind() == StopKind.SNUB) {
                return Figure.unknown("a snub has no run to rest");
            }
            return mfdd.map(a -> (distance.value() - v0 * v0 / (2 * a)) / v0);
        }

        private Figure plateauMean(Signal signal, String whyNot) {
            if (signal.isEmpty()) {
                return Figure.unknown(whyNot);
            }
            return plateau == null
                    ? Figure.unknown("there is no plateau")
                    : Figure.of(signal.mean(plateau.startS(), plateau.endS()));
        }

        private Figure frontShare() {
            if (drive.front().isEmpty() || drive.rear().isEmpty()) {
                return Figure.unknown("front and rear pressure were not both logged");
            }
            if (plateau == null) {
                return Figure.unknown("there is no plateau");
            }
            double weighted = 0;
            double seconds = 0;
            Signal front = drive.front().between(plateau.startS(), plateau.endS());
            for (int i = 1; i < front.size(); i++) {
                double t = (front.t()[i] + front.t()[i - 1]) / 2;
                double f = drive.front().at(t);
                double r = drive.rear().at(t);
                if (f > SHARE_ABOVE_BAR && r > SHARE_ABOVE_BAR) {
                    double dt = front.t()[i] - front.t()[i - 1];
                    weighted += dt * f / (f + r);
                    seconds += dt;
                }
            }
            return seconds > 0
                    ? Figure.of(weighted / seconds)
                    : Figure.unknown("pressures were never both above 1 bar");
        }

        private Figure effectiveness(Figure mfdd, Figure frontMean, boolean gripLimited) {
            if (gripLimited) {
                return Figure.unknown("tyres set the deceleration, not the brakes");
            }
            if (!mfdd.isKnown() || !frontMean.isKnown()) {
                return mfdd.isKnown() ? frontMean : mfdd;
            }
            if (frontMean.value() < SHARE_ABOVE_BAR) {
                return Figure.unknown("front pressure stayed below 1 bar");
            }
            double known = BrakeFinder.coastingLevel(drive.deceleration(), onset);
            if (Double.isNaN(known)) {
                flag(FlagFinding.NOTHING_BEFORE_ONSET);
            }
            double coasting = Double.isNaN(known) ? 0 : known;
            return Figure.of((mfdd.value() - coasting) / frontMean.value());
        }

        private Map<WheelPosition, Double> startTemperatures() {
            Map<WheelPosition, Double> out = new EnumMap<>(WheelPosition.class);
            for (WheelPosition w : WheelPosition.values()) {
                SoundTemperature disc = SoundTemperature.of(log, Role.discTemperature(w), onset - PEAK_SEARCH_S, onset);
                Signal t = disc.signal();
                boolean badNow = !t.isEmpty() && disc.leftOut(t.last(), onset);
                if (!t.isEmpty() && !(badNow && onset - t.last() > STAND_IN_S)) {
                    out.put(w, t.v()[t.size() - 1]);
                }
                if (disc.leftOut(onset - STAND_IN_S, extent.endS() + PEAK_SEARCH_S)) {
                    flag(FlagFinding.DISC_DROPPED_OUT, Term.name(w.label()));
                }
            }
            return out;
        }

        private Map<WheelPosition, Double> peakTemperatures() {
            Map<WheelPosition, Double> out = new EnumMap<>(WheelPosition.class);
            for (WheelPosition w : WheelPosition.values()) {
                double until = Math.min(brake.nextOnsetS(), extent.endS() + PEAK_SEARCH_S);
                Signal t = SoundTemperature.of(log, Role.discTemperature(w), onset - 1, until)
                        .signal();
                if (t.isEmpty() || t.last() <= onset) {
                    continue;
                }
                if (isHeld(t)) {
                    flag(FlagFinding.DISC_STUCK, Term.name(w.label()));
                    continue;
                }
                Signal smooth = Smoothing.lowPass(t, Smoothing.TEMPERATURE_HZ);
                out.put(w, smooth.max(Math.max(onset, smooth.first()), smooth.last()));
            }
            return out;
        }

        /** Whether a braking that must heat any disc left no trace at all in what a sensor tells. */
        private boolean isHeld(Signal t) {
            boolean heating = (v0 * v0 - v2 * v2) / 2 > HEATING_M2S2 && t.size() > 5 && t.last() > extent.endS();
            return heating && Arrays.stream(t.v()).skip(1).allMatch(x -> x == t.v()[0]);
        }

        private void flagEntry() {
            Figure nominal = options.nominalSpeed();
            if (!nominal.isKnown()) {
                flag(FlagFinding.NOT_CORRECTED);
                return;
            }
            double vNom = nominal.value();
            if (options.basis() == DistanceBasis.SPEED_WINDOW) {
                if (v0 < vNom + WINDOW_ENTRY_MARGIN) {
                    flag(
                            FlagFinding.BELOW_THE_WINDOW,
                            Term.speedToTenth(v0),
                            Term.speed(WINDOW_ENTRY_MARGIN),
                            Term.speedToTenth(vNom));
                }
            } else if (!Corrections.isEntrySpeedIn(v0, vNom, options.entryTolerance())) {
                flag(
                        FlagFinding.ENTRY_OFF_NOMINAL,
                        Term.speedToTenth(v0),
                        Term.share(options.entryTolerance()),
                        Term.speedToTenth(vNom));
            }
        }

        private void flagTrace(boolean gripLimited) {
            if (drive.front().isEmpty()) {
                flag(FlagFinding.NO_FRONT_PRESSURE);
            }
            if (!slip.locked().isEmpty()) {
                flag(
                        FlagFinding.WHEELS_LOCKED,
                        Term.names(slip.locked().keySet().stream()
                                .map(WheelPosition::label)
                                .toList()));
            }
            if (drive.speedIsWheel()
                    && (slip.antiLockWorked() || !slip.slipped().isEmpty())) {
                flag(FlagFinding.FASTEST_WHEEL_SLIPPED);
            }
            if (gripLimited) {
                flag(FlagFinding.TYRES_SET_IT, Term.share(slip.limitedShare()));
            }
            if (brake.modulations() > 0) {
                flag(FlagFinding.SHORT_RELEASES, Term.count(brake.modulations()));
            }
            if (extent.kind() == StopKind.SNUB && PlateauWindow.isSnubWindow(v0, v2)) {
                flag(FlagFinding.RELEASED_BEFORE_REST, Term.speedToTenth(v2));
            }
            if (speed.longestHole(onset, end) > speed.longestBridge()) {
                flag(FlagFinding.HOLE, Term.seconds(speed.longestHole(onset, end), 0.1));
            }
            if (driverLifted()) {
                flag(FlagFinding.PRESSURE_FELL);
            }
            health.stream()
                    .filter(f -> f.discredits(onset, extent.endS()))
                    .findFirst()
                    .ifPresent(f ->
                            flag(FlagFinding.SENSOR_NOT_BELIEVED, Term.name(f.channel()), new Term.Said(f.finding())));
            if (plateau == null && known.isKnown()) {
                flag(FlagFinding.NO_PLATEAU);
            }
        }

        private void flagSpeed() {
            if (!known.isKnown()) {
                boolean clock = drive.wheelReference().lost().stream().noneMatch(l -> l[0] < end && l[1] > onset);
                flag(clock ? FlagFinding.CLOCK_JUMPED : FlagFinding.WHEELS_LOST);
            }
            if (drive.wheelReference().bridges().stream().anyMatch(b -> b.touches(onset, end))) {
                flag(FlagFinding.BRIDGED);
            }
            if (!calibration.offsets().latency().seconds().isKnown()
                    && !isOnsetOfSpeed()
                    && options.basis() == DistanceBasis.ONSET_TO_REST) {
                flag(
                        FlagFinding.LATENCY_NOT_KNOWN,
                        Term.name(calibration.offsets().latency().seconds().reason()));
            }
            if (brake.stageS() > 0 && options.basis() == DistanceBasis.ONSET_TO_REST) {
                flag(FlagFinding.SLOWED_BEFORE, Term.seconds(brake.stageS(), 0.1));
            }
        }

        /** Beyond what tyres can give something else is wrong. */
        private void flagImplausible(Figure start, Figure distance) {
            Figure mean = meanDeceleration(start, distance);
            if (mean.isKnown() && mean.value() > options.largestDecelerationMps2()) {
                flag(FlagFinding.MORE_THAN_TYRES_GIVE, Term.times(mean.value() / G, 0.01));
            }
        }

        /** Against the pressure held for most of the plateau; the fall must last and happen above 0.1 v0. */
        private boolean driverLifted() {
            if (drive.front().isEmpty() || plateau == null) {
                return false;
            }
            double[] held = Arrays.stream(drive.front()
                            .between(plateau.startS(), plateau.endS())
                            .v())
                    .sorted()
                    .toArray();
            double low = (1 - LIFT_DROP) * held[(int) (0.75 * (held.length - 1))];
            Signal pressure = drive.front().between(plateau.startS(), plateau.endS());
            double since = Double.NaN;
            for (int i = 0; i < pressure.size(); i++) {
                if (pressure.v()[i] >= low) {
                    since = Double.NaN;
                } else if (Double.isNaN(since)) {
                    since = pressure.t()[i];
                } else if (pressure.t()[i] - since > LIFT_S) {
                    return true;
                }
            }
            return false;
        }

        private void flag(FlagFinding what, Term... terms) {
            flags.add(Flag.of(what, terms));
        }
    }
}
