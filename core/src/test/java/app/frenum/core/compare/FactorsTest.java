package app.frenum.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.compare.Factors.Effect;
import app.frenum.core.compare.Factors.Missing;
import app.frenum.core.compare.Factors.Series;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FactorsTest {
    private static final int TESTS = 2000;

    private static Factors of(List<Series> all) {
        return Factors.of(all, Set.of("pads", "fluid", "tyres"), Set.of());
    }

    private static Series series(String name, String vehicle, String tyre, double... metres) {
        return new Series(name, name, Map.of("vehicle", vehicle, "tyres", tyre), metres);
    }

    private static Effect effect(Factors f, String level) {
        return f.effects().stream()
                .filter(e -> e.level().equals(level))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void mainEffectsAreSharesThatHoldAcrossVehicles() {
        // The coupé stops a tenth shorter, the soft tyre a twentieth, whichever the other is.
        Factors f = of(List.of(
                series("1", "estate", "touring", 50, 50),
                series("2", "estate", "soft", 47.5, 47.5),
                series("3", "coupé", "touring", 45, 45),
                series("4", "coupé", "soft", 42.75, 42.75)));
        assertThat(effect(f, "soft").share()).isCloseTo(-0.05, within(1e-9));
        assertThat(effect(f, "coupé").share()).isCloseTo(-0.1, within(1e-9));
        assertThat(f.inseparable()).isEmpty();
    }

    @Test
    void whatAlwaysChangedTogetherIsNamedWithTheRunThatWouldTell() {
        Factors f = of(List.of(
                new Series("As bought", "As bought", Map.of("pads", "organic", "fluid", "old"), new double[] {
                    50, 50.4, 49.8
                }),
                new Series("All new", "All new", Map.of("pads", "semi-metallic", "fluid", "fresh"), new double[] {
                    45, 45.4, 44.8
                })));
        assertThat(f.inseparable()).containsExactly(List.of("fluid", "pads"));
        Missing missing = f.missing().orElseThrow();
        assertThat(missing.with().name()).isEqualTo("As bought");
        assertThat(missing.factor()).isEqualTo("fluid");
        assertThat(missing.of().name()).isEqualTo("All new");
        assertThat(f.effects()).hasSize(1);
        assertThat(f.effects().get(0).factor()).isEqualTo("fluid and pads");
        assertThat(f.sentences())
                .extracting(s -> s.code().name())
                .containsExactly("SHORTENS", "ASSUMES_INDEPENDENCE", "INSEPARABLE", "MISSING_RUN");
    }

    @Test
    void conditionsThatAlwaysChangedTogetherAskForNoRun() {
        Factors f = of(List.of(
                new Series("1", "1", Map.of("surface", "dry", "who drove", "a"), new double[] {50, 51}),
                new Series("2", "2", Map.of("surface", "damp", "who drove", "b"), new double[] {60, 61})));
        assertThat(f.inseparable()).hasSize(1);
        assertThat(f.missing()).isEmpty();
    }

    @Test
    void whatNobodySaidOfAnotherVehicleIsPartOfWhatItIs() {
        Series described = new Series("1", "1", Map.of("vehicle", "estate", "tyres", "touring"), new double[] {50, 51});
        Series bare = new Series("2", "2", Map.of("vehicle", "coupé"), new double[] {45, 46});
        Factors f = of(List.of(described, bare));
        assertThat(f.effects()).extracting(Effect::factor).containsExactly("vehicle");
        assertThat(f.inseparable()).isEmpty();
        Series other = new Series("2", "2", Map.of("vehicle", "coupé", "tyres", "soft"), new double[] {45, 46});
        Factors two = of(List.of(described, other));
        assertThat(two.inseparable()).containsExactly(List.of("vehicle", "tyres"));
        assertThat(two.missing().orElseThrow().factor())
                .as("a tyre goes onto another vehicle, a vehicle onto no tyre")
                .isEqualTo("tyres");
        assertThat(two.sentences()).extracting(f2 -> f2.code().name()).contains("MISSING_RUN");
    }

    @Test
    void oneRunOfEachIsAnEstimateWithoutCertaintyAndNothingIsNone() {
        Factors once = of(List.of(
                series("1", "estate", "touring", 50),
                series("2", "estate", "soft", 47.5),
                series("3", "coupé", "touring", 45)));
        assertThat(once.effects()).allMatch(e -> e.interval().isEmpty());
        assertThat(of(List.of(series("1", "estate", "touring", 50, 51))).sentences())
                .extracting(s -> s.code().name())
                .containsExactly("NOTHING_VARIES");
        assertThat(of(List.of()).effects()).isEmpty();
    }

    @Test
    void aFactorThatOthersTellTogetherIsLeftOutAndSaid() {
        Factors f = of(List.of(
                new Series("1", "1", Map.of("a", "0", "b", "0", "c", "0"), new double[] {50, 51}),
                new Series("2", "2", Map.of("a", "1", "b", "0", "c", "1"), new double[] {49, 48}),
                new Series("3", "3", Map.of("a", "1", "b", "1", "c", "2"), new double[] {47, 46})));
        assertThat(f.hidden()).as("c changes whenever a or b does").containsExactly("a", "b", "c");
        assertThat(f.effects()).isEmpty();
        Factors described = of(List.of(
                new Series("1", "1", Map.of("vehicle", "coupé"), new double[] {45, 46}),
                new Series("2", "2", Map.of("vehicle", "estate", "pads", "organic"), new double[] {50, 51}),
                new Series("3", "3", Map.of("vehicle", "estate", "pads", "semi-metallic"), new double[] {47, 48})));
        assertThat(effect(described, "semi-metallic").reference()).isEqualTo("organic");
    }

    @Test
    void aLevelThatOneVehicleAloneHadIsNotToldAndTheRunThatWouldIsNamed() {
        List<Series> all = new ArrayList<>(List.of(
                series("touring", "estate", "touring", 50, 50.4, 49.8),
                series("soft", "coupé", "soft", 44, 44.4, 43.8),
                series("both, touring", "van", "touring", 56, 56.4, 55.8),
                series("both, wet", "van", "wet", 54, 54.4, 53.8)));
        Factors f = of(all);
        assertThat(effect(f, "wet").reference()).isEqualTo("touring");
        assertThat(effect(f, "van").reference()).isEqualTo("estate");
        assertThat(f.effects()).extracting(Effect::level).doesNotContain("soft", "coupé");
        assertThat(f.notTold()).hasSize(2).allMatch(n -> n.together().isPresent());
        Missing run = f.missing().orElseThrow();
        assertThat(run.factor()).isEqualTo("tyres");
        assertThat(run.of().name()).isEqualTo("soft");
        assertThat(f.sentences()).extracting(s -> s.code().name()).contains("LEVEL_NOT_TOLD", "MISSING_RUN");
        // Driven as it says, it is told.
        all.add(series("the missing one", run.with().levels().get("vehicle"), "soft", 48.5, 48.9, 48.3));
        assertThat(of(all).notTold()).isEmpty();
        assertThat(effect(of(all), "soft").share()).isCloseTo(-0.03, within(0.005));
    }

    @Test
    void theRunThatIsNamedIsOfWhatSomebodyLooksAt() {
        List<Series> all = List.of(
                new Series("1", "1", Map.of("vehicle", "a", "pads", "x", "fluid", "old"), new double[] {50, 51}),
                new Series("2", "2", Map.of("vehicle", "a", "pads", "y", "fluid", "new"), new double[] {48, 49}),
                new Series("3", "3", Map.of("vehicle", "b", "tyres", "p", "lines", "q"), new double[] {45, 46}),
                new Series("4", "4", Map.of("vehicle", "b", "tyres", "r", "lines", "s"), new double[] {43, 44}));
        Set<String> fitted = Set.of("pads", "fluid", "tyres", "lines");
        for (String key : List.of("1", "2", "3", "4")) {
            Missing named = Factors.of(all, fitted, Set.of(key)).missing().orElseThrow();
            assertThat(List.of(named.with().key(), named.of().key())).contains(key);
        }
    }

    /** Five vehicles, three tyres, one run of most; the tyre shortens by 4 %, and each pair has a quirk of its own. */
    private static boolean holds(Random random, double quirk) {
        List<Series> all = new ArrayList<>();
        for (int v = 0; v < 5; v++) {
            for (int t = 0; t < 3; t++) {
                double truth = Math.log(40 + 3 * v) + (t == 1 ? Math.log(0.96) : 0) + quirk * random.nextGaussian();
                all.add(series(
                        v + "/" + t,
                        "v" + v,
                        "t" + t,
                        IntStream.range(0, 3)
                                .mapToDouble(i -> Math.exp(truth + 0.015 * random.nextGaussian()))
                                .toArray()));
            }
        }
        return effect(of(all), "t1")
                .interval()
                .filter(i -> i.low() <= -0.04 && -0.04 <= i.high())
                .isPresent();
    }

    @Test
    void theIntervalOfAnEffectHoldsTheTruthAsOftenAsItSays() {
        for (double quirk : new double[] {0, 0.02}) {
            Random random = new Random(7);
            long held =
                    IntStream.range(0, TESTS).filter(i -> holds(random, quirk)).count();
            assertThat(held / (double) TESTS).as("quirk " + quirk).isGreaterThan(0.93);
        }
    }

    /**
     * A grid of vehicles, tyres and brakes of which some cells were driven; what tyres do depends on the brakes and on the
     * vehicle by 2 %. Counts how often the range of the tyre's mean effect holds it, and how often brakes that do nothing are
     * told apart.
     */
    private static int[] structured(Random random, int vehicles, double driven) {
        double[][] withBrake = quirks(random, 2, 2);
        double[][] withVehicle = quirks(random, vehicles, 2);
        List<Series> all = new ArrayList<>();
        for (int v = 0; v < vehicles; v++) {
            for (int t = 0; t < 2; t++) {
                for (int p = 0; p < 2; p++) {
                    if (random.nextDouble() < driven) {
                        double log = Math.log(40 + 3 * v) - 0.03 * t + withBrake[p][t] + withVehicle[v][t];
                        double[] stops = IntStream.range(0, 5)
                                .mapToDouble(i -> Math.exp(log + 0.015 * random.nextGaussian()))
                                .toArray();
                        all.add(new Series(
                                "" + v + t + p,
                                "s",
                                Map.of("vehicle", "v" + v, "tyres", "t" + t, "pads", "p" + p),
                                stops));
                    }
                }
            }
        }
        int[] counts = new int[4];
        for (Effect e : of(all).effects()) {
            if (e.interval().isPresent()
                    && e.level().startsWith("t")
                    && e.reference().startsWith("t")) {
                double truth = e.level().equals("t1") ? Math.expm1(-0.03) : Math.expm1(0.03);
                counts[0]++;
                counts[1] += e.interval().get().low() <= truth
                                && truth <= e.interval().get().high()
                        ? 1
                        : 0;
            } else if (e.interval().isPresent()
                    && e.level().startsWith("p")
                    && e.reference().startsWith("p")) {
                counts[2]++;
                counts[3] += e.interval().get().excludesZero() ? 1 : 0;
            }
        }
        return counts;
    }

    /** Of mean 0 over rows and columns, so that main effects stay what they are. */
    private static double[][] quirks(Random random, int rows, int columns) {
        double[][] q = new double[rows][columns];
        for (double[] row : q) {
            double x = 0.02 * (random.nextBoolean() ? 1 : -1);
            row[0] = x;
            row[1] = -x;
        }
        for (int c = 0; c < columns; c++) {
            double mean = 0;
            for (double[] row : q) {
                mean += row[c] / rows;
            }
            for (double[] row : q) {
                row[c] -= mean;
            }
        }
        return q;
    }

    @Test
    void interactionsAreInTheRangesAndNoNullFactorIsToldApart() {
        for (int vehicles : new int[] {1, 2, 4}) {
            for (double driven : new double[] {0.6, 1}) {
                Random random = new Random(11);
                int[] sum = new int[4];
                for (int i = 0; i < 150; i++) {
                    int[] one = structured(random, vehicles, driven);
                    Arrays.setAll(sum, k -> sum[k] + one[k]);
                }
                String what = vehicles + " vehicles, " + driven + ": " + Arrays.toString(sum);
                assertThat(sum[1] / (double) sum[0]).as(what).isGreaterThanOrEqualTo(0.9);
                assertThat(sum[3] / (double) sum[2]).as(what).isLessThanOrEqualTo(0.05);
            }
        }
    }
}
