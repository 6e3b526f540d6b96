package app.frenum.core.stop;

import app.frenum.core.log.Drive;
import app.frenum.core.log.Signal;
import app.frenum.core.quantity.Figure;
import org.jspecify.annotations.Nullable;

/** How hard it slowed, how soon, and how well the plateau is known. */
final class StopDeceleration {
    private static final double BUILT_UP = 0.9;

    private final Drive drive;
    private final Signal speed;
    private final double onset;
    private final double end;
    private final double v0;
    private final @Nullable PlateauWindow plateau;

    StopDeceleration(OneBraking b) {
        drive = b.drive();
        speed = b.drive().speed();
        onset = b.extent().onsetS();
        end = b.extent().lastSampleS();
        v0 = b.v0();
        plateau = b.plateau();
    }

    /** The drop at rest rings, so the peak is searched only down to 0.1 v0. */
    Figure peakDeceleration() {
        double slow = speed.firstFallTo(0.1 * v0, onset, end);
        double until = Double.isNaN(slow) ? end : slow;
        return until > onset
                ? Figure.of(drive.deceleration().max(onset, until))
                : Figure.unknown("the stop is too short");
    }

    Figure buildUp(Figure mfdd) {
        if (!mfdd.isKnown()) {
            return mfdd;
        }
        double level = BUILT_UP * mfdd.value();
        double reached = drive.deceleration().map(a -> -a).firstFallTo(-level, onset, end);
        return Double.isNaN(reached) ? Figure.unknown("deceleration never builds up") : Figure.of(reached - onset);
    }

    Figure mfddUncertainty() {
        if (plateau == null) {
            return Figure.unknown("there is no plateau");
        }
        double a = plateau.mfdd().value();
        double ends = Math.sqrt(2) * Uncertainty.LOGGED_SPEED_MPS / (plateau.fromMps() - plateau.toMps());
        return Figure.of(
                a * Math.hypot(ends, Uncertainty.LOGGED_SPEED_MPS * plateau.durationS() / plateau.distanceM()));
    }
}
