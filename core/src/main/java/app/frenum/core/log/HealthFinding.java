package app.frenum.core.log;

/**
 * One thing found wrong with a log that is still usable.
 *
 * @param code what kind
 * @param channel the channel's name; empty when it is about the whole log
 * @param message what was found, where and what was done about it, for people
 * @param fromS start of the worst or first place, s from the first row
 * @param toS its end
 */
public record HealthFinding(HealthCode code, String channel, String message, double fromS, double toS) {
    /** A finding about the whole log. */
    public static HealthFinding ofLog(HealthCode code, String message) {
        return new HealthFinding(code, "", message, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    boolean touches(double from, double to) {
        return fromS <= to && toS >= from;
    }

    /** Whether a sensor could not be believed within [from, to]. */
    public boolean discredits(double from, double to) {
        return switch (code) {
            case STUCK, SATURATED, OPEN_THERMOCOUPLE, IMPLAUSIBLE_VALUE, NEGATIVE_SPEED -> touches(from, to);
            default -> false;
        };
    }
}
