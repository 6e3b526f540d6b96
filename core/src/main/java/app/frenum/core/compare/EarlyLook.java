package app.frenum.core.compare;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.statistics.WelchTest;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * What may be said of two series before all planned stops are driven, corrected for having looked after every stop.
 *
 * @param answer what can be said
 * @param finding the same, to be said
 */
public record EarlyLook(Answer answer, Finding finding) {
    private static final int FEWEST = 3;
    /** Below this a test is said to be unlikely to settle. */
    private static final double HOPELESS = 0.10;

    private static final NormalDistribution NORMAL = new NormalDistribution();

    /** What can be said. */
    public enum Answer {
        TOO_EARLY,
        OPEN,
        /** The difference is beyond what looking so often could bring about by chance. */
        SETTLED,
        /** The spread is too large for the stops that are left. */
        WILL_NOT_SETTLE
    }

    /**
     * Looks at what there is.
     *
     * @param a baseline, m
     * @param b candidate, m
     * @param plannedEach stops of each in the plan
     * @param marginM smallest difference worth having
     * @param candidates how many are held against the baseline
     */
    public static EarlyLook of(double[] a, double[] b, int plannedEach, double marginM, int candidates) {
        int n = Math.min(a.length, b.length);
        if (n < FEWEST) {
            return new EarlyLook(Answer.TOO_EARLY, Finding.of(LookFinding.THREE_OF_EACH));
        }
        WelchTest test = WelchTest.of(a, b, Side.LOGGED_RESOLUTION);
        double needed = new Look(plannedEach).alpha(n) / Math.max(1, candidates);
        if (test.p() <= needed) {
            return new EarlyLook(Answer.SETTLED, Finding.of(LookFinding.SETTLED));
        }
        if (n > FEWEST && n < plannedEach && conditionalPower(test, n, plannedEach, marginM, needed) < HOPELESS) {
            return new EarlyLook(
                    Answer.WILL_NOT_SETTLE, Finding.of(LookFinding.WILL_NOT_SETTLE, Term.distance(marginM, 0.1)));
        }
        return new EarlyLook(Answer.OPEN, Finding.of(LookFinding.OPEN));
    }

    /**
     * The chance that the planned end will show a difference of the margin, given the stops so far, for the likelier of its
     * two directions: the current value of a Brownian motion and a drift for what is left (K. K. G. Lan, J. Wittes, Biometrics
     * 44 (1988) 579–585).
     */
    private static double conditionalPower(WelchTest test, int n, int planned, double marginM, double alpha) {
        double share = (double) n / planned;
        double sd = Math.max(test.pooledSd(), 1e-9);
        double drift = marginM / (sd * Math.sqrt(2.0 / planned));
        double now = test.t() * Math.sqrt(share);
        double end = -NORMAL.inverseCumulativeProbability(Math.max(alpha, new Look(planned).alpha(planned)) / 2);
        double spread = Math.sqrt(1 - share);
        double up = NORMAL.cumulativeProbability((now + drift * (1 - share) - end) / spread);
        double down = NORMAL.cumulativeProbability((-now + drift * (1 - share) - end) / spread);
        return Math.max(up, down);
    }
}
