package app.frenum.core.statistics;

/**
 * How much neighbouring residuals resemble each other, and to how many independent ones they amount:
 * {@code n·(1 − r)/(1 + r)}, r the autocorrelation at lag 1, 0 where negative (G. V. Bayley, J. M. Hammersley, Suppl. J. R.
 * Stat. Soc. 8 (1946) 184–197, of an autoregression of order 1).
 */
public final class Neighbours {
    private static final double MOST = 0.9;

    private Neighbours() {}

    /** Autocorrelation at lag 1 of residuals in order, at least 0. */
    public static double resemblance(double[] residuals) {
        double same = 0;
        double next = 0;
        for (int i = 0; i < residuals.length; i++) {
            same += residuals[i] * residuals[i];
            next += i > 0 ? residuals[i] * residuals[i - 1] : 0;
        }
        return same > 0 ? Math.max(0, next / same) : 0;
    }

    /** Below so many, residuals tell too little of how they resemble each other. */
    private static final int FEW = 15;

    private static final double USUAL = 0.3;

    /** The same of a driver's stops, where a few residuals cannot show less than is usual between neighbours. */
    public static double ofStops(double[] residuals) {
        double r = Math.min(MOST, resemblance(residuals));
        return residuals.length < FEW ? Math.max(USUAL, r) : r;
    }

    /** By how much the variance of a mean or a slope is larger than of independent ones. */
    public static double inflation(double resemblance) {
        return (1 + resemblance) / (1 - resemblance);
    }

    /** How many independent residuals they amount to, not below {@code least}. */
    public static double effective(double[] residuals, double least) {
        double r = Math.min(0.999, resemblance(residuals));
        return Math.max(Math.min(least, residuals.length), residuals.length * (1 - r) / (1 + r));
    }
}
