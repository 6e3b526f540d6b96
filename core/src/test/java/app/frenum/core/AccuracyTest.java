package app.frenum.core;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.fade.OnsetFit;
import app.frenum.core.heat.Cooling;
import app.frenum.core.heat.CoolingFit;
import app.frenum.core.quantity.Figure;
import java.util.Arrays;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.LongFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * How near fitted figures come to a truth that is known, over many seeds; docs/accuracy.md has the table that
 * {@link #main} prints.
 */
public class AccuracyTest {
    private static final int SEEDS = 1000;
    private static final double TAU_S = 170;
    private static final double AIR_C = 14;
    private static final double ONSET_C = 320;
    private static final double PEAK_C = 300;

    /** A figure with the ends of its 95 % interval. */
    private record Estimate(Figure value, Figure low, Figure high) {}

    /** What many seeds gave: mean error, spread, and how often the interval held the truth. */
    private record Score(String what, double truth, double meanError, double spread, double coverage, int n) {
        static Score of(String what, double truth, LongFunction<Estimate> estimate) {
            Estimate[] all = new Random(1)
                    .longs(SEEDS)
                    .mapToObj(estimate)
                    .filter(e -> e.value().isKnown())
                    .toArray(Estimate[]::new);
            double[] errors = Arrays.stream(all)
                    .mapToDouble(e -> e.value().value() - truth)
                    .toArray();
            double mean = Arrays.stream(errors).average().orElse(Double.NaN);
            double square = Arrays.stream(errors)
                    .map(e -> (e - mean) * (e - mean))
                    .average()
                    .orElse(Double.NaN);
            long held = Arrays.stream(all)
                    .filter(e -> e.low().value() <= truth && truth <= e.high().value())
                    .count();
            return new Score(what, truth, mean, Math.sqrt(square), held / (double) all.length, all.length);
        }

        String row() {
            return String.format(
                    Locale.ROOT,
                    "| %s | %.0f | %+.2f | %.2f | %.1f %% | %d |",
                    what,
                    truth,
                    meanError,
                    spread,
                    100 * coverage,
                    n);
        }
    }

    private static Estimate coolDown(long seed, double lengthS, boolean airKnown) {
        Random random = new Random(seed);
        Cooling disc = new Cooling(TAU_S, AIR_C);
        double[] t = IntStream.range(0, 25).mapToDouble(i -> i * lengthS / 24).toArray();
        double[] c = Arrays.stream(t)
                .map(x -> disc.after(310, x) + 2 * random.nextGaussian())
                .toArray();
        CoolingFit fit = CoolingFit.of(t, c, airKnown ? OptionalDouble.of(AIR_C) : OptionalDouble.empty());
        return new Estimate(fit.tauS(), fit.tauLowS(), fit.tauHighS());
    }

    private static Estimate onset(long seed, double noise) {
        Random random = new Random(seed);
        double[] celsius = IntStream.range(0, 14).mapToDouble(i -> 120 + 26 * i).toArray();
        double[] level = Arrays.stream(celsius)
                .map(c -> 1 - 0.0016 * Math.max(0, c - ONSET_C) + noise * random.nextGaussian())
                .toArray();
        OnsetFit fit = OnsetFit.of(celsius, level);
        return new Estimate(fit.onsetC(), fit.lowC(), fit.highC());
    }

    /** A disc at 300 °C at rest, read by hand about a minute later, by people who know its τ to 20 %. */
    private static Estimate peak(long seed) {
        Random random = new Random(seed);
        double lateS = 30 + 60 * random.nextDouble();
        double read = new Cooling(TAU_S, AIR_C).after(PEAK_C, lateS) + 5 * random.nextGaussian();
        double believedS = TAU_S * (1 + 0.2 * random.nextGaussian());
        Cooling.Peak back = new Cooling(Math.max(60, believedS), AIR_C)
                .peakBefore(new Cooling.Peak(read, 5), lateS, 0.2 * TAU_S, 2);
        return new Estimate(
                Figure.of(back.celsius()),
                Figure.of(back.celsius() - 1.96 * back.uncertaintyC()),
                Figure.of(back.celsius() + 1.96 * back.uncertaintyC()));
    }

    private static Score[] scores() {
        return new Score[] {
            Score.of("τ, s; 120 s, air known, readings ± 2 °C", TAU_S, s -> coolDown(s, 120, true)),
            Score.of("τ, s; 400 s, air free, readings ± 2 °C", TAU_S, s -> coolDown(s, 400, false)),
            Score.of("peak, °C; read 30 to 90 s late, ± 5 °C, τ known to 20 %", PEAK_C, s -> peak(s)),
            Score.of("onset, °C; 14 stops, levels ± 1 %", ONSET_C, s -> onset(s, 0.01)),
            Score.of("onset, °C; 14 stops, levels ± 0.5 %", ONSET_C, s -> onset(s, 0.005))
        };
    }

    @Test
    void intervalsHoldTheTruthAboutAsOftenAsTheySay() {
        for (Score s : scores()) {
            assertThat(s.coverage()).as(s.row()).isBetween(0.93, 0.975);
            assertThat(Math.abs(s.meanError())).as(s.row()).isLessThan(0.2 * s.spread() + 1);
        }
    }

    /** Without fade an onset is seen in about one series of twenty at most, as its test promises. */
    @Test
    void anOnsetIsSeldomSeenWhereThereIsNone() {
        long seen = new Random(2)
                .longs(SEEDS)
                .filter(seed -> {
                    Random random = new Random(seed);
                    double[] celsius = IntStream.range(0, 14)
                            .mapToDouble(i -> 120 + 26 * i)
                            .toArray();
                    double[] level = Arrays.stream(celsius)
                            .map(c -> 1 + 0.01 * random.nextGaussian())
                            .toArray();
                    return OnsetFit.of(celsius, level).accepted();
                })
                .count();
        assertThat(seen / (double) SEEDS).isLessThan(0.12);
    }

    public static void main(String[] arguments) {
        System.out.println("| what | truth | mean error | spread | interval holds it | fits |");
        System.out.println("|---|---|---|---|---|---|");
        Arrays.stream(scores()).map(Score::row).forEach(System.out::println);
    }
}
