package app.frenum.core.compare;

import app.frenum.core.statistics.AlphaSpending;

/**
 * How far a planned test has come when its figures are looked at. Until its planned end a verdict must hold against the
 * bound of {@link AlphaSpending}, however often anybody looks; a test that was driven past its plan has spent what it had,
 * and is planned once more over twice as many stops with the little that is left.
 *
 * @param plannedEach stops of each in the plan; 0 where there is none, and the series counts as complete
 */
public record Look(int plannedEach) {
    private static final double ALPHA = 0.05;
    /** What of the bound is left to an extension, as a share. */
    private static final double LEFT = 0.25;

    public static final Look COMPLETE = new Look(0);

    /** How small p must be with n valid stops of each. */
    public double alpha(int n) {
        if (plannedEach == 0 || n == 0) {
            return ALPHA;
        }
        return isExtended(n)
                ? LEFT * AlphaSpending.nominalP(Math.min(n, 2 * plannedEach), 2 * plannedEach)
                : AlphaSpending.nominalP(n, plannedEach);
    }

    /** Whether stops are still to come. */
    public boolean isEarly(int n) {
        return plannedEach > 0 && n < plannedEach;
    }

    /** Whether it was driven past its plan. */
    public boolean isExtended(int n) {
        return plannedEach > 0 && n > plannedEach;
    }
}
