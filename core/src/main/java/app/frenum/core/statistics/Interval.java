package app.frenum.core.statistics;

/**
 * A closed range of values.
 *
 * @param low lower end
 * @param high upper end
 */
public record Interval(double low, double high) {
    public boolean excludesZero() {
        return low > 0 || high < 0;
    }

    /** Whether it lies wholly within ±limit. */
    public boolean isWithin(double limit) {
        return low >= -limit && high <= limit;
    }
}
