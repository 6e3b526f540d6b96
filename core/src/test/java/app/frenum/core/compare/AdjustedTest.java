package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.compare.Adjusted.Taken;
import app.frenum.core.compare.Alternative.Way;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The table of docs/accuracy.md is what {@link #main} prints. */
class AdjustedTest {
    private static final Figure NONE = Figure.unknown("not recorded");
    private static final double[] COOL = {60, 75, 90, 105, 120};
    private static final double[] WARM = {90, 105, 120, 135, 150};

    private static Map<Taken, Adjusted> of(Side a, Side b) {
        return Adjusted.of(a, b, 0.95).stream().collect(Collectors.toMap(Adjusted::taken, Function.identity()));
    }

    private static Side byTemperature(String name, double metres, double[] celsius, double perDegree) {
        List<ComparedStop> stops = new ArrayList<>();
        for (double t : celsius) {
            stops.add(Sides.driven(metres + perDegree * t, 0, 1, Figure.of(t)));
        }
        return Sides.of(name, stops);
    }

    /** What a test was driven like, block by block: the first letter is the side. */
    private static Side side(String design, char which, double metres, int each, double perStop, double[] levels) {
        List<ComparedStop> stops = new ArrayList<>();
        int block = 0;
        for (int at = 0; at < design.length(); at++) {
            if (design.charAt(at) != which) {
                continue;
            }
            block++;
            for (int i = 1; i <= each; i++) {
                int order = at * each + i;
                stops.add(Sides.driven(metres + perStop * order + levels[block - 1], order, block, NONE));
            }
        }
        return Sides.of(String.valueOf(which), stops);
    }

    @Test
    void aWarmerSideIsHeldAgainstTheOtherAtTheSameTemperature() {
        // B is a metre shorter and starts 30 degrees warmer, which costs it 0.6 m.
        Adjusted warm = of(byTemperature("A", 40, COOL, 0.02), byTemperature("B", 39, WARM, 0.02))
                .get(Taken.START_TEMPERATURE);
        assertThat(warm.difference().value()).isCloseTo(-1, within(1e-9));
        assertThat(warm.said().code()).isEqualTo(AdjustedFinding.PER_DEGREES);
        assertThat(warm.interval().orElseThrow().excludesZero()).isTrue();
    }

    @Test
    void aReturnTakesAStraightDriftOutWhichAPlainDifferenceHolds() {
        double[] level = {0, 0};
        Side a = side("AAB", 'A', 45, 4, 0.1, level);
        Side b = side("AAB", 'B', 44, 4, 0.1, level);
        assertThat(of(a, b)).as("one after the other has its own way").doesNotContainKey(Taken.DRIFT);
        Adjusted drift = of(side("ABAA", 'A', 45, 4, 0.1, new double[3]), side("ABAA", 'B', 44, 4, 0.1, level))
                .get(Taken.DRIFT);
        assertThat(drift.difference().value()).isCloseTo(-1, within(1e-9));
        assertThat(drift.said().code()).isEqualTo(AdjustedFinding.PER_STOP);
    }

    @Test
    void blocksThatHoldBothHaveTheirOwnLevel() {
        double[] levels = {0, 3};
        Side a = side("ABBA", 'A', 45, 4, 0, levels);
        Side b = side("ABBA", 'B', 44, 4, 0, levels);
        Adjusted blocks = of(a, b).get(Taken.BLOCKS);
        assertThat(blocks.difference().value()).isCloseTo(-1, within(1e-9));
        assertThat(blocks.interval().orElseThrow().excludesZero()).isTrue();
        Map<Way, Verdict> ways =
                Alternative.of(List.of(a, b), 1, List.of(a, b), new Margin(1, false), Look.COMPLETE).stream()
                        .collect(Collectors.toMap(Alternative::way, Alternative::verdict));
        assertThat(ways.get(Way.AS_IT_STANDS)).isEqualTo(Verdict.NOT_SETTLED);
        assertThat(ways.get(Way.BLOCKS_TAKEN_OUT)).isEqualTo(Verdict.GAIN_SHOWN);
    }

    @Test
    void whatCannotBeTakenOutSaysWhy() {
        Side a = byTemperature("A", 40, COOL, 0.02);
        Side far = byTemperature("B", 39, new double[] {200, 210, 220, 230, 240}, 0.02);
        assertThat(of(a, far).get(Taken.START_TEMPERATURE).said().code()).isEqualTo(AdjustedFinding.NEVER_ALIKE);
        assertThat(of(a, far).get(Taken.START_TEMPERATURE).difference().isKnown())
                .isFalse();
        List<ComparedStop> some =
                new ArrayList<>(byTemperature("B", 39, WARM, 0.02).stops());
        some.set(0, Sides.driven(40, 0, 1, NONE));
        assertThat(of(a, Sides.of("B", some))
                        .get(Taken.START_TEMPERATURE)
                        .said()
                        .code())
                .isEqualTo(AdjustedFinding.NOT_OF_EVERY_STOP);
        Side three = byTemperature("A", 40, new double[] {60, 75, 90}, 0.02);
        Side other = byTemperature("B", 39, new double[] {65, 75, 95}, 0.02);
        assertThat(of(three, other).get(Taken.START_TEMPERATURE).said().code())
                .isEqualTo(AdjustedFinding.TOO_FEW_STOPS);
        assertThat(of(Sides.of("A", 40, 41, 42), Sides.of("B", 39, 40, 41))).isEmpty();
    }

    /** A day of which the truth is known: a metre shorter, and something else that does more. */
    private enum Day {
        A_RETURN_WITH_A_DRIFT(Taken.DRIFT, "ABA", 0.15, 0),
        THERE_AND_BACK_WITH_A_DRIFT(Taken.DRIFT, "ABBA", 0.15, 0),
        BLOCKS_THAT_DIFFER(Taken.BLOCKS, "ABBA", 0, 2),
        ONE_SIDE_WARMER(Taken.START_TEMPERATURE, "AB", 0, 0);

        private final Taken taken;
        private final String design;
        private final double perStop;
        private final double ofBlocks;

        Day(Taken taken, String design, double perStop, double ofBlocks) {
            this.taken = taken;
            this.design = design;
            this.perStop = perStop;
            this.ofBlocks = ofBlocks;
        }

        private Side side(char which, double metres, Random random, double[] levels, int each) {
            Side still = AdjustedTest.side(design, which, metres, each, perStop, levels);
            double warmer = which == 'B' ? 30 : 0;
            return Sides.of(
                    still.configuration(),
                    still.stops().stream()
                            .map(s -> {
                                double celsius = 90 + warmer + 20 * random.nextGaussian();
                                double because = this == ONE_SIDE_WARMER ? 0.03 * (celsius - 90) : 0;
                                return Sides.driven(
                                        s.value().value() + because + random.nextGaussian(),
                                        s.circumstances().order(),
                                        s.circumstances().block(),
                                        this == ONE_SIDE_WARMER ? Figure.of(celsius) : NONE);
                            })
                            .toList());
        }

        /** How often the interval holds the metre: plain, and with that other thing taken out where that can be done. */
        double[] held(int each, int tests) {
            Random random = new Random(each);
            int plain = 0;
            int adjusted = 0;
            int worked = 0;
            for (int i = 0; i < tests; i++) {
                double[] levels = {ofBlocks * random.nextGaussian(), ofBlocks * random.nextGaussian()};
                Side a = side('A', 45, random, levels, each);
                Side b = side('B', 44, random, levels, each);
                plain += holds(
                        Comparisons.of(a, List.of(b), Margin.DEFAULT).get(0).interval95());
                Optional<Interval> range = AdjustedTest.of(a, b).get(taken).interval();
                adjusted += holds(range);
                worked += range.isPresent() ? 1 : 0;
            }
            return new double[] {plain / (double) tests, adjusted / (double) worked};
        }

        private static int holds(Optional<Interval> range) {
            return range.filter(x -> x.low() <= -1 && -1 <= x.high()).isPresent() ? 1 : 0;
        }
    }

    @ParameterizedTest
    @EnumSource(Day.class)
    void theIntervalHoldsTheTruthAsOftenAsItSays(Day day) {
        assertThat(day.held(4, 1500)[1]).isBetween(0.925, 0.975);
    }

    public static void main(String[] arguments) {
        System.out.println("| the day | stops a block | plain interval holds the truth | with it taken out |");
        System.out.println("|---|---|---|---|");
        for (Day day : Day.values()) {
            for (int each : new int[] {4, 8}) {
                double[] held = day.held(each, 4000);
                System.out.printf(
                        Locale.ROOT,
                        "| %s | %d | %.1f %% | %.1f %% |%n",
                        day.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                        each,
                        100 * held[0],
                        100 * held[1]);
            }
        }
    }
}
