package app.frenum.core.fade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Slopes and ranks as another program found them by sorting all pairs. */
class TrendLineTest {
    private static final Offset<Double> EXACTLY = within(1e-12);
    private static final double[] LEVELS = {1.00, 0.99, 0.995, 0.96, 0.97, 0.91, 0.93, 0.86};

    private static void is(TrendLine line, double slope, double low, double high) {
        assertThat(line.slope().value()).isCloseTo(slope, EXACTLY);
        assertThat(line.low().value()).isCloseTo(low, EXACTLY);
        assertThat(line.high().value()).isCloseTo(high, EXACTLY);
    }

    @Test
    void liesInTheMiddleOfAllSlopesBetweenThoseOfTheRanks() {
        is(TrendLine.of(new double[] {1, 2, 3, 4, 5, 6, 7, 8}, LEVELS), -0.017125, -0.027, -0.0075);
    }

    @Test
    void pairsAtTheSamePlaceHaveNoSlope() {
        double[] x = {1, 2, 2, 4, 5, 7, 7, 8, 9};
        double[] y = {1.00, 0.99, 0.995, 0.96, 0.97, 0.91, 0.93, 0.86, 0.88};
        is(TrendLine.of(x, y), -0.111 / 7, -0.0225, -0.01);
    }

    @Test
    void fewStopsHaveAllTheirSlopesForARange() {
        double[] yearly = {1.26, 1.27, 1.12, 1.16, 1.03};
        is(TrendLine.of(new double[] {1, 2, 3, 4, 5}, yearly), -0.05625, -0.15, 0.04);
    }

    @Test
    void oneStopFarOffDoesNotPullItAway() {
        double[] x = {1, 2, 3, 4, 5, 6, 7, 8, 9};
        double[] y = {1, 2, 3, 4, 500, 6, 7, 8, 9};
        assertThat(TrendLine.of(x, y).slope().value()).isCloseTo(1, EXACTLY);
    }

    @Test
    void needsFourStopsThatDiffer() {
        assertThat(TrendLine.of(new double[] {1, 2, 3}, new double[] {1, 2, 3})
                        .high()
                        .reason())
                .contains("4 stops, not 3");
        assertThat(TrendLine.of(new double[] {5, 5, 5, 5}, new double[] {1, 2, 3, 4})
                        .low()
                        .reason())
                .contains("all stops were alike");
        assertThat(TrendLine.of(new double[] {1, 2, 3, 4}, new double[] {2, 4, 6, 8})
                        .slope()
                        .value())
                .isCloseTo(2, EXACTLY);
    }

    /** Stops without a trend whose neighbours resemble each other by 0.6: the range holds 0 in at least 92 of 100 series. */
    @Test
    void rangesAllowForNeighboursThatResembleEachOther() {
        Random random = new Random(5);
        int held = 0;
        int series = 1000;
        for (int k = 0; k < series; k++) {
            double[] x = new double[12];
            double[] y = new double[12];
            double noise = random.nextGaussian();
            for (int i = 0; i < x.length; i++) {
                noise = 0.6 * noise + 0.8 * random.nextGaussian();
                x[i] = i;
                y[i] = noise;
            }
            TrendLine line = TrendLine.ofStops(x, y);
            held += line.low().value() <= 0 && line.high().value() >= 0 ? 1 : 0;
        }
        assertThat(held / (double) series).isGreaterThanOrEqualTo(0.92);
    }
}
