package app.frenum.core.stop;

import static app.frenum.core.quantity.Unit.G;

import app.frenum.core.finding.Term;
import app.frenum.core.log.Calibration;
import app.frenum.core.log.Drive;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.Signal;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What is to be said about a stop beside its figures. */
final class StopFlags {

    /** A speed with fewer samples does not show where braking began, s. */
    private static final double SLOWEST_PERIOD_S = 0.25;

    /** Smoothing carries a lost speed so far into what is beside it, s. */
    private static final double BESIDE_S = 0.2;

    private static final double LIFT_DROP = 0.30;
    private static final double LIFT_S = 0.25;
    /** Less than this on a line through the plateau is no braking by it, bar. */
    private static final double LEAST_HELD_BAR = 2;

    private final OneBraking b;
    private final Drive drive;
    private final StopExtent extent;
    private final BrakeApplication brake;
    private final AnalysisOptions options;
    private final Calibration calibration;
    private final Signal speed;
    private final double onset;
    private final double end;
    private final double v0;
    private final double v2;
    private final @Nullable PlateauWindow plateau;
    private final Slip slip;
    private final Figure known;
    private final List<HealthFinding> health;
    private final List<Flag> found = new ArrayList<>();

    StopFlags(OneBraking b, List<HealthFinding> health) {
        this.b = b;
        drive = b.drive();
        extent = b.extent();
        brake = b.brake();
        options = b.options();
        calibration = b.calibration();
        speed = b.drive().speed();
        onset = b.extent().onsetS();
        end = b.extent().lastSampleS();
        v0 = b.v0();
        v2 = b.v2();
        plateau = b.plateau();
        slip = b.slip();
        known = b.whole();
        this.health = health;
    }

    void entry() {
        Figure nominal = options.nominalSpeed();
        if (!nominal.isKnown()) {
            add(FlagFinding.NOT_CORRECTED);
            return;
        }
        double vNom = nominal.value();
        if (options.basis() == DistanceBasis.SPEED_WINDOW) {
            if (v0 < vNom + StopDistance.WINDOW_ENTRY_MARGIN) {
                add(
                        FlagFinding.BELOW_THE_WINDOW,
                        Term.speedToTenth(v0),
                        Term.speed(StopDistance.WINDOW_ENTRY_MARGIN),
                        Term.speedToTenth(vNom));
            }
        } else if (!Corrections.isEntrySpeedIn(v0, vNom, options.entryTolerance())) {
            add(
                    FlagFinding.ENTRY_OFF_NOMINAL,
                    Term.speedToTenth(v0),
                    Term.share(options.entryTolerance()),
                    Term.speedToTenth(vNom));
        }
    }

    void trace(boolean gripLimited) {
        if (drive.front().isEmpty()) {
            add(FlagFinding.NO_FRONT_PRESSURE);
        }
        if (!slip.locked().isEmpty()) {
            add(
                    FlagFinding.WHEELS_LOCKED,
                    Term.names(slip.locked().keySet().stream()
                            .map(WheelPosition::label)
                            .toList()));
        }
        if (drive.speedIsWheel() && (slip.antiLockWorked() || !slip.slipped().isEmpty())) {
            add(FlagFinding.FASTEST_WHEEL_SLIPPED);
        }
        if (gripLimited) {
            add(FlagFinding.TYRES_SET_IT, Term.share(slip.limitedShare()));
        }
        if (brake.modulations() > 0) {
            add(FlagFinding.SHORT_RELEASES, Term.count(brake.modulations()));
        }
        if (extent.kind() == StopKind.SNUB && PlateauWindow.isSnubWindow(v0, v2)) {
            add(FlagFinding.RELEASED_BEFORE_REST, Term.speedToTenth(v2));
        }
        if (speed.longestHole(onset, end) > speed.longestBridge()) {
            add(FlagFinding.HOLE, Term.seconds(speed.longestHole(onset, end), 0.1));
        }
        if (drive.dropouts().touch(onset - BESIDE_S, extent.endS() + BESIDE_S)) {
            add(FlagFinding.SPEED_HELD);
        }
        if (b.isOnsetOfSpeed() && speed.period() > SLOWEST_PERIOD_S) {
            add(FlagFinding.SPEED_TOO_SLOW, Term.seconds(speed.period(), 0.1));
        }
        double difference = known.isKnown() ? AccelerometerDistance.difference(b) : 0;
        if (Math.abs(difference) > AccelerometerDistance.allowedShare(b.source())) {
            add(FlagFinding.DISTANCES_DIFFER, Term.share(Math.abs(difference)));
        }
        if (driverLifted()) {
            add(FlagFinding.PRESSURE_FELL);
        }
        health.stream()
                .filter(f -> f.discredits(onset, extent.endS()))
                .findFirst()
                .ifPresent(
                        f -> add(FlagFinding.SENSOR_NOT_BELIEVED, Term.name(f.channel()), new Term.Said(f.finding())));
        if (plateau == null && known.isKnown()) {
            add(FlagFinding.NO_PLATEAU);
        }
    }

    void speed() {
        if (!known.isKnown()) {
            boolean clock = drive.wheelReference().lost().stream().noneMatch(l -> l[0] < end && l[1] > onset);
            add(clock ? FlagFinding.CLOCK_JUMPED : FlagFinding.WHEELS_LOST);
        }
        if (drive.wheelReference().bridges().stream().anyMatch(bridge -> bridge.touches(onset, end))) {
            add(FlagFinding.BRIDGED);
        }
        if (!calibration.offsets().latency().seconds().isKnown()
                && !b.isOnsetOfSpeed()
                && options.basis() == DistanceBasis.ONSET_TO_REST) {
            add(
                    FlagFinding.LATENCY_NOT_KNOWN,
                    Term.name(calibration.offsets().latency().seconds().reason()));
        }
    }

    /** Beyond what tyres can give something else is wrong. */
    void implausible(Figure mean) {
        if (mean.isKnown() && mean.value() > options.largestDecelerationMps2()) {
            add(FlagFinding.MORE_THAN_TYRES_GIVE, Term.times(mean.value() / G, 0.01));
        }
    }

    /** Against the pressure held for most of the plateau; the fall must last and happen above 0.1 v0. */
    private boolean driverLifted() {
        return plateau != null && (isHeldLine(drive.front()) ? lifted(drive.front()) : lifted(drive.rear()));
    }

    /** Whether a line held pressure at all: one whose circuit is open shows the noise of its sensor. */
    private boolean isHeldLine(Signal line) {
        return !line.isEmpty() && held(line) > LEAST_HELD_BAR;
    }

    private double held(Signal line) {
        double[] sorted = Arrays.stream(
                        line.between(plateau().startS(), plateau().endS()).v())
                .sorted()
                .toArray();
        return sorted.length == 0 ? 0 : sorted[(int) (0.75 * (sorted.length - 1))];
    }

    private boolean lifted(Signal line) {
        if (!isHeldLine(line)) {
            return false;
        }
        double low = (1 - LIFT_DROP) * held(line);
        Signal pressure = line.between(plateau().startS(), plateau().endS());
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

    private PlateauWindow plateau() {
        return Objects.requireNonNull(plateau);
    }

    void add(FlagFinding what, Term... terms) {
        found.add(Flag.of(what, terms));
    }

    List<Flag> all() {
        return List.copyOf(found);
    }
}
