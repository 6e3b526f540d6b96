package app.frenum.core.statistics;

/**
 * Whether a difference is smaller than a margin: the larger p of two one-sided tests. Source: D. J. Schuirmann, J. Pharmacokinet.
 * Biopharm. 15 (1987) 657–680.
 */
public final class Equivalence {
    private Equivalence() {}

    /** @param margin a size, in the unit of the values */
    public static double p(WelchTest test, double margin) {
        double within = (margin - Math.abs(test.difference())) / test.standardError();
        double tail = StudentT.twoSidedP(Math.abs(within), test.degreesOfFreedom()) / 2;
        return within >= 0 ? tail : 1 - tail;
    }
}
