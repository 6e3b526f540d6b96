package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.Uncertainty;

/**
 * The smallest difference of two means that the instruments could see at all:
 * {@code 2·√(u_A²/n_A + u_B²/n_B)}, u of one reading. Scatter from run to run is in the SD already, and an error
 * common to both sides cancels. Where entry speed was not recorded at all, or the sides used different
 * instruments, {@code 2·u(v0)/v_nom·s̄} and the instruments' calibration are added once, in quadrature: no number
 * of stops shrinks those.
 */
final class InstrumentFloor {
    /** Calibration of one length instrument against another, as a share of the length. */
    private static final double CALIBRATION_SHARE = Uncertainty.WHEEL_SHARE;

    private InstrumentFloor() {}

    static Figure of(Side a, Side b) {
        Figure uA = a.readingUncertainty();
        Figure uB = b.readingUncertainty();
        if (!uA.isKnown() || !uB.isKnown()) {
            return uA.isKnown() ? uB : uA;
        }
        double random = random(uA.value(), a.values().length, uB.value(), b.values().length);
        boolean noEntrySpeed = a.basis() == DistanceBasis.ONSET_TO_REST
                && (a.known(ComparedStop::entrySpeed).length == 0 || b.known(ComparedStop::entrySpeed).length == 0);
        boolean otherInstruments = !a.instruments().equals(b.instruments());
        double mean = (a.summary().mean().value() + b.summary().mean().value()) / 2;
        double systematic = otherInstruments ? 2 * CALIBRATION_SHARE * mean : 0;
        if (noEntrySpeed || otherInstruments) {
            if (!a.nominalSpeed().isKnown()) {
                return Figure.unknown("entry speed was not recorded and no nominal speed is known");
            }
            double speed = 2 * Uncertainty.SPEEDOMETER_MPS / a.nominalSpeed().value() * mean;
            systematic = Math.hypot(systematic, speed);
        }
        return Figure.of(Math.hypot(random, systematic));
    }

    static double random(double uA, int nA, double uB, int nB) {
        return 2 * Math.sqrt(uA * uA / nA + uB * uB / nB);
    }
}
