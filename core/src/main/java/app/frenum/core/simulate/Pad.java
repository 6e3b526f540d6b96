package app.frenum.core.simulate;

/**
 * Friction of a pad against the temperature of its disc: a little low when cold, flat, then falling.
 *
 * @param friction coefficient in the flat part
 * @param coldLoss share missing at 20 °C
 * @param warmFromC where the cold loss has gone, °C
 * @param fadeFromC where it begins to fade, °C
 * @param fadePerC share lost per °C above that
 */
public record Pad(double friction, double coldLoss, double warmFromC, double fadeFromC, double fadePerC) {
    private static final double COLD_C = 20;
    private static final double LEAST = 0.15;

    double at(double discC) {
        double cold = coldLoss * Math.min(1, Math.max(0, (warmFromC - discC) / (warmFromC - COLD_C)));
        double faded = fadePerC * Math.max(0, discC - fadeFromC);
        return friction * Math.max(LEAST, 1 - cold - faded);
    }
}
