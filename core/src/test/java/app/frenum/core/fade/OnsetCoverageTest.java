package app.frenum.core.fade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Fading series whose neighbouring stops resemble each other, as a driver's do. The table of docs/accuracy.md is what
 * {@link #main} prints.
 */
class OnsetCoverageTest {
    private static final double ONSET_C = 260;
    private static final double PER_C = 0.0012;
    private static final double SPREAD = 0.015;

    /** Share of accepted onsets whose range holds the truth, and share of series without fade in which one is accepted. */
    private static double[] held(double resemblance, int stops, int series) {
        Random random = new Random(23);
        int accepted = 0;
        int held = 0;
        int invented = 0;
        for (int i = 0; i < series; i++) {
            double[] celsius = new double[stops];
            double[] fading = new double[stops];
            double[] steady = new double[stops];
            double noise = random.nextGaussian();
            for (int k = 0; k < stops; k++) {
                celsius[k] = 120 + 330 * (1 - Math.exp(-2.5 * k / stops)) + 6 * random.nextGaussian();
                noise = resemblance * noise + Math.sqrt(1 - resemblance * resemblance) * random.nextGaussian();
                steady[k] = 1 + SPREAD * noise;
                fading[k] = steady[k] - PER_C * Math.max(0, celsius[k] - ONSET_C);
            }
            OnsetFit fit = OnsetFit.of(celsius, fading);
            if (fit.accepted()) {
                accepted++;
                held += fit.lowC().value() <= ONSET_C && fit.highC().value() >= ONSET_C ? 1 : 0;
            }
            invented += OnsetFit.of(celsius, steady).accepted() ? 1 : 0;
        }
        return new double[] {held / (double) accepted, invented / (double) series, accepted / (double) series};
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.3, 0.5})
    void anOnsetsRangeHoldsTheTruthWhereNeighboursAreAlike(double resemblance) {
        double[] seen = held(resemblance, 20, 600);
        assertThat(seen[0]).isGreaterThan(0.85);
        assertThat(seen[1]).isLessThan(0.12);
    }

    public static void main(String[] arguments) {
        System.out.println(
                "| stops | neighbours alike by | onset found | its 95 % range holds it | found where there is none |");
        System.out.println("|---|---|---|---|---|");
        for (int stops : new int[] {12, 20}) {
            for (double resemblance : new double[] {0, 0.3, 0.5}) {
                double[] seen = held(resemblance, stops, 3000);
                System.out.printf(
                        Locale.ROOT,
                        "| %d | %.1f | %.1f %% | %.1f %% | %.1f %% |%n",
                        stops,
                        resemblance,
                        100 * seen[2],
                        100 * seen[0],
                        100 * seen[1]);
            }
        }
    }
}
