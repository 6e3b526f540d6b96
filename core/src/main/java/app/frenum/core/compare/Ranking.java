package app.frenum.core.compare;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Holm;
import app.frenum.core.statistics.StudentT;
import app.frenum.core.statistics.Summary;
import app.frenum.core.statistics.WelchTest;
import app.frenum.core.stop.DistanceBasis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Any number of configurations in the order of their means, with what can be told apart and what cannot.
 *
 * <p>The intervals hold all together: each is Student's, of its own spread, at {@code (1 − α)^(1/k)} (Z. Šidák, J. Am.
 * Stat. Assoc. 62 (1967) 626–633). Two are told apart where Welch's p, adjusted over all pairs after Holm, is below α and
 * the difference beyond what the instruments cannot see. Configurations with fewer than three stops are held against the
 * scatter of the baseline, {@code x̄ ± t·s·√(1/m + 1/n)} with α shared among them, and nothing more is claimed.
 *
 * @param places best first; those that cannot be ranked last, in the order given
 * @param alike sets of neighbours that cannot be told apart, each as long as it can be
 * @param sentences what it comes to
 */
public record Ranking(List<Place> places, List<List<String>> alike, List<Finding> sentences) {
    private static final int FEWEST = 3;

    /**
     * One configuration.
     *
     * @param name what it is called
     * @param n its stops that count
     * @param mean of them
     * @param halfWidth of an interval that holds together with all others; for few stops of the baseline's scatter
     * @param standing what can be said of it
     */
    public record Place(String name, int n, Figure mean, Figure halfWidth, Standing standing) {}

    /** What can be said of a configuration. */
    public enum Standing {
        RANKED,
        /** Few stops, beyond the scatter of the baseline, and better. */
        SINGLE_BETTER,
        SINGLE_WORSE,
        SINGLE_WITHIN,
        /** Few stops, and too few of the baseline to hold them against. */
        SINGLE,
        /** Something forbids to compare it with the baseline, or it has no stop. */
        LEFT_OUT
    }

    /**
     * @param sides the baseline first
     * @param names what they are called
     * @param look how far the plan has come
     */
    public static Ranking of(List<Side> sides, List<String> names, Look look) {
        return new Writing(sides, names, look).ranking();
    }

    /** One ranking being made. */
    private static final class Writing {
        private final List<Side> sides;
        private final List<String> names;
        private final Look look;
        private final Side baseline;
        private final boolean timed;
        private final List<Integer> ranked = new ArrayList<>();
        private final List<Integer> singles = new ArrayList<>();
        private final List<Integer> leftOut = new ArrayList<>();

        Writing(List<Side> sides, List<String> names, Look look) {
            this.sides = sides;
            this.names = names;
            this.look = look;
            baseline = sides.get(0);
            timed = baseline.basis() == DistanceBasis.TIME_ONLY;
            for (int i = 0; i < sides.size(); i++) {
                kindOf(i).add(i);
            }
            Comparator<Integer> better = Comparator.comparingDouble(i -> (timed ? -1 : 1) * mean(i));
            ranked.sort(better);
            singles.sort(better);
        }

        private List<Integer> kindOf(int i) {
            int n = sides.get(i).values().length;
            if (n == 0 || i > 0 && Checks.isForbidden(baseline, sides.get(i))) {
                return leftOut;
            }
            return n < FEWEST ? singles : ranked;
        }

        private double mean(int i) {
            return sides.get(i).summary().mean().value();
        }

        Ranking ranking() {
            boolean[][] apart = apart();
            List<List<Integer>> groups = groups(apart);
            List<Place> places = new ArrayList<>();
            ranked.forEach(i -> places.add(place(i, halfWidth(i), Standing.RANKED)));
            List<Place> few = singles.stream().map(this::single).toList();
            places.addAll(few);
            leftOut.forEach(i ->
                    places.add(place(i, Figure.unknown("it is not compared with the baseline"), Standing.LEFT_OUT)));
            List<List<String>> alike =
                    groups.stream().filter(g -> g.size() > 1).map(this::called).toList();
            return new Ranking(List.copyOf(places), alike, sentences(groups, apart, few));
        }

        private Place place(int i, Figure halfWidth, Standing standing) {
            Summary s = sides.get(i).summary();
            return new Place(names.get(i), s.n(), s.mean(), halfWidth, standing);
        }

        private double alpha() {
            return look.alpha(ranked.stream()
                    .mapToInt(i -> sides.get(i).values().length)
                    .min()
                    .orElse(0));
        }

        private Figure halfWidth(int i) {
            Side side = sides.get(i);
            int n = side.values().length;
            double level = Math.pow(1 - alpha(), 1.0 / ranked.size());
            return Figure.of(StudentT.quantile(1 - (1 - level) / 2, n - 1.0) * sd(side) / Math.sqrt(n));
        }

        /** What shows no spread was rounded. */
        private static double sd(Side side) {
            double sd = side.summary().sd().value();
            return sd > 0 ? sd : side.resolution() / Math.sqrt(12);
        }

        /** By place among the ranked: which two are told apart. */
        private boolean[][] apart() {
            int k = ranked.size();
            List<int[]> pairs = new ArrayList<>();
            List<WelchTest> tests = new ArrayList<>();
            for (int i = 0; i < k; i++) {
                for (int j = i + 1; j < k; j++) {
                    Side a = sides.get(ranked.get(i));
                    Side b = sides.get(ranked.get(j));
                    pairs.add(new int[] {i, j});
                    tests.add(WelchTest.of(a.values(), b.values(), Math.max(a.resolution(), b.resolution())));
                }
            }
            double[] holm =
                    Holm.adjusted(tests.stream().mapToDouble(WelchTest::p).toArray());
            boolean[][] apart = new boolean[k][k];
            for (int m = 0; m < pairs.size(); m++) {
                int i = pairs.get(m)[0];
                int j = pairs.get(m)[1];
                Figure floor = InstrumentFloor.of(sides.get(ranked.get(i)), sides.get(ranked.get(j)));
                boolean seen = floor.isKnown() && Math.abs(tests.get(m).difference()) >= floor.value();
                apart[i][j] = holm[m] <= alpha() && seen;
                apart[j][i] = apart[i][j];
            }
            return apart;
        }

        /** Neighbours of which no two are told apart, each set as long as it can be. */
        private List<List<Integer>> groups(boolean[][] apart) {
            List<List<Integer>> groups = new ArrayList<>();
            int reached = -1;
            for (int i = 0; i < ranked.size(); i++) {
                int j = i;
                while (j + 1 < ranked.size() && fits(apart, i, j + 1)) {
                    j++;
                }
                if (j > reached) {
                    groups.add(List.copyOf(ranked.subList(i, j + 1)));
                    reached = j;
                }
            }
            return groups;
        }

        private static boolean fits(boolean[][] apart, int from, int next) {
            for (int i = from; i < next; i++) {
                if (apart[i][next]) {
                    return false;
                }
            }
            return true;
        }

        private Place single(int i) {
            Summary own = sides.get(i).summary();
            int n = baseline.values().length;
            if (n < FEWEST || ranked.isEmpty()) {
                return place(i, Figure.unknown("the baseline has fewer than three stops"), Standing.SINGLE);
            }
            double shared = 0.05 / singles.size();
            double half =
                    StudentT.quantile(1 - shared / 2, n - 1.0) * sd(baseline) * Math.sqrt(1.0 / own.n() + 1.0 / n);
            double difference = own.mean().value() - baseline.summary().mean().value();
            boolean better = timed ? difference > 0 : difference < 0;
            Standing standing = Math.abs(difference) <= half
                    ? Standing.SINGLE_WITHIN
                    : better ? Standing.SINGLE_BETTER : Standing.SINGLE_WORSE;
            return place(i, Figure.of(half), standing);
        }

        private List<Finding> sentences(List<List<Integer>> groups, boolean[][] apart, List<Place> few) {
            List<Finding> out = new ArrayList<>();
            if (ranked.size() > 1) {
                inFront(groups, apart).ifPresent(out::add);
                groups.stream()
                        .skip(isFirstAlone(apart) ? 0 : 1)
                        .filter(g -> g.size() > 1)
                        .forEach(g -> out.add(Finding.of(RankingFinding.ALIKE, Term.names(called(g)))));
            }
            outside(few, Standing.SINGLE_BETTER, timed ? RankingFinding.HARDER : RankingFinding.SHORTER)
                    .ifPresent(out::add);
            outside(few, Standing.SINGLE_WORSE, timed ? RankingFinding.LESS_HARD : RankingFinding.LONGER)
                    .ifPresent(out::add);
            singles(few, Standing.SINGLE_WITHIN, RankingFinding.SINGLES_WITHIN).ifPresent(out::add);
            singles(few, Standing.SINGLE, RankingFinding.SINGLES_NOTHING).ifPresent(out::add);
            if (!leftOut.isEmpty()) {
                out.add(Finding.of(RankingFinding.LEFT_OUT, Term.names(called(leftOut)), Term.name(names.get(0))));
            }
            return List.copyOf(out);
        }

        private Optional<Finding> inFront(List<List<Integer>> groups, boolean[][] apart) {
            Term way = Term.said(Finding.of(timed ? RankingFinding.HARDEST : RankingFinding.SHORTEST));
            List<Integer> first = groups.get(0);
            if (first.size() == ranked.size()) {
                return Optional.of(Finding.of(RankingFinding.ALL_ALIKE, Term.count(ranked.size())));
            }
            if (isFirstAlone(apart)) {
                return Optional.of(Finding.of(
                        isAheadOfSingles() ? RankingFinding.ALONE_IN_FRONT : RankingFinding.ALONE_OF_THOSE_RANKED,
                        Term.name(names.get(ranked.get(0))),
                        way,
                        Term.name(names.get(ranked.get(1)))));
            }
            return Optional.of(Finding.of(
                    isAheadOfSingles() ? RankingFinding.AMONG_THE_FIRST : RankingFinding.AMONG_THOSE_RANKED,
                    way,
                    Term.names(called(first))));
        }

        /** Whether no configuration with too few stops to be ranked did better: of such a one nothing is known for sure. */
        private boolean isAheadOfSingles() {
            double best = mean(ranked.get(0));
            return singles.stream().noneMatch(i -> timed ? mean(i) > best : mean(i) < best);
        }

        private boolean isFirstAlone(boolean[][] apart) {
            for (int j = 1; j < ranked.size(); j++) {
                if (!apart[0][j]) {
                    return false;
                }
            }
            return true;
        }

        private Optional<Finding> outside(List<Place> few, Standing standing, RankingFinding way) {
            List<String> own = called(few, standing);
            return own.isEmpty()
                    ? Optional.empty()
                    : Optional.of(Finding.of(
                            RankingFinding.SINGLES_OUTSIDE,
                            Term.names(own),
                            Term.name(names.get(0)),
                            Term.said(Finding.of(way))));
        }

        private Optional<Finding> singles(List<Place> few, Standing standing, RankingFinding said) {
            List<String> own = called(few, standing);
            return own.isEmpty()
                    ? Optional.empty()
                    : Optional.of(Finding.of(said, Term.names(own), Term.name(names.get(0))));
        }

        private static List<String> called(List<Place> few, Standing standing) {
            return few.stream()
                    .filter(p -> p.standing() == standing)
                    .map(Place::name)
                    .toList();
        }

        private List<String> called(List<Integer> which) {
            return which.stream().map(names::get).toList();
        }
    }
}
