package app.frenum.core.heat;

import app.frenum.core.quantity.Figure;

/**
 * Newton's law of cooling for a disc: {@code T(t) = Ta + (T0 − Ta)·e^(−t/τ)}.
 *
 * @param tauS time constant at the speed of the cool-down, s, above 0
 * @param ambientC what it cools towards, °C
 */
public record Cooling(double tauS, double ambientC) {
    /** Where nothing is known of how a car's discs cool, s. */
    public static final double USUAL_TAU_S = 200;
    /** Where nobody measured the air, °C. */
    public static final double USUAL_AMBIENT_C = 15;

    public Cooling {
        if (!(tauS > 0) || !Double.isFinite(ambientC)) {
            throw new IllegalArgumentException(
                    "a time constant of %s s towards %s °C is none: it must be above 0".formatted(tauS, ambientC));
        }
    }

    /** Temperature after {@code seconds}, °C. */
    public double after(double fromC, double seconds) {
        return ambientC + (fromC - ambientC) * Math.exp(-seconds / tauS);
    }

    /** How long until a disc has cooled to the gate, {@code τ·ln((T − Ta)/(T_gate − Ta))}, s; 0 when it is there. */
    public Figure waitUntil(double fromC, double gateC) {
        if (fromC <= gateC) {
            return Figure.of(0);
        }
        return gateC > ambientC
                ? Figure.of(tauS * Math.log((fromC - ambientC) / (gateC - ambientC)))
                : Figure.unknown("it is never reached, because the air is no cooler");
    }

    /**
     * The peak that a reading taken late goes back to: {@code Ta + (T_r − Ta)·e^(Δt/τ)}. It is the disc's bulk
     * temperature; the surface flashed higher.
     *
     * @param reading °C, with its standard uncertainty
     * @param lateS seconds after the stop
     * @param tauUncertaintyS standard uncertainty of τ
     * @param ambientUncertaintyC standard uncertainty of the ambient temperature
     */
    public Peak peakBefore(Peak reading, double lateS, double tauUncertaintyS, double ambientUncertaintyC) {
        double growth = Math.exp(lateS / tauS);
        double above = reading.celsius() - ambientC;
        double fromReading = growth * reading.uncertaintyC();
        double fromTau = above * growth * lateS * tauUncertaintyS / (tauS * tauS);
        double fromAmbient = (1 - growth) * ambientUncertaintyC;
        return new Peak(ambientC + above * growth, Math.hypot(Math.hypot(fromReading, fromTau), fromAmbient));
    }

    /** A temperature, °C, with its standard uncertainty. */
    public record Peak(double celsius, double uncertaintyC) {}
}
