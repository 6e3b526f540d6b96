package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.statistics.AlphaSpending;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class EarlyLookTest {
    /** Bounds for five equal looks as published for this spending function: 4.877, 3.357, 2.680, 2.290, 2.031. */
    @Test
    void theBoundsAreThosePublished() {
        assertThat(AlphaSpending.bounds(5))
                .containsExactly(new double[] {4.877, 3.357, 2.680, 2.290, 2.031}, within(2e-3));
        assertThat(AlphaSpending.bounds(1)).containsExactly(new double[] {1.960}, within(1e-3));
        assertThat(AlphaSpending.nominalP(200, 200)).isBetween(0.02, 0.05);
    }

    private static double[] stops(Random random, double mean, int n) {
        return random.doubles(n).map(u -> mean + random.nextGaussian()).toArray();
    }

    private static boolean isEverSettled(Random random, double difference, int planned) {
        double[] a = stops(random, 50, planned);
        double[] b = stops(random, 50 + difference, planned);
        for (int n = 3; n <= planned; n++) {
            EarlyLook look = EarlyLook.of(Arrays.copyOf(a, n), Arrays.copyOf(b, n), planned, 1, 1);
            if (look.answer() == EarlyLook.Answer.SETTLED) {
                return true;
            }
        }
        return false;
    }

    @Test
    void lookingAfterEveryStopBreedsNoFalseGains() {
        Random random = new Random(20261123);
        int runs = 1500;
        int falseAlarms = 0;
        int found = 0;
        for (int i = 0; i < runs; i++) {
            falseAlarms += isEverSettled(random, 0, 8) ? 1 : 0;
            found += isEverSettled(random, -2, 8) ? 1 : 0;
        }
        // Three standard errors above 5 %.
        assertThat(falseAlarms / (double) runs).isLessThan(0.05 + 3 * Math.sqrt(0.05 * 0.95 / runs));
        assertThat(found / (double) runs).isGreaterThan(0.9);
    }

    @Test
    void whatCannotBeSettledIsSaidInTime() {
        double[] wild = {44, 56, 50, 47, 53};
        assertThat(EarlyLook.of(wild, wild, 8, 1, 1).answer()).isEqualTo(EarlyLook.Answer.WILL_NOT_SETTLE);
        assertThat(EarlyLook.of(wild, new double[] {50, 51}, 8, 1, 1).answer()).isEqualTo(EarlyLook.Answer.TOO_EARLY);
        double[] calm = {50.1, 50.2, 49.9, 50.0};
        assertThat(EarlyLook.of(calm, new double[] {50.2, 50.0, 49.9, 50.1}, 8, 1, 1)
                        .answer())
                .isEqualTo(EarlyLook.Answer.OPEN);
    }
}
