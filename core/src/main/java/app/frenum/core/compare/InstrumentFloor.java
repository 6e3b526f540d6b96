package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.Uncertainty;

/**
 * The smallest difference of two means that the instruments could see at all:
 * {@code 2·√(u_A²/n_A + u_B²/n_B)}, u of one reading. Scatter from run to run is in the SD already, and an error
 * common to both sides cancels. Where fewer than two thirds of a side's entry speeds were recorded, or the sides used
 * different instruments, {@code 2·u(v0)/v_nom·s̄} and the instruments' calibration are added once, in quadrature: no number
 * of stops shrinks those; where the sides took speed from different sources, what each source shares is added likewise.
 */
final class InstrumentFloor {
    /** Calibration of one length instrument against another, as a share of the length. */
    private static final double CALIBRATION_SHARE = Uncertainty.WHEEL_SHARE;

    /** Share of a side's stops whose entry speed must be known. */
    private static final double ENOUGH_KNOWN = 2 / 3.0;

    private InstrumentFloor() {}

    static Figure of(Side a, Side b) {
        Figure uA = a.readingUncertainty();
        Figure uB = b.readingUncertainty();
        if (!uA.isKnown() || !uB.isKnown()) {
            return uA.isKnown() ? uB : uA;
        }
        double random = random(uA.value(), a.values().length, uB.value(), b.values().length);
        if (isSystematic(a, b) && !a.nominalSpeed().isKnown()) {
            return Figure.unknown("entry speeds were not recorded and no nominal speed is known");
        }
        return Figure.of(Math.hypot(random, systematic(a, b)));
    }

    /** A side that mostly lacks entry speeds is no better known than one without any. */
    private static boolean lacksEntrySpeeds(Side side) {
        return side.basis() == DistanceBasis.ONSET_TO_REST
                && side.known(ComparedStop::entrySpeed).length < ENOUGH_KNOWN * side.values().length;
    }

    private static boolean isBySpeedometer(Side a, Side b) {
        return lacksEntrySpeeds(a) || lacksEntrySpeeds(b) || !a.instruments().equals(b.instruments());
    }

    private static boolean isByOtherSource(Side a, Side b) {
        return !a.speedSources().equals(b.speedSources());
    }

    private static boolean isSystematic(Side a, Side b) {
        return isBySpeedometer(a, b) || isByOtherSource(a, b);
    }

    /** The part that no number of stops shrinks; 0 where there is none. */
    static double systematic(Side a, Side b) {
        if (!isSystematic(a, b) || !a.nominalSpeed().isKnown()) {
            return 0;
        }
        double mean = (a.summary().mean().value() + b.summary().mean().value()) / 2;
        double calibration = a.instruments().equals(b.instruments()) ? 0 : 2 * CALIBRATION_SHARE * mean;
        double speed = isBySpeedometer(a, b)
                ? 2 * Uncertainty.SPEEDOMETER_MPS / a.nominalSpeed().value() * mean
                : 0;
        double sources = isByOtherSource(a, b) ? 2 * Math.hypot(a.sharedUncertainty(), b.sharedUncertainty()) : 0;
        return Math.hypot(Math.hypot(calibration, speed), sources);
    }

    static double random(double uA, int nA, double uB, int nB) {
        return 2 * Math.sqrt(uA * uA / nA + uB * uB / nB);
    }
}
