package app.frenum.core.heat;

import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.OptionalDouble;

/**
 * When a disc that is cooling will have come down to a temperature, from the readings of this very cool-down. Where they
 * determine the time constant it is theirs; before that it lies between that of the vehicle while it rolls and that of a disc which stands, three times as long and known to a factor
 * of 1.6.
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
        double turns = Math.log((last.celsius() - ambientC) / (gateC - ambientC));
        return fit.tauS().isKnown()
                ? byOwnReadings(fit, last, turns, ambientC)
                : byPrior(priorTauS, last, turns, ambientC);
    }

    private static ReadyAt byOwnReadings(CoolingFit fit, Reading last, double turns, double ambientC) {
        double tau = fit.tauS().value();
        double u = (fit.tauHighS().value() - fit.tauLowS().value()) / (2 * COVERAGE);
        double fromReading = tau * last.uncertaintyC() / (last.celsius() - ambientC);
        return new ReadyAt(
                Figure.of(last.atS() + tau * turns), Figure.of(COVERAGE * Math.hypot(turns * u, fromReading)), true);
    }

    /** Nobody knows how long the car will roll and how long stand: from the soonest of the one to the latest of the other. */
    private static ReadyAt byPrior(double rollingTauS, Reading last, double turns, double ambientC) {
        double soonest = rollingTauS * (1 - COVERAGE * PRIOR_SPREAD / 2);
        double latest = Cooling.STANDING * rollingTauS * Cooling.STANDING_FACTOR;
        double middle = (soonest + latest) / 2;
        double fromReading = COVERAGE * middle * last.uncertaintyC() / (last.celsius() - ambientC);
        return new ReadyAt(
                Figure.of(last.atS() + middle * turns),
                Figure.of(Math.hypot(turns * (latest - soonest) / 2, fromReading)),
                false);
    }
}
