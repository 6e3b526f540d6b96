package app.frenum.core.stop;

import app.frenum.core.quantity.Figure;

/**
 * The brake was on from here to there.
 *
 * @param onsetS when it was applied, dated on the raw signal, s
 * @param offS when it was released; the end of the log when it never was, s
 * @param source the signal that says so
 * @param modulations releases of less than 0.25 s in between
 * @param nextOnsetS when it was applied again, which ends the search for the discs' peaks; infinite when it never was, s
 * @param onsetUncertainty standard uncertainty (k = 1) of the onset, s
 */
public record BrakeApplication(
        double onsetS, double offS, OnsetSource source, int modulations, double nextOnsetS, Figure onsetUncertainty) {
    /** The same, with an onset that a person set. */
    BrakeApplication from(double handOnsetS) {
        return new BrakeApplication(handOnsetS, offS, source, modulations, nextOnsetS, onsetUncertainty);
    }
}
