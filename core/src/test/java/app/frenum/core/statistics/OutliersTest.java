package app.frenum.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OutliersTest {
    private static final int COMPARISONS = 4_000;

    /** Grubbs' own table, two-sided at 5 %. */
    @ParameterizedTest
    @CsvSource({"5, 1.715", "8, 2.126", "10, 2.290", "20, 2.709", "30, 2.908"})
    void theLimitIsThePublishedOne(int n, double limit) {
        assertThat(Outliers.limit(n, 0.05)).isCloseTo(limit, within(0.002));
    }

    @ParameterizedTest
    @ValueSource(ints = {5, 8, 12, 30})
    void cleanComparisonsAreSeldomPointedAt(int n) {
        Random random = new Random(n);
        int pointedAt = 0;
        for (int i = 0; i < COMPARISONS; i++) {
            if (Outliers.count(draw(n, random)) + Outliers.count(draw(n, random)) > 0) {
                pointedAt++;
            }
        }
        assertThat(pointedAt / (double) COMPARISONS).isBetween(0.03, 0.06);
    }

    private static double[] draw(int n, Random random) {
        return random.doubles(n).map(u -> 45 + 0.8 * random.nextGaussian()).toArray();
    }

    @Test
    void oneFarFromManyIsPointedAtAndOfFourNone() {
        assertThat(Outliers.count(45, 45.2, 44.8, 45.1, 44.9, 48)).isEqualTo(1);
        assertThat(Outliers.count(45, 45.1, 44.9, 60)).isZero();
        assertThat(Outliers.count(45, 45, 45, 45, 45)).isZero();
    }
}
