package app.frenum.core.compare;

import app.frenum.core.Kept;
import app.frenum.core.compare.ComparedStop.Circumstances;
import app.frenum.core.compare.ComparedStop.Status;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.FlagCode;
import app.frenum.core.stop.WheelLimit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.DoubleStream;
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
                            Optional.empty(),
                            Optional.of(day),
                            Optional.of("a driver"),
                            Optional.of("one way"),
                            block,
                            WheelLimit.NOT_REACHED,
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

    private static HandMeasurement byHand(
            DistanceBasis basis, Instrument instrument, Figure metres, Figure seconds, Figure entryMps, boolean wet) {
        return new HandMeasurement(basis, instrument, metres, seconds, entryMps, Figure.of(27.8), wet);
    }

    @Test
    void whatWasMeasuredByHand() {
        Kept kept = new Kept();
        List<HandMeasurement> all = List.of(
                byHand(DistanceBasis.ONSET_TO_REST, Instrument.TAPE, Figure.of(44.1), NONE, Figure.of(27.5), false),
                byHand(DistanceBasis.ONSET_TO_REST, Instrument.WHEEL, Figure.of(44.1), Figure.of(3.3), NONE, true),
                byHand(DistanceBasis.SPEED_WINDOW, Instrument.LOGGER, Figure.of(41), NONE, Figure.of(24.9), false),
                byHand(DistanceBasis.ONSET_TO_REST, Instrument.TAPE, Figure.of(24.1), NONE, Figure.of(30.7), false),
                byHand(DistanceBasis.TIME_ONLY, Instrument.STOPWATCH, NONE, Figure.of(3.4), Figure.of(27.8), false),
                byHand(DistanceBasis.TIME_ONLY, Instrument.STOPWATCH, NONE, Figure.of(1.2), NONE, true));
        for (HandMeasurement m : all) {
            kept.add("measurement", m)
                    .add("value", m.value())
                    .add("deceleration", m.deceleration())
                    .add("reading", m.readingUncertainty())
                    .add("u", m.uncertainty())
                    .add("speedOut", m.isEntrySpeedOut())
                    .add("implausible", m.isImplausible());
        }
        kept.add(
                        "resolution",
                        List.of(
                                resolution(Unit.METRES, 44, 43, 45),
                                resolution(Unit.METRES, 44.5, 43, 45),
                                resolution(Unit.FEET, 144.1, 146.3),
                                resolution(Unit.METRES, 44.25, 43.05),
                                resolution(Unit.SECONDS, 3.41, 3.32)))
                .stands("compare/by-hand");
    }

    private static double resolution(Unit unit, double... readings) {
        return Resolution.of(
                DoubleStream.of(readings).mapToObj(x -> new Quantity(x, unit)).toList());
    }

    @Test
    void earlyLooks() {
        Kept kept = new Kept();
        double[] a = {44.1, 44.4, 43.9, 44.0};
        for (double[] b : List.of(
                new double[] {44.0, 44.3, 44.1, 43.9},
                new double[] {41.0, 41.3, 41.1, 40.9},
                new double[] {43.3, 44.9, 43.0, 43.9},
                new double[] {43.3, 43.1})) {
            kept.add("three more", EarlyLook.of(a, b, 8, 0.9, 1)).add("of two", EarlyLook.of(a, b, 6, 0.9, 2));
        }
        kept.stands("compare/early");
    }
}
