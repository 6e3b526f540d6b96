package app.frenum.core.heat;

/** By what a disc's temperature was told, the surest first. */
public enum PeakSource {
    SENSOR("sensor", 2, 0),
    PROBE("contact probe", 3, 0),
    BLACKENED("thermometer on a blackened patch", 5, 0),
    BARE("thermometer on bare metal", 0, 0.05),
    LADDER("paint or crayon ladder", 0, 0);

    private final String label;
    private final double fixedC;
    private final double ofReading;

    PeakSource(String label, double fixedC, double ofReading) {
        this.label = label;
        this.fixedC = fixedC;
        this.ofReading = ofReading;
    }

    public String label() {
        return label;
    }

    /** Standard uncertainty of one reading, °C; of a ladder 0, whose thresholds are taken as they are written. */
    double uncertaintyC(double readingC) {
        return fixedC + ofReading * Math.abs(readingC);
    }
}
