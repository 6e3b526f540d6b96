package app.frenum.core.stop;

/** Where a stopping distance is counted from. A series has exactly one, and bases are never compared. */
public enum DistanceBasis {
    /** From brake application to rest: ground marks, tape or wheel, or a log from onset. */
    ONSET_TO_REST("from the brake point"),
    /** From the last fall through the nominal speed to rest: logger only. */
    SPEED_WINDOW("from the speed"),
    /** Stopwatch only: mean deceleration, no distance. */
    TIME_ONLY("by stopwatch");

    private final String label;

    DistanceBasis(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
