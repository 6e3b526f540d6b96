package app.frenum.core.stop;

import app.frenum.core.quantity.Figure;

/**
 * Standard uncertainties (k = 1) of one logged stop's figures, from what the logger can resolve. Sources combine in
 * quadrature (see {@link Uncertainty} for the defaults); what depends on a sensor's own calibration is not here.
 *
 * @param entrySpeed m/s
 * @param distance m
 * @param correctedDistance m
 * @param time s, half a sample at both ends
 * @param mfdd m/s²
 * @param meanDeceleration m/s²
 * @param lostTime s
 * @param reading of the distance alone, m: what does not cancel when two are compared
 */
public record StopUncertainty(
        Figure entrySpeed,
        Figure distance,
        Figure correctedDistance,
        Figure time,
        Figure mfdd,
        Figure meanDeceleration,
        Figure lostTime,
        Figure reading) {

    static StopUncertainty none(String reason) {
        Figure u = Figure.unknown(reason);
        return new StopUncertainty(u, u, u, u, u, u, u, u);
    }

    static StopUncertainty of(
            double v0,
            Figure uReading,
            Figure uDistance,
            Figure distance,
            Figure corrected,
            Figure uTime,
            Figure mfdd,
            Figure uMfdd) {
        double uV = Uncertainty.LOGGED_SPEED_MPS;
        double relative = uDistance.isKnown() && distance.isKnown()
                ? Uncertainty.correctedM(1, uDistance.value() / distance.value(), v0, uV)
                : Double.NaN;
        Figure uLost = !mfdd.isKnown() || !uMfdd.isKnown()
                ? mfdd
                : uDistance.map(u -> Math.hypot(u / v0, v0 / (2 * mfdd.value() * mfdd.value()) * uMfdd.value()));
        return new StopUncertainty(
                Figure.of(uV),
                uDistance,
                corrected.map(s -> s * relative),
                uTime,
                uMfdd,
                distance.map(s -> v0 * v0 / (2 * s) * relative),
                uLost,
                uReading);
    }
}
