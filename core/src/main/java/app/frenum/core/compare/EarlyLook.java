package app.frenum.core.compare;

/**
 * What may be said of two series before all planned stops are driven, corrected for having looked after every stop.
 *
 * @param answer what can be said
 * @param words for people
 */
public record EarlyLook(Answer answer, String words) {
    private static final int FEWEST = 3;

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
     */
    public static EarlyLook of(double[] a, double[] b, int plannedEach, double marginM) {
        int n = Math.min(a.length, b.length);
        if (n < FEWEST) {
            return new EarlyLook(Answer.TOO_EARLY, "Three valid stops of each are needed to say anything.");
        }
        WelchTest test = WelchTest.of(a, b, Comparisons.RESOLUTION);
        int looks = Math.max(plannedEach, n);
        double needed = AlphaSpending.nominalP(n, looks);
        if (test.p() <= needed) {
            return new EarlyLook(
                    Answer.SETTLED, "The difference is settled already, looks after every stop allowed for.");
        }
        int perSide = SampleSize.perSide(marginM, test.pooledSd());
        if (perSide > plannedEach && n >= FEWEST + 1) {
            return new EarlyLook(
                    Answer.WILL_NOT_SETTLE,
                    "With this spread %.1f m needs %d stops of each; the plan has %d. It will show only larger differences."
                            .formatted(marginM, perSide, plannedEach));
        }
        return new EarlyLook(Answer.OPEN, "Not settled yet; drive on as planned.");
    }
}
