package app.frenum.core.log;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;

/**
 * One thing found wrong with a log that is still usable.
 *
 * @param code what kind
 * @param channel the channel's name; empty when it is about the whole log
 * @param finding what was found, where and what was done about it
 * @param fromS start of the worst or first place, s from the first row
 * @param toS its end
 */
public record HealthFinding(HealthCode code, String channel, Finding finding, double fromS, double toS) {
    /** A finding about the whole log. */
    public static HealthFinding ofLog(LogFinding what, Term... terms) {
        return of("", Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, what, terms);
    }

    /** A finding about one channel. */
    public static HealthFinding of(String channel, double fromS, double toS, LogFinding what, Term... terms) {
        return new HealthFinding(what.code(), channel, Finding.of(what, terms), fromS, toS);
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
