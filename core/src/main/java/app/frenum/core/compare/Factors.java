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
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * Which part did it, over everything that was driven alike: main effects by least squares on the logarithms of the series'
 * means, weighed by their stops, so that an effect is a share of the distance and holds across vehicles. What always changed
 * together cannot be told apart, and is named. The error is the larger of what stops of one series differ by and of what the
 * effects leave over from series to series, each with its own degrees of freedom.
 *
 * @param effects of each level against its factor's first
 * @param inseparable factors that always changed together
 * @param hidden factors that are told by others together, and so left out
 * @param missing the run that would tell the first two of them apart
 */
public record Factors(
        List<Effect> effects, List<List<String>> inseparable, List<String> hidden, Optional<Missing> missing) {
    private static final double RANK = 1e-9;

    /**
     * Stops of one configuration in one test.
     *
     * @param name what it is called
     * @param levels of every factor
     * @param values distances that count, m
     */
    public record Series(String name, Map<String, String> levels, double[] values) {
        /** Which vehicle was driven. */
        private String vehicle() {
            return levels.getOrDefault(VEHICLE, "");
        }
    }

    /** The factor that says which vehicle it was. */
    public static final String VEHICLE = "vehicle";

    /** One level against the first of its factor; the share of the distance that it adds, below 0 where it is shorter. */
    public record Effect(String factor, String level, String reference, double share, Optional<Interval> interval) {}

    /** To drive the one series with only one factor of the other. */
    public record Missing(String with, String factor, String of) {}

    /** @param fitted the factors that can be changed for a run, and are not conditions */
    public static Factors of(List<Series> all, Set<String> fitted) {
        List<Series> driven = all.stream().filter(s -> s.values().length > 0).toList();
        return new Writing(driven, fitted).factors();
    }

    /** What it comes to. */
    public List<Finding> sentences() {
        List<Finding> out = new ArrayList<>();
        effects.forEach(e -> out.add(told(e)));
        if (effects.isEmpty()) {
            out.add(Finding.of(NOTHING_VARIES));
        }
        inseparable.forEach(names -> out.add(Finding.of(INSEPARABLE, Term.names(names))));
        hidden.forEach(name -> out.add(Finding.of(WITHIN_OTHERS, Term.name(name))));
        missing.ifPresent(
                m -> out.add(Finding.of(MISSING_RUN, Term.name(m.with()), Term.name(m.factor()), Term.name(m.of()))));
        return out;
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
        private final List<Series> series;
        private final Set<String> fitted;
        /** Factors that vary; those that always changed together under one name. */
        private final Map<String, List<String>> merged = new LinkedHashMap<>();

        private final List<List<String>> inseparable = new ArrayList<>();
        private final List<String> hidden = new ArrayList<>();

        Writing(List<Series> series, Set<String> fitted) {
            this.series = series;
            this.fitted = fitted;
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
            return saidOfIt ? "as it came" : firstSaid(factor);
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
            List<double[]> columns = new ArrayList<>(List.of(ones()));
            List<String[]> meanings = new ArrayList<>();
            for (Map.Entry<String, List<String>> f : merged.entrySet()) {
                int before = meanings.size();
                List<String> levels = joined(f.getValue());
                String reference = levels.get(0);
                for (String level : levels.subList(1, levels.size())) {
                    double[] own = column(f.getValue(), level);
                    columns.add(own);
                    if (rank(columns) == columns.size()) {
                        meanings.add(new String[] {f.getKey(), level, reference});
                    } else {
                        // Told by the vehicle already: what else that had is held against it.
                        columns.remove(columns.size() - 1);
                        reference = level;
                    }
                }
                if (meanings.size() == before) {
                    hidden.add(f.getKey());
                }
            }
            return new Factors(
                    meanings.isEmpty() ? List.of() : effects(matrix(columns), meanings),
                    inseparable,
                    hidden,
                    missing());
        }

        private double[] ones() {
            double[] one = new double[series.size()];
            Arrays.fill(one, 1);
            return one;
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

        private static RealMatrix matrix(List<double[]> columns) {
            RealMatrix x = new Array2DRowRealMatrix(columns.get(0).length, columns.size());
            for (int c = 0; c < columns.size(); c++) {
                x.setColumn(c, columns.get(c));
            }
            return x;
        }

        private static int rank(List<double[]> columns) {
            RealMatrix x = matrix(columns);
            double[] singular = new SingularValueDecomposition(
                            x.getRowDimension() < x.getColumnDimension() ? x.transpose() : x)
                    .getSingularValues();
            return (int)
                    Arrays.stream(singular).filter(s -> s > RANK * singular[0]).count();
        }

        private List<Effect> effects(RealMatrix x, List<String[]> meanings) {
            int m = series.size();
            int p = x.getColumnDimension();
            RealMatrix weighted = x.copy();
            double[] y = new double[m];
            for (int i = 0; i < m; i++) {
                double root = Math.sqrt(series.get(i).values().length);
                y[i] = root * meanLog(series.get(i));
                weighted.setRowVector(i, x.getRowVector(i).mapMultiply(root));
            }
            RealMatrix inverse = new SingularValueDecomposition(
                            weighted.transpose().multiply(weighted))
                    .getSolver()
                    .getInverse();
            RealVector b = inverse.operate(weighted.transpose().operate(new ArrayRealVector(y)));
            double left = new ArrayRealVector(y).subtract(weighted.operate(b)).getNorm();
            Optional<double[]> error = error(left * left, m - p);
            List<Effect> out = new ArrayList<>();
            for (int k = 0; k < meanings.size(); k++) {
                double log = b.getEntry(k + 1);
                double unit = Math.sqrt(inverse.getEntry(k + 1, k + 1));
                out.add(new Effect(
                        meanings.get(k)[0], meanings.get(k)[1], meanings.get(k)[2], Math.expm1(log), error.map(e -> {
                            double half = StudentT.quantile(0.975, e[1]) * Math.sqrt(e[0]) * unit;
                            return new Interval(Math.expm1(log - half), Math.expm1(log + half));
                        })));
            }
            return out;
        }

        private static double meanLog(Series s) {
            return Arrays.stream(s.values()).map(Math::log).average().orElseThrow();
        }

        /** Variance of one stop with its degrees of freedom; empty where nothing tells it. */
        private Optional<double[]> error(double leftOver, int leftDf) {
            double within = 0;
            int withinDf = 0;
            for (Series s : series) {
                double mean = meanLog(s);
                within += Arrays.stream(s.values())
                        .map(v -> Math.pow(Math.log(v) - mean, 2))
                        .sum();
                withinDf += s.values().length - 1;
            }
            double ofStops = withinDf > 0 ? within / withinDf : 0;
            double ofSeries = leftDf > 0 ? leftOver / leftDf : 0;
            if (ofSeries > ofStops) {
                return Optional.of(new double[] {ofSeries, leftDf});
            }
            return withinDf > 0 && ofStops > 0 ? Optional.of(new double[] {ofStops, withinDf}) : Optional.empty();
        }

        /** Two series of one vehicle that differ in what cannot be told apart: the one with one factor of the other tells it. */
        private Optional<Missing> missing() {
            return inseparable.stream()
                    .filter(fitted::containsAll)
                    .flatMap(names -> series.stream()
                            .flatMap(a -> series.stream()
                                    .filter(b -> a.vehicle().equals(b.vehicle())
                                            && names.stream()
                                                    .noneMatch(f -> level(a, f).equals(level(b, f))))
                                    .map(b -> new Missing(a.name(), names.get(0), b.name()))))
                    .findFirst();
        }
    }
}
