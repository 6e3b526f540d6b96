package app.frenum.core.stop;

import app.frenum.core.log.Calibration;
import app.frenum.core.log.ClockJumps;
import app.frenum.core.log.Drive;
import app.frenum.core.log.Log;
import app.frenum.core.log.Signal;
import app.frenum.core.log.SpeedSource;
import app.frenum.core.quantity.Figure;
import org.jspecify.annotations.Nullable;

/**
 * One application of the brake while it is measured: what is read of it before any figure is.
 *
 * @param whole known where speed is known all through it, else why it is not
 * @param v0 speed at the onset, m/s
 * @param v2 speed at the end, m/s; 0 at rest
 * @param plateau null where there is none
 */
record OneBraking(
        Log log,
        Drive drive,
        StopExtent extent,
        BrakeApplication brake,
        AnalysisOptions options,
        Calibration calibration,
        Figure whole,
        double v0,
        double v2,
        @Nullable PlateauWindow plateau,
        Slip slip) {
    static OneBraking of(
            Log log,
            Drive drive,
            StopExtent extent,
            BrakeApplication brake,
            AnalysisOptions options,
            Calibration calibration) {
        Signal speed = drive.speed();
        double onset = extent.onsetS();
        double end = extent.lastSampleS();
        double v0 = speed.at(onset);
        double v2 = extent.kind() == StopKind.STOP ? 0 : speed.at(end);
        Figure whole = wholeSpeed(drive, onset, end);
        PlateauWindow plateau = whole.isKnown() ? PlateauWindow.of(speed, onset, end, v0, v2) : null;
        Slip slip = Slip.of(drive, onset, end, plateau);
        return new OneBraking(log, drive, extent, brake, options, calibration, whole, v0, v2, plateau, slip);
    }

    /** Whether speed is known all through the stop: neither lost with the wheels nor torn by the clock. */
    private static Figure wholeSpeed(Drive drive, double onset, double end) {
        for (double[] lost : drive.wheelReference().lost()) {
            if (lost[0] < end && lost[1] > onset) {
                return Figure.unknown("the wheels lost the vehicle's speed");
            }
        }
        return ClockJumps.in(drive.speed(), onset, end).isEmpty()
                ? Figure.of(1)
                : Figure.unknown("the logger's clock jumped in this stop");
    }

    double onset() {
        return extent.onsetS();
    }

    /** Its last sample. */
    double end() {
        return extent.lastSampleS();
    }

    SpeedSource source() {
        return drive.speedIsWheel() ? SpeedSource.WHEELS : calibration.offsets().source();
    }

    /** Whether onset and distance are read from one signal, so that its delay is in both. */
    boolean isOnsetOfSpeed() {
        return brake.source() == OnsetSource.DECELERATION && !drive.hasDecelerationSensor();
    }
}
