package app.frenum.core.compare;

import static app.frenum.core.compare.AdjustedFinding.*;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.LeastSquares;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A difference between two sides with something else that differed taken out, by least squares: what is left is what the
 * sides differ in at the same block, the same place in the day or the same temperature. It stands beside the plain
 * difference and never in its place.
 *
 * @param taken what is taken out
 * @param difference candidate − baseline; unknown, with the reason, where it cannot be worked out
 * @param interval of the difference; empty where it cannot be worked out
 * @param said what that other thing did, or why it cannot be told
 */
public record Adjusted(Taken taken, Figure difference, Optional<Interval> interval, Finding said) {
    /** More values than parameters, at least. */
    private static final int SPARE = 5;
    /** Temperatures that vary by less than this tell nothing, °C. */
    private static final double VARIES = 2;
    /** Over so many degrees a change is told, °C. */
    private static final double DEGREES = 10;

    /** What can be taken out. The names are part of the open formats. */
    public enum Taken {
        BLOCKS,
        DRIFT,
        START_TEMPERATURE,
        AMBIENT
    }

    /**
     * Everything that can be taken out of this pair, or could if more were known of it.
     *
     * @param level of the intervals, such as 0.95
     */
    public static List<Adjusted> of(Side a, Side b, double level) {
        return Stream.of(
                        blocks(a, b, level),
                        drift(a, b, level),
                        byDegrees(Taken.START_TEMPERATURE, a, b, level, ComparedStop::startTemperature),
                        byDegrees(Taken.AMBIENT, a, b, level, ComparedStop::ambient))
                .flatMap(Optional::stream)
                .toList();
    }

    /** A block that holds stops of both sides has its own level. */
    private static Optional<Adjusted> blocks(Side a, Side b, double level) {
        Set<Integer> both = new TreeSet<>();
        Arrays.stream(a.blocks()).forEach(both::add);
        both.retainAll(Arrays.stream(b.blocks()).boxed().toList());
        if (both.size() < 2) {
            return Optional.empty();
        }
        List<Integer> all = Stream.concat(
                        Arrays.stream(a.blocks()).boxed(),
                        Arrays.stream(b.blocks()).boxed())
                .distinct()
                .sorted()
                .toList();
        Function<ComparedStop, double[]> inBlock = s -> all.stream()
                .skip(1)
                .mapToDouble(block -> s.circumstances().block() == block ? 1 : 0)
                .toArray();
        return Optional.of(
                worked(Taken.BLOCKS, a, b, level, inBlock, f -> Finding.of(BLOCKS_EACH, Term.count(both.size()))));
    }

    /** A straight trend over the order of driving, where the sides were driven in turns or with a return. */
    private static Optional<Adjusted> drift(Side a, Side b, double level) {
        if (!DrivingOrder.isKnown(a, b) || DrivingOrder.isOneAfterTheOther(a, b)) {
            return Optional.empty();
        }
        return Optional.of(worked(
                Taken.DRIFT,
                a,
                b,
                level,
                s -> new double[] {s.circumstances().order()},
                f -> Finding.of(PER_STOP, change(f, a, 1, level))));
    }

    private static Optional<Adjusted> byDegrees(
            Taken taken, Side a, Side b, double level, Function<ComparedStop, Figure> figure) {
        double[] ofA = a.known(figure);
        double[] ofB = b.known(figure);
        int n = a.values().length + b.values().length;
        int known = ofA.length + ofB.length;
        if (ofA.length == 0 || ofB.length == 0 || spread(ofA, ofB) < VARIES) {
            return Optional.empty();
        }
        if (known < n) {
            return Optional.of(cannot(taken, Finding.of(NOT_OF_EVERY_STOP, Term.count(known), Term.count(n))));
        }
        if (max(ofA) < min(ofB) || max(ofB) < min(ofA)) {
            return Optional.of(cannot(taken, Finding.of(NEVER_ALIKE)));
        }
        return Optional.of(
                worked(taken, a, b, level, s -> new double[] {figure.apply(s).value()}, f -> {
                    Term[] change = change(f, a, DEGREES, level);
                    return Finding.of(PER_DEGREES, Term.temperatureApart(DEGREES), change[0], change[1], change[2]);
                }));
    }

    private static Adjusted worked(
            Taken taken,
            Side a,
            Side b,
            double level,
            Function<ComparedStop, double[]> beside,
            Function<LeastSquares, Finding> said) {
        int n = a.values().length + b.values().length;
        int parameters = 2 + beside.apply(a.stops().get(0)).length;
        if (n < parameters + SPARE) {
            return cannot(taken, Finding.of(TOO_FEW_STOPS, Term.count(n), Term.count(parameters + SPARE)));
        }
        return fit(a, b, beside)
                .map(f -> new Adjusted(
                        taken, Figure.of(f.coefficients()[1]), Optional.of(f.interval(1, level)), said.apply(f)))
                .orElse(cannot(taken, Finding.of(NEVER_ALIKE)));
    }

    private static Adjusted cannot(Taken taken, Finding why) {
        return new Adjusted(
                taken, Figure.unknown("it cannot be told from the sides themselves"), Optional.empty(), why);
    }

    /** Column 1 is the candidate, the others are what stands beside each stop. */
    static Optional<LeastSquares> fit(Side a, Side b, Function<ComparedStop, double[]> beside) {
        return fit(a, b, beside, false);
    }

    /** @param eachItsOwn whether what stands beside may do something else to the candidate: columns once more for it alone */
    static Optional<LeastSquares> fit(Side a, Side b, Function<ComparedStop, double[]> beside, boolean eachItsOwn) {
        List<double[]> rows = new ArrayList<>();
        addRows(rows, a, 0, beside, eachItsOwn);
        addRows(rows, b, 1, beside, eachItsOwn);
        double[] y =
                Stream.of(a, b).flatMapToDouble(s -> Arrays.stream(s.values())).toArray();
        double rounding = Math.max(a.resolution(), b.resolution()) / Math.sqrt(12);
        return LeastSquares.of(rows.toArray(double[][]::new), y, rounding);
    }

    private static void addRows(
            List<double[]> rows,
            Side side,
            double candidate,
            Function<ComparedStop, double[]> beside,
            boolean eachItsOwn) {
        side.stops().stream().filter(ComparedStop::counts).forEach(s -> {
            double[] other = beside.apply(s);
            double[] row = new double[1 + other.length * (eachItsOwn ? 2 : 1)];
            row[0] = candidate;
            System.arraycopy(other, 0, row, 1, other.length);
            for (int i = 1 + other.length; i < row.length; i++) {
                row[i] = candidate * other[i - 1 - other.length];
            }
            rows.add(row);
        });
    }

    /** What so many units of the first thing beside do, with its range. */
    private static Term[] change(LeastSquares f, Side a, double units, double level) {
        Interval range = f.interval(2, level);
        return new Term[] {
            PairCheck.way(units * f.coefficients()[2], a.basis()),
            PairCheck.way(units * range.low(), a.basis()),
            PairCheck.way(units * range.high(), a.basis())
        };
    }

    private static double spread(double[] a, double[] b) {
        return Math.max(max(a), max(b)) - Math.min(min(a), min(b));
    }

    private static double max(double[] x) {
        return Arrays.stream(x).max().orElseThrow();
    }

    private static double min(double[] x) {
        return Arrays.stream(x).min().orElseThrow();
    }
}
