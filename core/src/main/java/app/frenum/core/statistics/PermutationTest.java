package app.frenum.core.statistics;

import java.util.SplittableRandom;

/**
 * How often chance alone would make as large a difference of means, by reassigning the stops to the two sides.
 *
 * <p>Two-sided. All assignments are counted, the one that happened included, while there are at most 50 000 of
 * them; else 20 000 seeded draws, fewer of many stops, with {@code (hits + 1)/(draws + 1)}. Source: E. S. Edgington, Randomization
 * Tests, 4th ed. 2007, ch. 3.
 */
public final class PermutationTest {
    private static final long MOST_EXACT = 50_000;
    private static final int DRAWS = 20_000;
    /** Of many stops fewer draws do: beyond some hundreds the normal law tells the same. */
    private static final int FEWEST_DRAWS = 2_000;

    private static final long MOST_DRAWN = 4_000_000;
    /** Sums of the same values in another order differ by rounding; differences this close are equal. */
    private static final double EQUAL = 1e-9;

    private final double[] all;
    private final int sizeOfB;
    private final double total;
    private final double observed;
    private long hits;
    private long counted;

    private PermutationTest(double[] a, double[] b) {
        all = new double[a.length + b.length];
        System.arraycopy(b, 0, all, 0, b.length);
        System.arraycopy(a, 0, all, b.length, a.length);
        sizeOfB = b.length;
        double sum = 0;
        double sumB = 0;
        for (int i = 0; i < all.length; i++) {
            sum += all[i];
            sumB += i < sizeOfB ? all[i] : 0;
        }
        total = sum;
        observed = Math.abs(difference(sumB));
    }

    public static double p(double[] a, double[] b, long seed) {
        PermutationTest test = new PermutationTest(a, b);
        if (combinations(a.length + b.length, b.length) <= MOST_EXACT) {
            test.enumerate(0, 0, 0);
            return (double) test.hits / test.counted;
        }
        test.draw(new SplittableRandom(seed));
        return (test.hits + 1.0) / (test.counted + 1.0);
    }

    private double difference(double sumB) {
        return sumB / sizeOfB - (total - sumB) / (all.length - sizeOfB);
    }

    private void count(double sumB) {
        counted++;
        if (Math.abs(difference(sumB)) >= observed - EQUAL * Math.max(1, Math.abs(total))) {
            hits++;
        }
    }

    private void enumerate(int from, int chosen, double sum) {
        if (chosen == sizeOfB) {
            count(sum);
            return;
        }
        for (int i = from; i <= all.length - (sizeOfB - chosen); i++) {
            enumerate(i + 1, chosen + 1, sum + all[i]);
        }
    }

    private void draw(SplittableRandom random) {
        double[] shuffled = all.clone();
        int draws = (int) Math.max(FEWEST_DRAWS, Math.min(DRAWS, MOST_DRAWN / sizeOfB));
        for (int d = 0; d < draws; d++) {
            double sum = 0;
            for (int i = 0; i < sizeOfB; i++) {
                int j = i + random.nextInt(shuffled.length - i);
                double swap = shuffled[i];
                shuffled[i] = shuffled[j];
                shuffled[j] = swap;
                sum += shuffled[i];
            }
            count(sum);
        }
    }

    private static double combinations(int n, int k) {
        double c = 1;
        for (int i = 1; i <= k; i++) {
            c = c * (n - k + i) / i;
        }
        return c;
    }
}
