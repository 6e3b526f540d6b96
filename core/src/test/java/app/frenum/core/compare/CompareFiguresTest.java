package app.frenum.core.compare;

import app.frenum.core.Kept;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.FlagCode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Every figure, check and sentence of comparisons of several kinds, as it stands. */
class CompareFiguresTest {
    /** How the stops of one side came about. */
    private record Driven(int n, double mean, double spread, double perStop, int order, int blocks, String day) {
        List<ComparedStop> stops(long seed, DistanceBasis basis) {
            Random random = new Random(seed);
            return IntStream.range(0, n).mapToObj(i -> stop(i, random, basis)).toList();
        }

        private ComparedStop stop(int i, Random random, DistanceBasis basis) {
            double value = Math.round(100 * (mean + perStop * i + spread * random.nextGaussian())) / 100.0;
            int block = 1 + i * blocks / n;
            return new ComparedStop(
                    Figure.of(value),
                    Figure.of(0.12),
                    Figure.of(27.8 + 0.1 * random.nextGaussian()),
                    Figure.of(27.8 * 27.8 / 2 / value),
                    Figure.of(0.11 + 0.002 * random.nextGaussian()),
                    Figure.of(90 + 6 * random.nextGaussian()),
                    Figure.of(14 + 0.3 * i),
                    Figure.of(2.2),
                    i == 3 ? Status.STRUCK_OUT : Status.COUNTS,
                    i % 4 == 2 ? Set.of(FlagCode.WHEEL_LOCK) : Set.of(),
                    new Circumstances(
                            Optional.of(basis == DistanceBasis.TIME_ONLY ? "mark" : "pressure"),
                            basis == DistanceBasis.TIME_ONLY ? Instrument.STOPWATCH : Instrument.LOGGER,
                            Optional.of("laden"),
                            Optional.of("dry"),
                            Optional.of(day),
                            Optional.of("a driver"),
                            Optional.of("one way"),
                            block,
                            false,
                            order + i + (block - 1) * 2 * n,
                            Optional.of("cold")));
        }

        Side side(String name, long seed, DistanceBasis basis, Map<String, String> factors) {
            return new Side(name, basis, Figure.of(27.8), NONE, factors, Set.of(), stops(seed, basis));
        }
    }

    private static final Figure NONE = Figure.unknown("not recorded");

    private static void stands(String kind, DistanceBasis basis, Driven a, Driven... others) {
        Side baseline = a.side("A", 1, basis, Map.of("pads", "old"));
        List<Side> candidates = IntStream.range(0, others.length)
                .mapToObj(
                        i -> others[i].side(String.valueOf((char) ('B' + i)), 2 + i, basis, Map.of("pads", "new " + i)))
                .toList();
        Kept kept = new Kept();
        List<Comparison> all = Comparisons.of(baseline, candidates, Margin.DEFAULT);
        for (int i = 0; i < all.size(); i++) {
            kept.add("comparison" + i, all.get(i))
                    .add(
                            "says" + i,
                            Conclusion.of(all.get(i), "A", all.get(i).candidate(), baseline, candidates.get(i)));
        }
        kept.add("speed", Comparisons.speedAlong(baseline, 5)[1]).stands("compare/" + kind);
    }

    @Test
    void oneAfterTheOtherWithADrift() {
        stands(
                "drift",
                DistanceBasis.ONSET_TO_REST,
                new Driven(8, 45, 0.3, -0.1, 1, 1, "2026-06-20"),
                new Driven(8, 43.6, 0.3, -0.1, 9, 1, "2026-06-20"));
    }

    @Test
    void inTurnsWithThreeCandidates() {
        stands(
                "turns",
                DistanceBasis.ONSET_TO_REST,
                new Driven(9, 45, 0.4, 0, 1, 3, "2026-06-20"),
                new Driven(9, 44.9, 0.4, 0, 4, 3, "2026-06-20"),
                new Driven(9, 43.8, 1.6, 0, 7, 3, "2026-06-21"),
                new Driven(2, 46, 0.4, 0, 10, 1, "2026-06-20"));
    }

    @Test
    void byStopwatch() {
        stands(
                "stopwatch",
                DistanceBasis.TIME_ONLY,
                new Driven(6, 7.2, 0.1, 0, 1, 2, "2026-06-20"),
                new Driven(6, 7.7, 0.1, 0, 4, 2, "2026-06-20"));
    }
}
