package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.compare.Ranking.Place;
import app.frenum.core.compare.Ranking.Standing;
import app.frenum.core.finding.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The tables of docs/accuracy.md are what {@link #main} prints. */
class RankingTest {
    private static final int TESTS = 2000;

    private static Ranking ranked(Side... sides) {
        List<Side> all = List.of(sides);
        return Ranking.of(all, all.stream().map(Side::configuration).toList(), Look.COMPLETE);
    }

    private static Standing standing(Ranking r, String name) {
        return r.places().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow()
                .standing();
    }

    private static List<String> codes(Ranking r) {
        return r.sentences().stream().map(Finding::code).map(c -> c.name()).toList();
    }

    @Test
    void neighboursThatCannotBeToldApartAreNamedTogetherAndMayOverlap() {
        Ranking r = ranked(
                Sides.of("A", 45.0, 45.1, 44.9, 45.05, 44.95),
                Sides.of("B", 42.0, 42.1, 41.9, 42.05, 41.95),
                Sides.of("C", 40.0, 40.4, 39.6, 40.2, 39.8),
                Sides.of("D", 40.3, 40.7, 39.9, 40.5, 40.1),
                Sides.of("E", 40.75, 41.15, 40.35, 40.95, 40.55));
        assertThat(r.places()).extracting(Place::name).containsExactly("C", "D", "E", "B", "A");
        assertThat(r.alike()).containsExactly(List.of("C", "D"), List.of("D", "E"));
        assertThat(codes(r)).containsExactly("AMONG_THE_FIRST", "ALIKE");
        Ranking alone = ranked(
                Sides.of("A", 45.0, 45.1, 44.9), Sides.of("B", 42.0, 42.1, 41.9), Sides.of("C", 45.05, 45.15, 44.95));
        assertThat(codes(alone)).containsExactly("ALONE_IN_FRONT", "ALIKE");
        assertThat(alone.alike()).containsExactly(List.of("A", "C"));
    }

    @Test
    void singleStopsAreOnlyHeldAgainstTheBaselinesScatter() {
        // Mean 45, SD 0.158, n 5; three singles: t at 1 − 0.05/6 with 4 degrees of freedom is 3.961, times 0.158·√1.2.
        Ranking r = ranked(
                Sides.of("A", 45.0, 45.2, 44.8, 45.1, 44.9),
                Sides.of("film 1", 44.0),
                Sides.of("film 2", 45.5),
                Sides.of("film 3", 45.8));
        assertThat(standing(r, "film 1")).isEqualTo(Standing.SINGLE_BETTER);
        assertThat(standing(r, "film 2")).isEqualTo(Standing.SINGLE_WITHIN);
        assertThat(standing(r, "film 3")).isEqualTo(Standing.SINGLE_WORSE);
        assertThat(r.places().get(1).halfWidth().value()).isCloseTo(3.9608 * 0.158114 * Math.sqrt(1.2), within(1e-3));
        assertThat(codes(r)).containsExactly("SINGLES_OUTSIDE", "SINGLES_OUTSIDE", "SINGLES_WITHIN");
        // One that did better with a single stop is no worse than the best of those that are ranked.
        Ranking behindOne =
                ranked(Sides.of("A", 45.0, 45.1, 44.9), Sides.of("B", 42.0, 42.1, 41.9), Sides.of("film", 40.0));
        assertThat(codes(behindOne)).containsExactly("ALONE_OF_THOSE_RANKED", "SINGLES_OUTSIDE");
        Ranking fewOfAll = ranked(Sides.of("A", 45, 45.2), Sides.of("B", 40));
        assertThat(standing(fewOfAll, "B")).isEqualTo(Standing.SINGLE);
        assertThat(codes(fewOfAll)).containsExactly("SINGLES_NOTHING");
    }

    @Test
    void whatIsNotDrivenAlikeIsLeftOutAndEqualReadingsAreNoCertainty() {
        Ranking r = ranked(
                Sides.of("A", 45, 45, 45), Sides.of("wet", "wet", 60, 61, 62), Sides.of("B", 45.01, 45.01, 45.01));
        assertThat(standing(r, "wet")).isEqualTo(Standing.LEFT_OUT);
        assertThat(codes(r)).containsExactly("ALL_ALIKE", "LEFT_OUT");
        assertThat(r.places().get(0).halfWidth().value()).isPositive();
    }

    /** Of equal configurations: how often any two are told apart, and how often all intervals hold the truth. */
    private static double[] simulated(int configurations, int stops, double spreadRatio) {
        Random random = new Random(configurations * 31L + stops);
        int apart = 0;
        int held = 0;
        for (int t = 0; t < TESTS; t++) {
            List<Side> sides = new ArrayList<>();
            for (int c = 0; c < configurations; c++) {
                double spread = c % 2 == 0 ? 1 : spreadRatio;
                sides.add(Sides.of(
                        "c" + c,
                        IntStream.range(0, stops)
                                .mapToDouble(i -> 45 + spread * random.nextGaussian())
                                .toArray()));
            }
            Ranking r = ranked(sides.toArray(Side[]::new));
            boolean all = r.alike()
                    .equals(List.of(r.places().stream().map(Place::name).toList()));
            apart += all ? 0 : 1;
            held += r.places().stream()
                            .allMatch(p -> Math.abs(p.mean().value() - 45)
                                    <= p.halfWidth().value())
                    ? 1
                    : 0;
        }
        return new double[] {apart / (double) TESTS, held / (double) TESTS};
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 4, 9})
    void equalOnesAreSeldomToldApartAndTheirIntervalsHoldTogether(int configurations) {
        double[] of = simulated(configurations, 5, 1);
        assertThat(of[0]).isLessThanOrEqualTo(0.055);
        assertThat(of[1]).isBetween(0.93, 0.97);
    }

    public static void main(String... none) {
        System.out.println("| configurations | stops of each | spreads | any two told apart | all intervals hold |");
        System.out.println("|---|---|---|---|---|");
        for (int k : new int[] {2, 3, 5, 7, 9}) {
            for (double spread : new double[] {1, 2}) {
                double[] of = simulated(k, 5, spread);
                System.out.printf(
                        Locale.ROOT,
                        "| %d | 5 | %s | %.1f %% | %.1f %% |%n",
                        k,
                        spread == 1 ? "equal" : "1 : 2",
                        100 * of[0],
                        100 * of[1]);
            }
        }
    }
}
