package app.frenum.core.plan;

import app.frenum.core.statistics.AlphaSpending;
import app.frenum.core.statistics.SampleSize;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;

/**
 * How many stops a question takes, four times in five, at the bound that interim looks leave to the planned end.
 *
 * @param sdM spread of one stop from the next, m
 * @param source where that spread is from, for people
 * @param marginM the smallest difference worth having, m
 */
public record StopsNeeded(double sdM, Source source, double marginM) {
    /** Spread to assume of a practised driver with nothing measured yet, as a share of the distance. */
    public static final double ASSUMED_CV = 0.025;

    private static final int FEWEST = 3;
    private static final int LONGEST_CURVE = 30;

    /** Where a spread is from. */
    public enum Source {
        OWN_SERIES,
        ASSUMED
    }

    /** The smallest difference that so many stops of each can show. */
    public record Point(int stops, double smallestM) {}

    public StopsNeeded {
        if (!(sdM > 0 && marginM > 0)) {
            throw new IllegalArgumentException("spread and margin must be above 0");
        }
    }

    /**
     * A spread that so many earlier stops do not underrate four times in five: the upper 80 % bound,
     * {@code s·√((k − 1)/χ²_{0.2, k−1})}.
     */
    static double bound(double sdM, int stops) {
        int df = Math.max(1, stops - 1);
        return sdM * Math.sqrt(df / new ChiSquaredDistribution(df).inverseCumulativeProbability(0.2));
    }

    public int perSide() {
        return SampleSize.perSide(marginM, sdM, AlphaSpending::endP);
    }

    /** From 3 stops of each to a third more than are needed, at most 30. */
    public List<Point> curve() {
        List<Point> out = new ArrayList<>();
        int last = Math.min(LONGEST_CURVE, Math.max(12, perSide() * 4 / 3));
        for (int n = FEWEST; n <= last; n++) {
            out.add(new Point(n, SampleSize.smallestDifference(n, sdM, AlphaSpending.endP(n))));
        }
        return out;
    }
}
