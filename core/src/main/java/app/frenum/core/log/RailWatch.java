package app.frenum.core.log;

import app.frenum.core.finding.Term;

/**
 * Watches for runs of samples that stand exactly at one end of a channel's range. The end is known only when all has
 * been seen, so what was noted at a lower end is dropped when a further one comes.
 */
final class RailWatch {
    private static final int SATURATED_SAMPLES = 5;

    private final int sign;
    private final Findings found;
    private double rail = Double.NEGATIVE_INFINITY;
    private int atRail;
    private double since;
    private double last;

    /** @param sign 1 for the upper end, −1 for the lower */
    RailWatch(String channel, int sign) {
        found = new Findings(channel);
        this.sign = sign;
    }

    /** @param counts whether the car moved enough for a sensor in order to leave the end */
    void see(double t, double x, boolean counts) {
        double y = sign * x;
        if (y > rail) {
            rail = y;
            found.clear();
            atRail = 0;
        }
        if (y < rail || !counts) {
            endOfRun();
        } else {
            since = atRail++ == 0 ? t : since;
        }
        last = t;
    }

    private void endOfRun() {
        if (atRail >= SATURATED_SAMPLES) {
            found.add(LogFinding.AT_ITS_END, since, last, Term.count(atRail), Term.at(since));
        }
        atRail = 0;
    }

    /** The end of the range, in the channel's own sign. */
    double rail() {
        return sign * rail;
    }

    Findings findings() {
        endOfRun();
        return found;
    }
}
