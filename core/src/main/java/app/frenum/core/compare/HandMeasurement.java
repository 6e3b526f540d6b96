package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.Corrections;
import app.frenum.core.stop.DistanceBasis;

/**
 * What people read off tape, wheel and stopwatch for one stop, and what follows from it.
 *
 * @param basis where the distance is counted from
 * @param instrument what it was read with
 * @param distance m
 * @param time s
 * @param entrySpeed m/s
 * @param nominalSpeed m/s
 */
public record HandMeasurement(
        DistanceBasis basis,
        Instrument instrument,
        Figure distance,
        Figure time,
        Figure entrySpeed,
        Figure nominalSpeed) {

    /** Corrected distance, m; by stopwatch alone mean deceleration {@code v_nom/t}, m/s². */
    public Figure value() {
        if (basis == DistanceBasis.TIME_ONLY) {
            return deceleration();
        }
        if (!distance.isKnown() || basis == DistanceBasis.SPEED_WINDOW || !canCorrect()) {
            return distance;
        }
        return distance.map(s -> Corrections.toNominalSpeed(s, entrySpeed.value(), nominalSpeed.value()));
    }

    /** Mean deceleration by stopwatch: {@code v_nom/t}, m/s². */
    public Figure deceleration() {
        if (!nominalSpeed.isKnown() && !entrySpeed.isKnown()) {
            return nominalSpeed;
        }
        double v = nominalSpeed.orElse(entrySpeed.orElse(0));
        return time.map(t -> v / t);
    }

    /** Standard uncertainty of the reading itself, in the unit of {@link #value()}. */
    public Figure readingUncertainty() {
        if (basis == DistanceBasis.TIME_ONLY) {
            return deceleration().map(a -> Instrument.STOPWATCH.uncertainty(a, time.value()));
        }
        return distance.map(s -> instrument.uncertainty(s, 0));
    }

    /** Whether the run was at the wrong speed and must be repeated. */
    public boolean isEntrySpeedOut() {
        return basis != DistanceBasis.SPEED_WINDOW
                && canCorrect()
                && !Corrections.isEntrySpeedIn(
                        entrySpeed.value(), nominalSpeed.value(), AnalysisOptions.DEFAULT_ENTRY_TOLERANCE);
    }

    private boolean canCorrect() {
        return entrySpeed.isKnown() && nominalSpeed.isKnown();
    }
}
