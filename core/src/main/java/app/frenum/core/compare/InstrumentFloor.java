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
        if (isSystematic(a, b) && !a.nominalSpeed().isKnown()) {
            return Figure.unknown("entry speed was not recorded and no nominal speed is known");
        }
        return Figure.of(Math.hypot(random, systematic(a, b)));
    }

    private static boolean noEntrySpeed(Side a, Side b) {
        return a.basis() == DistanceBasis.ONSET_TO_REST
                && (a.known(ComparedStop::entrySpeed).length == 0 || b.known(ComparedStop::entrySpeed).length == 0);
    }

    private static boolean isSystematic(Side a, Side b) {
        return noEntrySpeed(a, b) || !a.instruments().equals(b.instruments());
    }

    /** The part that no number of stops shrinks; 0 where there is none. */
    static double systematic(Side a, Side b) {
        if (!isSystematic(a, b) || !a.nominalSpeed().isKnown()) {
            return 0;
        }
        double mean = (a.summary().mean().value() + b.summary().mean().value()) / 2;
        double calibration = a.instruments().equals(b.instruments()) ? 0 : 2 * CALIBRATION_SHARE * mean;
        return Math.hypot(
                calibration, 2 * Uncertainty.SPEEDOMETER_MPS / a.nominalSpeed().value() * mean);
    }

    static double random(double uA, int nA, double uB, int nB) {
        return 2 * Math.sqrt(uA * uA / nA + uB * uB / nB);
    }
}
