package app.frenum.core.compare;

import static app.frenum.core.compare.FactorFinding.*;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.StudentT;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * Which part did it, over everything that was driven alike: main effects by least squares on the logarithms of the series'
 * means, weighed by their stops, so that an effect is a share of the distance and holds across vehicles. What always changed
 * together cannot be told apart, and is named.
 *
 * <p>Parts interact: a tyre may do more under one pad than under another. The variance of a series' mean is therefore that of
 * its stops ⊕ an interaction, which what the effects leave over from series to series estimates, beside an
 * {@linkplain Writing#USUAL_INTERACTION usual one} that counts as {@value Writing#USUAL_DF} degrees of freedom (a scaled
 * inverse χ² prior: A. Gelman et al., Bayesian Data Analysis, 3rd ed. 2013, 2.6). Ranges are by Student's t with the sum of both.
 *
 * @param effects of each level against its factor's first
 * @param inseparable factors that always changed together
 * @param hidden factors that are told by others together, and so left out
 * @param notTold levels that cannot be held against the first of their factor
 * @param missing the run that would tell the first of what cannot be told
 * @param assumesIndependence whether no series is left to show how parts interact, so that the usual is assumed
 */
public record Factors(
        List<Effect> effects,
        List<List<String>> inseparable,
        List<String> hidden,
        List<NotTold> notTold,
        Optional<Missing> missing,
        boolean assumesIndependence) {
    private static final double RANK = 1e-9;

    /**
     * Stops of one configuration in one test.
     *
     * @param key that nothing else has
     * @param name what it is called
     * @param levels of every factor
     * @param values distances that count, m
     */
    public record Series(String key, String name, Map<String, String> levels, double[] values) {
        /** Which vehicle was driven. */
        private String vehicle() {
            return levels.getOrDefault(VEHICLE, "");
        }
    }

    /** The factor that says which vehicle it was. */
    public static final String VEHICLE = "vehicle";

    /** One level against the first of its factor; the share of the distance that it adds, below 0 where it is shorter. */
    public record Effect(String factor, String level, String reference, double share, Optional<Interval> interval) {}

    /**
     * A level that cannot be held against the first of its factor.
     *
     * @param together what it always came with; empty where it was several things in turn
     */
    public record NotTold(String factor, String level, String reference, Optional<String> together) {}

    /** To drive the one with only one factor of the other, which may be of another vehicle. */
    public record Missing(Series with, String factor, Series of) {}

    /**
     * @param fitted the factors that can be changed for a run, and are not conditions
     * @param asked keys of the series that somebody looks at: a run that tells something of those is named before another
     */
    public static Factors of(List<Series> all, Set<String> fitted, Set<String> asked) {
        List<Series> driven = all.stream().filter(s -> s.values().length > 0).toList();
        return new Writing(driven, fitted, asked).factors();
    }

    /** What it comes to. */
    public List<Finding> sentences() {
        List<Finding> out = new ArrayList<>();
        effects.forEach(e -> out.add(told(e)));
        if (effects.isEmpty()) {
            out.add(Finding.of(NOTHING_VARIES));
        } else if (assumesIndependence) {
            out.add(Finding.of(ASSUMES_INDEPENDENCE));
        }
        inseparable.forEach(names -> out.add(Finding.of(INSEPARABLE, Term.names(names))));
        notTold.forEach(n -> out.add(Finding.of(
                LEVEL_NOT_TOLD,
                Term.name(n.factor()),
                Term.name(n.level()),
                Term.name(n.reference()),
                Term.said(n.together()
                        .map(t -> Finding.of(ALWAYS_WITH, Term.name(t)))
                        .orElse(Finding.of(NEVER_ALONE))))));
        hidden.forEach(name -> out.add(Finding.of(WITHIN_OTHERS, Term.name(name))));
        missing.ifPresent(
                m -> out.add(Finding.of(MISSING_RUN, called(m.with(), m), Term.name(m.factor()), called(m.of(), m))));
        return out;
    }

    /** By its vehicle too, where there are two. */
    private static Term called(Series s, Missing m) {
        boolean one = m.with().vehicle().equals(m.of().vehicle());
        return one
                ? Term.name(s.name())
                : Term.said(Finding.of(OF_VEHICLE, Term.name(s.name()), Term.name(s.vehicle())));
    }

    private static Finding told(Effect e) {
        Term range = Term.said(e.interval()
                .map(i -> Finding.of(BETWEEN, percent(i.low()), percent(i.high())))
                .orElse(Finding.of(WITHOUT_CERTAINTY)));
        Term factor = Term.name(e.factor());
        Term level = Term.name(e.level());
        Term reference = Term.name(e.reference());
        if (e.interval().filter(i -> !i.excludesZero()).isPresent()) {
            return Finding.of(OPEN, factor, level, reference, range);
        }
        return Finding.of(
                e.share() < 0 ? SHORTENS : LENGTHENS, factor, level, reference, percent(Math.abs(e.share())), range);
    }

    private static Term percent(double share) {
        return new Term.Amount(AmountKind.SHARE, share, 0.001);
    }

    /** One set of series being worked out. */
    private static final class Writing {
        /** What two parts do to each other beside what each does alone, as a share of the distance (k = 1). */
        static final double USUAL_INTERACTION = 0.02;

        static final double USUAL_DF = 4;

        private final List<Series> series;
        private final Set<String> fitted;
        private final Set<String> asked;
        /** Factors that vary; those that always changed together under one name. */
        private final Map<String, List<String>> merged = new LinkedHashMap<>();

        private final List<List<String>> inseparable = new ArrayList<>();
        private final List<String> hidden = new ArrayList<>();

        Writing(List<Series> series, Set<String> fitted, Set<String> asked) {
            this.series = series;
            this.fitted = fitted;
            this.asked = asked;
            Map<List<Integer>, List<String>> byPartition = new LinkedHashMap<>();
            series.stream()
                    .flatMap(s -> s.levels().keySet().stream())
                    .distinct()
                    // The vehicle takes what differs as vehicles do; what is told beside it is told of all of them.
                    .sorted(Comparator.comparing((String f) -> !f.equals(VEHICLE))
                            .thenComparing(f -> f))
                    .filter(f -> levels(f).size() > 1)
                    .forEach(f -> byPartition
                            .computeIfAbsent(partition(f), p -> new ArrayList<>())
                            .add(f));
            byPartition.values().forEach(names -> {
                merged.put(String.join(" and ", names), names);
                if (names.size() > 1) {
                    inseparable.add(names);
                }
            });
        }

        /**
         * What nobody said of a vehicle is the same throughout it, and its own effect takes it: it tells nothing of the factor.
         */
        private String level(Series s, String factor) {
            String said = s.levels().get(factor);
            if (said != null) {
                return said;
            }
            boolean saidOfIt = series.stream()
                    .anyMatch(o -> o.vehicle().equals(s.vehicle()) && o.levels().containsKey(factor));
            if (!saidOfIt) {
                return firstSaid(factor);
            }
            return fitted.contains(factor) ? "as it came" : "not noted";
        }

        private String firstSaid(String factor) {
            return series.stream()
                    .flatMap(o -> Optional.ofNullable(o.levels().get(factor)).stream())
                    .findFirst()
                    .orElseThrow();
        }

        private List<String> levels(String factor) {
            return series.stream().map(s -> level(s, factor)).distinct().toList();
        }

        /** Which series have the same level, whatever it is. */
        private List<Integer> partition(String factor) {
            List<String> levels = levels(factor);
            return series.stream().map(s -> levels.indexOf(level(s, factor))).toList();
        }

        Factors factors() {
            if (merged.isEmpty()) {
                return new Factors(List.of(), inseparable, hidden, List.of(), Optional.empty(), false);
            }
            List<Column> columns = columns();
            RealMatrix x = matrix(columns);
            int rank = rank(x);
            List<Effect> effects = new ArrayList<>();
            List<NotTold> notTold = new ArrayList<>();
            Optional<Variances> error = error(x, rank);
            // b = means · y, weighed by stops; its covariance is that of the means, interactions included.
            RealMatrix weighted = weighted(x);
            RealMatrix means = inverse(weighted).multiply(weighted(weighted).transpose());
            RealVector b = means.operate(logs());
            for (Map.Entry<String, List<String>> f : merged.entrySet()) {
                int before = effects.size();
                List<Integer> first = new ArrayList<>();
                for (int level = 0; level < columns.size(); level++) {
                    if (!columns.get(level).factor().equals(f.getKey())) {
                        continue;
                    }
                    Optional<RealVector> told = contrast(x, rank, level, first);
                    if (told.isPresent()) {
                        effects.add(effect(columns, level, told.get(), b, means, error));
                    } else {
                        first.add(level);
                    }
                }
                if (effects.size() == before) {
                    hidden.add(f.getKey());
                } else {
                    first.stream().skip(1).forEach(l -> notTold.add(notTold(columns, l, first.get(0))));
                }
            }
            return new Factors(
                    effects, inseparable, hidden, notTold, missing(columns, x, notTold), series.size() == rank);
        }

        /** One level of a factor, 1 in the series that have it. */
        private record Column(String factor, List<String> names, String level, double[] in) {}

        /** Every level of every factor: which of them can be told from one another is asked of all together. */
        private List<Column> columns() {
            List<Column> columns = new ArrayList<>();
            merged.forEach((name, names) ->
                    joined(names).forEach(level -> columns.add(new Column(name, names, level, column(names, level)))));
            return columns;
        }

        /** What a level does beside the first of its factor that it can be told from; empty where it can be from none. */
        private static Optional<RealVector> contrast(RealMatrix x, int rank, int level, List<Integer> references) {
            return references.stream()
                    .map(reference -> {
                        RealVector c = new ArrayRealVector(x.getColumnDimension());
                        c.setEntry(level + 1, 1);
                        c.setEntry(reference + 1, -1);
                        return c;
                    })
                    .filter(c -> rank(with(x, c)) == rank)
                    .findFirst();
        }

        private Effect effect(
                List<Column> columns,
                int level,
                RealVector contrast,
                RealVector b,
                RealMatrix means,
                Optional<Variances> error) {
            int reference = 0;
            for (int i = 0; i < columns.size(); i++) {
                reference = contrast.getEntry(i + 1) < 0 ? i : reference;
            }
            double log = contrast.dotProduct(b);
            double[] share = means.preMultiply(contrast).toArray();
            return new Effect(
                    columns.get(level).factor(),
                    columns.get(level).level(),
                    columns.get(reference).level(),
                    Math.expm1(log),
                    error.map(e -> {
                        double half = StudentT.quantile(0.975, e.df()) * e.of(series, share);
                        return new Interval(Math.expm1(log - half), Math.expm1(log + half));
                    }));
        }

        /** What it was always together with, where that is one thing. */
        private static NotTold notTold(List<Column> columns, int level, int reference) {
            Column own = columns.get(level);
            return new NotTold(
                    own.factor(),
                    own.level(),
                    columns.get(reference).level(),
                    columns.stream()
                            .filter(c -> !c.factor().equals(own.factor()) && Arrays.equals(c.in(), own.in()))
                            .map(Column::level)
                            .findFirst());
        }

        private static RealMatrix with(RealMatrix x, RealVector row) {
            RealMatrix more = new Array2DRowRealMatrix(x.getRowDimension() + 1, x.getColumnDimension());
            more.setSubMatrix(x.getData(), 0, 0);
            more.setRowVector(x.getRowDimension(), row);
            return more;
        }

        private RealMatrix matrix(List<Column> columns) {
            RealMatrix x = new Array2DRowRealMatrix(series.size(), columns.size() + 1);
            for (int row = 0; row < series.size(); row++) {
                x.setEntry(row, 0, 1);
                for (int c = 0; c < columns.size(); c++) {
                    x.setEntry(row, c + 1, columns.get(c).in()[row]);
                }
            }
            return x;
        }

        private String joined(Series s, List<String> factors) {
            return factors.stream().map(f -> level(s, f)).collect(Collectors.joining(" with "));
        }

        private List<String> joined(List<String> factors) {
            return series.stream().map(s -> joined(s, factors)).distinct().toList();
        }

        private double[] column(List<String> factors, String level) {
            return series.stream()
                    .mapToDouble(s -> joined(s, factors).equals(level) ? 1 : 0)
                    .toArray();
        }

        private static int rank(RealMatrix x) {
            double[] singular = new SingularValueDecomposition(
                            x.getRowDimension() < x.getColumnDimension() ? x.transpose() : x)
                    .getSingularValues();
            return (int)
                    Arrays.stream(singular).filter(v -> v > RANK * singular[0]).count();
        }

        /** Each row times the root of its stops. */
        private RealMatrix weighted(RealMatrix x) {
            RealMatrix weighted = x.copy();
            for (int i = 0; i < series.size(); i++) {
                weighted.setRowVector(
                        i, x.getRowVector(i).mapMultiply(Math.sqrt(series.get(i).values().length)));
            }
            return weighted;
        }

        private static RealMatrix inverse(RealMatrix weighted) {
            return new SingularValueDecomposition(weighted.transpose().multiply(weighted))
                    .getSolver()
                    .getInverse();
        }

        private RealVector logs() {
            return new ArrayRealVector(
                    series.stream().mapToDouble(Writing::meanLog).toArray());
        }

        private static double meanLog(Series s) {
            return Arrays.stream(s.values()).map(Math::log).average().orElseThrow();
        }

        /**
         * What a series' mean may be wrong by.
         *
         * @param ofStop variance of one stop
         * @param interaction variance of what parts do to each other
         * @param df degrees of freedom of the interaction
         */
        private record Variances(double ofStop, double interaction, double df) {
            /** Standard error of a sum of the series' means, each with its share. */
            double of(List<Series> series, double[] share) {
                double sum = 0;
                for (int i = 0; i < share.length; i++) {
                    sum += share[i] * share[i] * (ofStop / series.get(i).values().length + interaction);
                }
                return Math.sqrt(sum);
            }
        }

        /** Empty where no series has two stops, so that nothing tells how stops scatter. */
        private Optional<Variances> error(RealMatrix x, int rank) {
            double within = 0;
            int withinDf = 0;
            double ofMeans = 0;
            for (Series s : series) {
                double mean = meanLog(s);
                within += Arrays.stream(s.values())
                        .map(v -> Math.pow(Math.log(v) - mean, 2))
                        .sum();
                withinDf += s.values().length - 1;
                ofMeans += 1.0 / s.values().length / series.size();
            }
            if (withinDf == 0 || within == 0) {
                return Optional.empty();
            }
            double ofStop = within / withinDf;
            int leftDf = series.size() - rank;
            double prior = USUAL_INTERACTION * USUAL_INTERACTION;
            double seen = leftDf > 0 ? Math.max(0, leftOver(x) / leftDf - ofStop * ofMeans) : 0;
            double interaction = (USUAL_DF * prior + leftDf * seen) / (USUAL_DF + leftDf);
            return Optional.of(new Variances(ofStop, interaction, USUAL_DF + leftDf));
        }

        /** Sum of squares that the effects leave of the series' means, each counted once. */
        private double leftOver(RealMatrix x) {
            RealVector y = logs();
            RealVector b = inverse(x).operate(x.transpose().operate(y));
            return Math.pow(y.subtract(x.operate(b)).getNorm(), 2);
        }

        /**
         * Two series that differ in everything that cannot be told apart: the one with one factor of the other tells it. Of two
         * vehicles only what can be fitted to either comes in question.
         */
        private Optional<Missing> missing(List<Column> columns, RealMatrix x, List<NotTold> notTold) {
            Stream<Missing> ofFactors = inseparable.stream()
                    .filter(names -> names.stream().allMatch(f -> f.equals(VEHICLE) || fitted.contains(f)))
                    .flatMap(names -> series.stream()
                            .flatMap(a -> series.stream()
                                    .filter(b -> names.contains(VEHICLE)
                                            || a.vehicle().equals(b.vehicle()))
                                    .filter(b -> names.stream()
                                            .noneMatch(f -> level(a, f).equals(level(b, f))))
                                    .map(b -> new Missing(a, firstFitted(names), b))));
            Stream<Missing> ofLevels = notTold.stream()
                    .filter(n -> fitted.contains(n.factor()))
                    .flatMap(n -> thatTells(columns, x, n).stream());
            List<Missing> all = Stream.concat(ofFactors, ofLevels).toList();
            return all.stream()
                    .filter(this::isAsked)
                    .findFirst()
                    .or(() -> all.stream().findFirst());
        }

        private boolean isAsked(Missing m) {
            return asked.contains(m.with().key()) || asked.contains(m.of().key());
        }

        /** A series that would tell the level, were it driven once more with that and all else as it was. */
        private Optional<Missing> thatTells(List<Column> columns, RealMatrix x, NotTold n) {
            List<Integer> own = IntStream.range(0, columns.size())
                    .filter(c -> columns.get(c).factor().equals(n.factor()))
                    .boxed()
                    .toList();
            int level = place(columns, n.factor(), n.level());
            int reference = place(columns, n.factor(), n.reference());
            Series of = series.get(IntStream.range(0, series.size())
                    .filter(i -> columns.get(level).in()[i] > 0)
                    .findFirst()
                    .orElseThrow());
            for (int i = 0; i < series.size(); i++) {
                RealVector run = x.getRowVector(i);
                own.forEach(c -> run.setEntry(c + 1, c == level ? 1 : 0));
                RealMatrix more = with(x, run);
                if (contrast(more, rank(more), level, List.of(reference)).isPresent()) {
                    return Optional.of(new Missing(series.get(i), n.factor(), of));
                }
            }
            return Optional.empty();
        }

        private static int place(List<Column> columns, String factor, String level) {
            return IntStream.range(0, columns.size())
                    .filter(c -> columns.get(c).factor().equals(factor)
                            && columns.get(c).level().equals(level))
                    .findFirst()
                    .orElseThrow();
        }

        private String firstFitted(List<String> names) {
            return names.stream().filter(fitted::contains).findFirst().orElseThrow();
        }
    }
}
