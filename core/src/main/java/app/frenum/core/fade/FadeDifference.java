package app.frenum.core.fade;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Neighbours;
import app.frenum.core.statistics.Summary;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * Two series held against each other where they are alike; candidate less baseline, in shares of each one's own reference.
 *
 * @param fromStop the first of the last three stops that both have, from 1
 * @param toStop the last of them
 * @param byStop mean difference of their levels there, stop by stop
 * @param byStopHalf half-width of its 95 % interval
 * @param atC the hottest that both have been, °C
 * @param byTemperature difference of their levels there, by the fitted lines
 * @param byTemperatureHalf half-width of its 95 % interval
 *
 * <p>The intervals are as wide as one stop strays from the next, whatever the trend, by second differences
 * ({@code s² = Σ(y₍ᵢ₊₁₎ − 2yᵢ + y₍ᵢ₋₁₎)²/6(n − 2)}: J. von Neumann et al., Ann. Math. Stat. 12 (1941) 153–162, in its second
 * order), and take in that each reference is a median of a few stops.
 */
public record FadeDifference(
        int fromStop,
        int toStop,
        Figure byStop,
        Figure byStopHalf,
        Figure atC,
        Figure byTemperature,
        Figure byTemperatureHalf) {
    private static final int LAST = 3;

    /** Holds a candidate against the baseline. */
    public static FadeDifference of(FadeStudy baseline, FadeStudy candidate) {
        int to = Math.min(baseline.levels().size(), candidate.levels().size());
        int from = Math.max(1, to - LAST + 1);
        Noise noise = Noise.of(baseline, candidate);
        Summary byStop = Summary.of(differences(baseline, candidate, from, to));
        Figure common = baseline.onset().hottestC().isKnown()
                        && candidate.onset().hottestC().isKnown()
                ? Figure.of(Math.min(
                        baseline.onset().hottestC().value(),
                        candidate.onset().hottestC().value()))
                : Figure.unknown("one side's line over temperature is not known");
        Figure[] byHeat = common.isKnown()
                ? less(at(candidate, common.value()), at(baseline, common.value()), noise)
                : new Figure[] {common, common};
        Figure half = byStop.mean().isKnown() ? noise.half(1.0 / byStop.n()) : byStop.mean();
        return new FadeDifference(from, to, byStop.mean(), half, common, byHeat[0], byHeat[1]);
    }

    /** Stop by stop, so that what both lose from one to the next does not widen the interval. */
    private static double[] differences(FadeStudy baseline, FadeStudy candidate, int from, int to) {
        return IntStream.rangeClosed(from, to)
                .mapToObj(n -> less(level(candidate, n), level(baseline, n)))
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .toArray();
    }

    private static Figure level(FadeStudy study, int stop) {
        return study.levels().get(stop - 1).level();
    }

    private static Figure less(Figure a, Figure b) {
        return a.isKnown() && b.isKnown() ? Figure.of(a.value() - b.value()) : a.isKnown() ? b : a;
    }

    private static OnsetFit.LevelAt at(FadeStudy study, double celsius) {
        List<FadeStudy.Level> fitted = study.fitted();
        return study.onset()
                .at(
                        celsius,
                        fitted.stream().mapToDouble(l -> l.discC().value()).toArray(),
                        fitted.stream().mapToDouble(l -> l.level().value()).toArray());
    }

    private static Figure[] less(OnsetFit.LevelAt a, OnsetFit.LevelAt b, Noise noise) {
        Figure fits = Figure.of(Math.hypot(a.half().value(), b.half().value()));
        return new Figure[] {
            less(a.level(), b.level()), noise.half(0).map(reference -> Math.hypot(reference, fits.value()))
        };
    }

    /**
     * How far one stop strays from the next, whatever the trend, and what the references are worth for it.
     *
     * @param squares of a stop's stray, of both sides together
     * @param ofReferences of the references' own, because all levels are shares of them
     * @param freedom degrees of freedom of both
     */
    private record Noise(double squares, double ofReferences, double freedom) {
        /** Second differences do not show how far neighbours resemble each other; a driver's stops do by about this. */
        private static final double USUAL_RESEMBLANCE = 0.3;

        /** A median of three is so much less certain than their mean. */
        private static final double MEDIAN_OF_THREE = 1.16;
        /** Second differences overlap, so that each is worth half a free one: 18/35. */
        private static final double WORTH = 18.0 / 35;

        private static final int FEWEST = 5;

        static Noise of(FadeStudy a, FadeStudy b) {
            double[] strayA = strays(a);
            double[] strayB = strays(b);
            double squaresA =
                    Arrays.stream(strayA).map(d -> d * d / 6).average().orElse(Double.NaN);
            double squaresB =
                    Arrays.stream(strayB).map(d -> d * d / 6).average().orElse(Double.NaN);
            boolean enough = Math.min(strayA.length, strayB.length) >= FEWEST - 2;
            double wider = Neighbours.inflation(USUAL_RESEMBLANCE);
            return new Noise(
                    wider * (squaresA + squaresB),
                    wider * (squaresA * share(a) + squaresB * share(b)),
                    enough ? WORTH * (strayA.length + strayB.length) : 0);
        }

        /** How much a level wanders off a straight line through its neighbours. */
        private static double[] strays(FadeStudy study) {
            double[] y = study.levels().stream()
                    .filter(l -> l.level().isKnown() && !l.gripLimited())
                    .mapToDouble(l -> l.level().value())
                    .toArray();
            return IntStream.range(1, Math.max(1, y.length - 1))
                    .mapToDouble(i -> y[i + 1] - 2 * y[i] + y[i - 1])
                    .toArray();
        }

        private static double share(FadeStudy study) {
            int n = study.reference().size();
            return (n > 2 ? MEDIAN_OF_THREE * MEDIAN_OF_THREE : 1) / Math.max(1, n);
        }

        /** Half-width of a 95 % interval: the references', and so much of the stops' own. */
        Figure half(double ofStops) {
            return freedom > 0
                    ? Figure.of(new TDistribution(freedom).inverseCumulativeProbability(0.975)
                            * Math.sqrt(ofReferences + ofStops * squares))
                    : Figure.unknown("its range needs %d stops of each side".formatted(FEWEST));
        }
    }
}
