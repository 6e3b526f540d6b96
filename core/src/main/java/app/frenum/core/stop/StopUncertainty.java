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
 * @param shared the part of the distance's that all stops by one speed source have in common, m: scale, slip, latency
 * @param distanceFromFoot m
 * @param mfddReading of the MFDD without what is shared, m/s²
 */
public record StopUncertainty(
        Figure entrySpeed,
        Figure distance,
        Figure correctedDistance,
        Figure time,
        Figure mfdd,
        Figure meanDeceleration,
        Figure lostTime,
        Figure reading,
        Figure shared,
        Figure distanceFromFoot,
        Figure mfddReading) {}
