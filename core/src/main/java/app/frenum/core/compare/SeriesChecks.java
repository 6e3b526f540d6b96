package app.frenum.core.compare;

import static app.frenum.core.compare.CheckFinding.NO_TREND;
import static app.frenum.core.compare.CheckFinding.OUTLIERS;
import static app.frenum.core.compare.CheckFinding.STRUCK_OUT;
import static app.frenum.core.compare.CheckFinding.STRUCK_OUT_OF;
import static app.frenum.core.compare.CheckFinding.TOO_FEW_STOPS;
import static app.frenum.core.compare.CheckFinding.TOO_FEW_TO_TELL;
import static app.frenum.core.compare.CheckFinding.TOO_FEW_TO_TELL_BUT;
import static app.frenum.core.compare.CheckFinding.TREND;
import static app.frenum.core.compare.CheckFinding.VALID_STOPS;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.statistics.Outliers;
import app.frenum.core.statistics.Trend;
import app.frenum.core.stop.DistanceBasis;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether each side by itself is enough, and even. */
final class SeriesChecks {
    private static final double STRUCK_OUT_SHARE = 0.20;
    private static final double TREND_P = 0.05;
    /** With fewer stops no order of them is rarer than one in twenty, so that the test could never fail. */
    private static final int FEWEST_FOR_TREND = 5;

    private static final int FEWEST_FOR_VERDICT = 3;

    private SeriesChecks() {}

    static List<Check> numbers(Side a, Side b) {
        Term nA = Term.count(a.values().length);
        Term nB = Term.count(b.values().length);
        int fewer = Math.min(a.values().length, b.values().length);
        if (fewer < FEWEST_FOR_VERDICT) {
            return List.of(Check.block(CheckCode.TOO_FEW, TOO_FEW_STOPS, nA, nB));
        }
        return List.of(
                fewer == FEWEST_FOR_VERDICT
                        ? Check.caution(CheckCode.FEW_STOPS, CheckFinding.FEW_STOPS, nA, nB)
                        : Check.pass(CheckCode.FEW_STOPS, VALID_STOPS, nA, nB));
    }

    static List<Check> struckOut(Side a, Side b) {
        List<Check> many = new ArrayList<>();
        for (Side side : List.of(a, b)) {
            if (side.struckOut() > STRUCK_OUT_SHARE * side.stops().size()) {
                many.add(Check.caution(
                        CheckCode.STRUCK_OUT_SHARE,
                        STRUCK_OUT_OF,
                        Term.name(side.configuration()),
                        Term.count(side.struckOut()),
                        Term.count(side.stops().size())));
            }
        }
        return many.isEmpty()
                ? List.of(Check.pass(
                        CheckCode.STRUCK_OUT_SHARE, STRUCK_OUT, Term.count(a.struckOut()), Term.count(b.struckOut())))
                : many;
    }

    static List<Check> learning(Side a, Side b) {
        List<Check> all = new ArrayList<>();
        List<Finding> steady = new ArrayList<>();
        boolean few = false;
        for (Side side : List.of(a, b)) {
            double[] values = side.values();
            if (values.length < FEWEST_FOR_TREND) {
                few = true;
                steady(side, values).ifPresent(steady::add);
            } else {
                trend(side, values).ifPresent(all::add);
            }
        }
        if (few) {
            all.add(
                    steady.isEmpty()
                            ? Check.notKnown(CheckCode.LEARNING, TOO_FEW_TO_TELL)
                            : Check.notKnown(CheckCode.LEARNING, TOO_FEW_TO_TELL_BUT, Finding.all(steady)));
        } else if (all.isEmpty()) {
            all.add(Check.pass(CheckCode.LEARNING, NO_TREND));
        }
        return all;
    }

    private static Optional<Check> trend(Side side, double[] values) {
        Trend trend = Trend.of(values);
        if (trend.p().orElse(1) >= TREND_P) {
            return Optional.empty();
        }
        return Optional.of(Check.caution(
                CheckCode.LEARNING,
                TREND,
                Term.name(side.configuration()),
                PairCheck.way(trend.perStop().value(), side.basis()),
                Term.count(Math.round(1 / trend.p().value()))));
    }

    /** What can be seen of a short series without a test: whether each stop was better than the one before. */
    private static Optional<Finding> steady(Side side, double[] values) {
        if (values.length < FEWEST_FOR_VERDICT) {
            return Optional.empty();
        }
        boolean falls = true;
        boolean rises = true;
        for (int i = 1; i < values.length; i++) {
            falls &= values[i] < values[i - 1];
            rises &= values[i] > values[i - 1];
        }
        if (!falls && !rises) {
            return Optional.empty();
        }
        boolean time = side.basis() == DistanceBasis.TIME_ONLY;
        CheckFinding down = time ? CheckFinding.STEADILY_WEAKER : CheckFinding.STEADILY_SHORTER;
        CheckFinding up = time ? CheckFinding.STEADILY_STRONGER : CheckFinding.STEADILY_LONGER;
        return Optional.of(Finding.of(falls ? down : up, Term.name(side.configuration())));
    }

    static List<Check> outliers(Side a, Side b) {
        List<Check> all = new ArrayList<>();
        for (Side side : List.of(a, b)) {
            long apart = Outliers.count(side.values());
            if (apart > 0) {
                all.add(Check.caution(
                        CheckCode.OUTLIER,
                        OUTLIERS,
                        Term.name(side.configuration()),
                        Term.count(apart),
                        Term.count(side.values().length)));
            }
        }
        return all;
    }
}
