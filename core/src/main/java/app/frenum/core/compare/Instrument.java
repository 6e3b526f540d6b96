package app.frenum.core.compare;

import app.frenum.core.stop.Uncertainty;

/** What a distance or time was read with, and what it cannot tell apart. */
public enum Instrument {
    LOGGER("logger"),
    TAPE("tape"),
    WHEEL("measuring wheel"),
    STOPWATCH("stopwatch");

    private final String label;

    Instrument(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Standard uncertainty of one hand reading: distance in m (tape, wheel), deceleration in m/s² (stopwatch). */
    public double uncertainty(double value, double timeS) {
        return switch (this) {
            case WHEEL -> Uncertainty.wheelM(value);
            case STOPWATCH -> Uncertainty.stopwatchMps2(value, timeS);
            default -> Uncertainty.tapeM();
        };
    }
}
