package app.frenum.core.heat;

import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.OptionalDouble;

/**
 * When a disc that is cooling will have come down to a temperature, from the readings of this very cool-down. Where they
 * determine the time constant it is theirs; before that it is the vehicle's own, taken to be wrong by a fifth.
 *
 * @param atS on the clock of the readings, s
 * @param plusMinusS half-width of the 95 % interval, s
 * @param fitted whether the time constant is that of these readings
 */
public record ReadyAt(Figure atS, Figure plusMinusS, boolean fitted) {
    private static final double PRIOR_SPREAD = 0.2;
    private static final double COVERAGE = 2;

    /** One reading of a disc, with its standard uncertainty. */
    public record Reading(double atS, double celsius, double uncertaintyC) {}

    /**
     * Foretells from readings in order of time.
     *
     * @param readings of one disc since it was last braked, at least one
     * @param gateC temperature to come down to
     * @param ambientC of the air
     * @param priorTauS the vehicle's time constant
     */
    public static ReadyAt of(List<Reading> readings, double gateC, double ambientC, double priorTauS) {
        Reading last = readings.get(readings.size() - 1);
        if (last.celsius() <= gateC) {
            return new ReadyAt(Figure.of(last.atS()), Figure.of(0), true);
        }
        if (gateC <= ambientC) {
            Figure never = new Cooling(priorTauS, ambientC).waitUntil(last.celsius(), gateC);
            return new ReadyAt(never, never, false);
        }
        CoolingFit fit = CoolingFit.of(
                readings.stream().mapToDouble(Reading::atS).toArray(),
                readings.stream().mapToDouble(Reading::celsius).toArray(),
                OptionalDouble.of(ambientC));
        boolean fitted = fit.tauS().isKnown();
        double tau = fit.tauS().orElse(priorTauS);
        double tauUncertainty =
                fitted ? (fit.tauHighS().value() - fit.tauLowS().value()) / (2 * COVERAGE) : PRIOR_SPREAD * priorTauS;
        double turns = Math.log((last.celsius() - ambientC) / (gateC - ambientC));
        double fromReading = tau * last.uncertaintyC() / (last.celsius() - ambientC);
        return new ReadyAt(
                Figure.of(last.atS() + tau * turns),
                Figure.of(COVERAGE * Math.hypot(turns * tauUncertainty, fromReading)),
                fitted);
    }
}
