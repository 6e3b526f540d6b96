package app.frenum.core.stop;

import app.frenum.core.log.Calibration;
import app.frenum.core.log.Drive;
import app.frenum.core.log.Signal;
import app.frenum.core.log.WheelReference;
import app.frenum.core.quantity.Figure;

/** Standard uncertainties of a stop's distance and time: reading, onset, latency and what was bridged. */
final class StopDoubt {

    private static final double RELEASE_S = 0.035;

    private final OneBraking b;
    private final Drive drive;
    private final BrakeApplication brake;
    private final AnalysisOptions options;
    private final Calibration calibration;
    private final Signal speed;
    private final double onset;
    private final double end;
    private final double v0;

    StopDoubt(OneBraking b) {
        this.b = b;
        drive = b.drive();
        brake = b.brake();
        options = b.options();
        calibration = b.calibration();
        speed = b.drive().speed();
        onset = b.extent().onsetS();
        end = b.extent().lastSampleS();
        v0 = b.v0();
    }

    /** All of them; the part that every stop of this speed source shares stands beside. */
    StopUncertainty uncertainty(
            Figure distance, Figure corrected, Figure time, Figure mfdd, Figure uMfdd, OnsetSource dated) {
        Figure own = distance.isKnown() ? Figure.of(ownM(time.value())) : distance;
        Figure shared = distance.map(this::sharedM);
        Figure whole = own.map(u -> Math.hypot(u, shared.value()));
        double scale = b.source().scaleUncertainty();
        double slip = b.source().brakeSlipUncertainty();
        double uV0 = Uncertainty.LOGGED_SPEED_MPS;
        // A scale error is in distance and entry speed alike, so the square law turns it round and it counts once.
        Figure uCorrected = corrected.map(s -> s
                / distance.value()
                * Math.hypot(shared.value(), Uncertainty.correctedM(distance.value(), own.value(), v0, uV0)));
        Figure uDeceleration = uMfdd.map(u -> Math.hypot(u, mfdd.value() * Math.hypot(scale, slip)));
        return new StopUncertainty(
                Figure.of(Math.hypot(uV0, v0 * scale)),
                whole,
                uCorrected,
                time.map(t -> uTime()),
                uDeceleration,
                uMean(distance, own, shared),
                uLostTime(whole, mfdd, uDeceleration),
                time.map(this::uReading),
                shared,
                FootDelay.of(dated).uncertainty(whole, v0),
                uMfdd);
    }

    private double uReading(double seconds) {
        return Uncertainty.loggedM(v0, seconds, 1 / speed.period());
    }

    /** Of a mean deceleration by distance, v0²/2s. */
    private Figure uMean(Figure distance, Figure own, Figure shared) {
        return distance.map(s -> v0
                * v0
                / (2 * s * s)
                * Math.hypot(shared.value(), Uncertainty.correctedM(s, own.value(), v0, Uncertainty.LOGGED_SPEED_MPS)));
    }

    private Figure uLostTime(Figure uDistance, Figure mfdd, Figure uMfdd) {
        return !mfdd.isKnown() || !uMfdd.isKnown()
                ? mfdd
                : uDistance.map(u -> Math.hypot(u / v0, v0 / (2 * mfdd.value() * mfdd.value()) * uMfdd.value()));
    }

    /** What is drawn anew for each stop: reading, onset, and what was bridged. */
    private double ownM(double seconds) {
        double u = uReading(seconds);
        for (WheelReference.Bridge bridge : drive.wheelReference().bridges()) {
            u = bridge.touches(onset, end) ? Math.hypot(u, bridge.uncertaintyM()) : u;
        }
        if (b.extent().kind() == StopKind.SNUB) {
            u = Math.hypot(u, b.v2() * uRelease());
        }
        return options.basis() == DistanceBasis.ONSET_TO_REST
                ? Math.hypot(u, v0 * brake.onsetUncertainty().orElse(0))
                : u;
    }

    /** What one speed source adds to every distance: scale, slip of braked wheels, latency. */
    private double sharedM(double distanceM) {
        double share = Math.hypot(b.source().scaleUncertainty(), b.source().brakeSlipUncertainty());
        boolean ownTime = options.basis() != DistanceBasis.ONSET_TO_REST || b.isOnsetOfSpeed();
        double late = ownTime ? 0 : calibration.offsets().latency().uncertaintyS();
        return Math.hypot(distanceM * share, v0 * late);
    }

    /** When a snub ended: the brakes take a moment to let go, and a slow speed shows it late, s. */
    private double uRelease() {
        return Math.hypot(RELEASE_S, b.brake().source() == OnsetSource.DECELERATION ? speed.period() / 2 : 0);
    }

    private double uTime() {
        double ends = speed.period() / 2 * Math.sqrt(2.0 / 3);
        return options.basis() == DistanceBasis.ONSET_TO_REST
                ? Math.hypot(ends, brake.onsetUncertainty().orElse(0))
                : ends;
    }
}
