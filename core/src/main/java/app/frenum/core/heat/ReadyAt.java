package app.frenum.core.heat;

import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * When a disc that is cooling will have come down to a temperature, from the readings of this very cool-down. Where they
 * determine the time constant it is theirs; before that it is the vehicle's, of rolling or of standing, or anything
 * between the two where nobody said which ({@link Regimes}).
 *
 * @param atS on the clock of the readings, s
 * @param plusMinusS half-width of the 95 % interval, s
 * @param fitted whether the time constant is that of these readings
 */
public record ReadyAt(Figure atS, Figure plusMinusS, boolean fitted) {
    private static final double COVERAGE = 2;

    /** One reading of a disc, with its standard uncertainty. */
    public record Reading(double atS, double celsius, double uncertaintyC) {}

    /**
     * Foretells from readings in order of time.
     *
     * @param readings of one disc since it was last braked and since the car rolls or stands as it does, at least one
     * @param gateC temperature to come down to
     * @param ambientC of the air
     * @param prior how the vehicle's discs cool
     * @param motion what the car does while the disc cools; empty where nobody knows
     */
    public static ReadyAt of(
            List<Reading> readings, double gateC, double ambientC, Regimes prior, Optional<Motion> motion) {
        Reading last = readings.get(readings.size() - 1);
        if (last.celsius() <= gateC) {
            return new ReadyAt(Figure.of(last.atS()), Figure.of(0), true);
        }
        if (gateC <= ambientC) {
            Figure never = new Cooling(prior.rollingS(), ambientC).waitUntil(last.celsius(), gateC);
            return new ReadyAt(never, never, false);
        }
        CoolingFit fit = CoolingFit.of(
                readings.stream().mapToDouble(Reading::atS).toArray(),
                readings.stream().mapToDouble(Reading::celsius).toArray(),
                OptionalDouble.of(ambientC));
        double turns = Math.log((last.celsius() - ambientC) / (gateC - ambientC));
        return fit.tauS().isKnown()
                ? byOwnReadings(fit, last, turns, ambientC)
                : byPrior(prior.range(motion), last, turns, ambientC);
    }

    private static ReadyAt byOwnReadings(CoolingFit fit, Reading last, double turns, double ambientC) {
        double tau = fit.tauS().value();
        double u = (fit.tauHighS().value() - fit.tauLowS().value()) / (2 * COVERAGE);
        double fromReading = tau * last.uncertaintyC() / (last.celsius() - ambientC);
        return new ReadyAt(
                Figure.of(last.atS() + tau * turns), Figure.of(COVERAGE * Math.hypot(turns * u, fromReading)), true);
    }

    private static ReadyAt byPrior(Regimes.Range tau, Reading last, double turns, double ambientC) {
        double fromReading = COVERAGE * tau.middleS() * last.uncertaintyC() / (last.celsius() - ambientC);
        double fromTau = COVERAGE * tau.uncertaintyS() * turns;
        return new ReadyAt(
                Figure.of(last.atS() + tau.middleS() * turns), Figure.of(Math.hypot(fromTau, fromReading)), false);
    }
}
