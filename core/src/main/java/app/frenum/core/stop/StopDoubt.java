package app.frenum.core.stop;

import app.frenum.core.log.Calibration;
import app.frenum.core.log.Drive;
import app.frenum.core.log.Signal;
import app.frenum.core.log.SpeedLatency;
import app.frenum.core.log.WheelReference;
import app.frenum.core.quantity.Figure;

/** Standard uncertainties of a stop's distance and time: reading, onset, latency and what was bridged. */
final class StopDoubt {

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

    double uReading(double seconds) {
        return Uncertainty.loggedM(v0, seconds, 1 / speed.period());
    }

    /** Of a distance from the onset, everything that may be wrong with it. */
    Figure uDistance(Figure distance, Figure time) {
        if (!distance.isKnown()) {
            return distance;
        }
        double u = uReading(time.value());
        for (WheelReference.Bridge bridge : drive.wheelReference().bridges()) {
            u = bridge.touches(onset, end) ? Math.hypot(u, bridge.uncertaintyM()) : u;
        }
        if (options.basis() == DistanceBasis.ONSET_TO_REST) {
            u = Math.hypot(u, v0 * brake.onsetUncertainty().orElse(0));
            SpeedLatency latency = calibration.offsets().latency();
            u = Math.hypot(u, v0 * (b.isOnsetOfSpeed() ? 0 : latency.uncertaintyS()));
        }
        return Figure.of(u);
    }

    double uTime() {
        double ends = speed.period() / 2 * Math.sqrt(2.0 / 3);
        return options.basis() == DistanceBasis.ONSET_TO_REST
                ? Math.hypot(ends, brake.onsetUncertainty().orElse(0))
                : ends;
    }
}
