package app.frenum.core.stop;

import app.frenum.core.quantity.Figure;

/**
 * How stops are measured.
 *
 * @param nominalSpeed nominal test speed, m/s, or why there is none
 * @param basis where distance is counted from
 * @param entryTolerance largest |v0 − nominal| as a share of nominal at which the square law may correct
 */
public record AnalysisOptions(Figure nominalSpeed, DistanceBasis basis, double entryTolerance) {
    public static final double DEFAULT_ENTRY_TOLERANCE = 0.03;

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
