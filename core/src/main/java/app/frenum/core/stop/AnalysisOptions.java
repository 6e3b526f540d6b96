package app.frenum.core.stop;

import static app.frenum.core.quantity.Unit.G;

import app.frenum.core.quantity.Figure;

/**
 * How stops are measured.
 *
 * @param nominalSpeed nominal test speed, m/s, or why there is none
 * @param basis where distance is counted from
 * @param entryTolerance largest |v0 − nominal| as a share of nominal at which the square law may correct
 * @param largestDecelerationMps2 mean by distance beyond which a stop is not believed
 * @param leastBrakingMps2 an application that a switch or pressure shows counts where it slows the vehicle by this
 */
public record AnalysisOptions(
        Figure nominalSpeed,
        DistanceBasis basis,
        double entryTolerance,
        double largestDecelerationMps2,
        double leastBrakingMps2) {
    public static final double DEFAULT_ENTRY_TOLERANCE = 0.03;
    /** What a car on road tyres can give in the dry. */
    public static final double CAR_MPS2 = 1.35 * G;
    /** Slowing by less is a dragged pedal or a lifted throttle. */
    public static final double BRAKING_MPS2 = 2.0;
    /** What is left of a brake system may slow the vehicle by no more than this. */
    public static final double PARTIAL_MPS2 = 0.7;

    public AnalysisOptions(Figure nominalSpeed, DistanceBasis basis, double entryTolerance) {
        this(nominalSpeed, basis, entryTolerance, CAR_MPS2, BRAKING_MPS2);
    }

    /** The same for a brake system of which only a part works. */
    public AnalysisOptions partial() {
        return new AnalysisOptions(nominalSpeed, basis, entryTolerance, largestDecelerationMps2, PARTIAL_MPS2);
    }

    public static AnalysisOptions onset(Figure nominalSpeed) {
        return new AnalysisOptions(nominalSpeed, DistanceBasis.ONSET_TO_REST, DEFAULT_ENTRY_TOLERANCE);
    }

    public static AnalysisOptions window(Figure nominalSpeed) {
        return new AnalysisOptions(nominalSpeed, DistanceBasis.SPEED_WINDOW, DEFAULT_ENTRY_TOLERANCE);
    }

    public static Figure noNominal() {
        return Figure.unknown("no nominal speed was given");
    }
}
