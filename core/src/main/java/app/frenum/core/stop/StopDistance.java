package app.frenum.core.stop;

import app.frenum.core.log.Signal;
import app.frenum.core.quantity.Figure;

/** Where a stop's distance counts from, and what is made of it. */
final class StopDistance {
    /** What is read before the onset: the coasting level needs 2 s. */
    private static final double BEFORE_S = 4;
    /** The smallest margin by which a run must enter above the nominal speed on the window basis, m/s. */
    static final double WINDOW_ENTRY_MARGIN = 1 / 3.6;

    private final StopExtent extent;
    private final AnalysisOptions options;
    private final Signal speed;
    private final double onset;
    private final double end;
    private final double v0;
    private final double v2;
    private final double slipFactor;

    StopDistance(OneBraking b) {
        extent = b.extent();
        options = b.options();
        speed = b.drive().speed();
        onset = b.extent().onsetS();
        end = b.extent().lastSampleS();
        v0 = b.v0();
        v2 = b.v2();
        slipFactor = b.source().slipFactor();
    }

    /** From where distance counts: the onset, or the last fall through the nominal speed. */
    Figure windowStart() {
        if (options.basis() != DistanceBasis.SPEED_WINDOW) {
            return Figure.of(onset);
        }
        if (!options.nominalSpeed().isKnown()) {
            return options.nominalSpeed();
        }
        // Braked wheels turn more slowly than the vehicle goes.
        double t = speed.lastFallThrough(
                options.nominalSpeed().value() / slipFactor, Math.max(speed.first(), onset - BEFORE_S), end);
        if (v0 < options.nominalSpeed().value() + WINDOW_ENTRY_MARGIN) {
            return Figure.unknown("the run did not enter 1 km/h above the nominal speed, so its window is not whole");
        }
        return Double.isNaN(t) ? Figure.unknown("the run was never above the nominal speed") : Figure.of(t);
    }

    Figure corrected(Figure distance) {
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

    Figure meanDeceleration(Figure start, Figure distance) {
        double from = options.basis() == DistanceBasis.SPEED_WINDOW && start.isKnown()
                ? speed.at(start.value()) * slipFactor
                : v0;
        return distance.map(s -> (from * from - v2 * v2) / (2 * s));
    }

    Figure lostTime(Figure distance, Figure mfdd) {
        if (options.basis() == DistanceBasis.SPEED_WINDOW) {
            return Figure.unknown("the speed window leaves the build-up out");
        }
        if (extent.kind() == StopKind.SNUB) {
            return Figure.unknown("a snub has no run to rest");
        }
        return mfdd.map(a -> (distance.value() - v0 * v0 / (2 * a)) / v0);
    }
}
