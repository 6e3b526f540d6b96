package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.core.stop.Corrections;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.Uncertainty;

/**
 * What people read off tape, wheel and stopwatch for one stop, and what follows from it.
 *
 * @param basis where the distance is counted from
 * @param instrument what it was read with
 * @param distance m
 * @param time s
 * @param entrySpeed m/s
 * @param nominalSpeed m/s
 * @param wet whether the surface was, which leaves tyres less to give
 */
public record HandMeasurement(
        DistanceBasis basis,
        Instrument instrument,
        Figure distance,
        Figure time,
        Figure entrySpeed,
        Figure nominalSpeed,
        boolean wet) {
    private static final double WET_SHARE = 0.8;

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

    /**
     * Everything that may be wrong with {@link #value()}, k = 1: the reading, and the speed it began at. Where nobody wrote
     * that down the speedometer's reading of the nominal speed stands in.
     */
    public Figure uncertainty() {
        if (basis != DistanceBasis.ONSET_TO_REST) {
            return readingUncertainty();
        }
        double v0 = entrySpeed.orElse(nominalSpeed.orElse(0));
        Figure value = value();
        return v0 <= 0 || !value.isKnown()
                ? readingUncertainty()
                : readingUncertainty()
                        .map(u -> Uncertainty.correctedM(value.value(), u, v0, Uncertainty.SPEEDOMETER_MPS));
    }

    /** Whether it slowed more than tyres can make a car slow: braked early, another speed than written, or another unit. */
    public boolean isImplausible() {
        double v0 = entrySpeed.orElse(nominalSpeed.orElse(0));
        double limit = AnalysisOptions.CAR_MPS2 * (wet ? WET_SHARE : 1);
        double mean = basis == DistanceBasis.TIME_ONLY
                ? deceleration().orElse(0)
                : distance.map(s -> v0 * v0 / (2 * s)).orElse(0);
        return mean > limit;
    }

    private boolean canCorrect() {
        return entrySpeed.isKnown() && nominalSpeed.isKnown();
    }
}
