package app.frenum.core.compare;

import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Consistency;
import app.frenum.core.statistics.Equivalence;
import app.frenum.core.statistics.Holm;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.PermutationTest;
import app.frenum.core.statistics.SampleSize;
import app.frenum.core.statistics.WelchTest;
import app.frenum.core.stop.Corrections;
import app.frenum.core.stop.DistanceBasis;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Compares each candidate with one baseline and judges the difference, honestly. */
public final class Comparisons {
    /** One seed for all draws, so that the same data give the same figures everywhere. */
    private static final long SEED = 20_260_101L;

    private static final double ALPHA = 0.05;

    private final Side baseline;
    private final Margin margin;
    private final Look look;

    private Comparisons(Side baseline, Margin margin, Look look) {
        this.baseline = baseline;
        this.margin = margin;
        this.look = look;
    }

    /** As {@link #of(Side, List, Margin, Look)}, of series that count as complete. */
    public static List<Comparison> of(Side baseline, List<Side> candidates, Margin margin) {
        return of(baseline, candidates, margin, Look.COMPLETE);
    }

    /**
     * One comparison per candidate, in the order given, with p values adjusted for their number.
     *
     * @param look how far the plan has come, which every verdict before its end has to allow for
     */
    public static List<Comparison> of(Side baseline, List<Side> candidates, Margin margin, Look look) {
        Comparisons all = new Comparisons(baseline, margin, look);
        List<List<Check>> checks =
                candidates.stream().map(c -> Checks.of(baseline, c)).toList();
        List<Optional<WelchTest>> tests = new ArrayList<>();
        for (int i = 0; i < candidates.size(); i++) {
            tests.add(isBlocked(checks.get(i)) ? Optional.empty() : Optional.of(all.test(candidates.get(i))));
        }
        double[] p = tests.stream()
                .flatMap(Optional::stream)
                .mapToDouble(WelchTest::p)
                .toArray();
        double[] holm = Holm.adjusted(p);
        double[] equivalence = Holm.adjusted(tests.stream()
                .flatMap(Optional::stream)
                .mapToDouble(t -> Equivalence.p(t, all.worth()))
                .toArray());
        List<Comparison> out = new ArrayList<>();
        int k = 0;
        for (int i = 0; i < candidates.size(); i++) {
            out.add(
                    tests.get(i).isPresent()
                            ? all.judged(
                                    candidates.get(i),
                                    tests.get(i).get(),
                                    new Chances(p[k], holm[k], equivalence[k++]),
                                    checks.get(i))
                            : all.blocked(candidates.get(i), checks.get(i)));
        }
        return out;
    }

    private static boolean isBlocked(List<Check> checks) {
        return checks.stream().anyMatch(c -> c.level() == Check.Level.BLOCK);
    }

    private WelchTest test(Side candidate) {
        return WelchTest.of(
                baseline.values(), candidate.values(), Math.max(baseline.resolution(), candidate.resolution()));
    }

    /** No verdict; the difference is a figure all the same where nothing but more stops is missing. */
    private Comparison blocked(Side candidate, List<Check> checks) {
        Figure why = Figure.unknown("the two cannot be compared");
        boolean onlyFew = checks.stream()
                .filter(c -> c.level() == Check.Level.BLOCK)
                .allMatch(c -> c.code() == CheckCode.TOO_FEW);
        boolean two = Math.min(baseline.values().length, candidate.values().length) >= 2;
        Optional<WelchTest> test = onlyFew && two ? Optional.of(test(candidate)) : Optional.empty();
        return new Comparison(
                baseline.configuration(),
                candidate.configuration(),
                test,
                test.map(t -> percent(t)).orElse(why),
                why,
                why,
                why,
                spread(candidate),
                why,
                why,
                Verdict.NOT_COMPARABLE,
                false,
                why,
                why,
                Optional.empty(),
                HowSure.CANNOT_TELL,
                why,
                Optional.empty(),
                0.95,
                look,
                checks);
    }

    /** How each repeats itself can be told where their means cannot be compared, as long as they were measured alike. */
    private Optional<Consistency> spread(Side candidate) {
        boolean alike = baseline.basis() == candidate.basis()
                && MeasuredAlike.nominalSpeed(baseline, candidate).stream()
                        .noneMatch(c -> c.level() == Check.Level.BLOCK);
        return alike && Math.min(baseline.values().length, candidate.values().length) >= 3
                ? Optional.of(Consistency.of(baseline.values(), candidate.values(), SEED))
                : Optional.empty();
    }

    private Figure percent(WelchTest test) {
        return baseline.summary().mean().map(m -> 100 * test.difference() / m);
    }

    /**
     * How likely what was seen is by chance.
     *
     * @param p of the difference
     * @param holm the same adjusted for the number of candidates
     * @param equivalence of lying within the margin, adjusted likewise
     */
    private record Chances(double p, double holm, double equivalence) {}

    private double worth() {
        return margin.against(baseline.summary().mean().value());
    }

    private Comparison judged(Side candidate, WelchTest test, Chances chances, List<Check> checks) {
        double[] a = baseline.values();
        double[] b = candidate.values();
        double worth = worth();
        Figure floor = InstrumentFloor.of(baseline, candidate);
        int n = Math.min(a.length, b.length);
        double alpha = look.alpha(n);
        Interval range = test.interval(1 - alpha);
        Verdict verdict = Verdict.of(
                test.difference(),
                range,
                chances.equivalence() <= ALPHA,
                floor,
                worth,
                chances.holm() <= alpha,
                sense());
        boolean shown = verdict == Verdict.GAIN_SHOWN || verdict == Verdict.LOSS_SHOWN;
        double permutationP = PermutationTest.p(a, b, SEED);
        Optional<DrivingOrder> order = DrivingOrder.of(baseline, candidate);
        double adjusted = n < HowSure.FEW && chances.p() > 0
                ? chances.holm() * Math.max(1, permutationP / chances.p())
                : chances.holm();
        return new Comparison(
                baseline.configuration(),
                candidate.configuration(),
                Optional.of(test),
                percent(test),
                Figure.of(permutationP),
                Figure.of(chances.holm()),
                Figure.of(chances.equivalence()),
                Optional.of(Consistency.of(a, b, SEED)),
                floor,
                Figure.of(worth),
                verdict,
                shown && Verdict.isWorthwhile(range, worth),
                stopsToSettle(verdict, test, floor, worth, candidate),
                speedStillCarried(candidate),
                metres(candidate),
                HowSure.of(verdict, adjusted, chances.equivalence(), test.difference(), floor, worth, order),
                Figure.of(Math.min(1, adjusted)),
                order,
                1 - alpha,
                look,
                withFigures(checks, candidate, test, floor, order, shown));
    }

    /** None where no number of stops would settle it: what the instruments cannot see does not shrink with stops. */
    private Figure stopsToSettle(Verdict verdict, WelchTest test, Figure floor, double worth, Side candidate) {
        if (verdict != Verdict.NOT_SETTLED) {
            return Figure.of(0);
        }
        if (!floor.isKnown() || InstrumentFloor.systematic(baseline, candidate) > worth) {
            return Figure.unknown("the instruments cannot tell, with any number of stops");
        }
        return Figure.of(
                SampleSize.stopsToSettle(worth, test.pooledSd(), baseline.values().length, candidate.values().length));
    }

    private Verdict.Sense sense() {
        return baseline.basis() == DistanceBasis.TIME_ONLY
                ? Verdict.Sense.MORE_IS_BETTER
                : Verdict.Sense.SHORTER_IS_BETTER;
    }

    /** The checks that need the difference itself. */
    private List<Check> withFigures(
            List<Check> checks,
            Side candidate,
            WelchTest test,
            Figure floor,
            Optional<DrivingOrder> order,
            boolean shown) {
        List<Check> out = new ArrayList<>(checks);
        out.add(floorCheck(test.difference(), floor));
        DriftChecks.drift(baseline, test.difference(), shown).ifPresent(out::add);
        out.add(DriftChecks.order(baseline, candidate, order));
        out.sort(Comparator.comparing(Check::level));
        return out;
    }

    private Check floorCheck(double difference, Figure floor) {
        if (!floor.isKnown()) {
            return Check.notKnown(CheckCode.INSTRUMENT_FLOOR, CheckFinding.FLOOR_NOT_KNOWN, Term.name(floor.reason()));
        }
        Term seen = PairCheck.compared(Math.abs(difference), baseline.basis());
        Term smallest = PairCheck.compared(floor.value(), baseline.basis());
        return Math.abs(difference) < floor.value()
                ? Check.caution(CheckCode.INSTRUMENT_FLOOR, CheckFinding.BELOW_FLOOR, seen, smallest)
                : Check.pass(CheckCode.INSTRUMENT_FLOOR, CheckFinding.ABOVE_FLOOR, seen, smallest);
    }

    private Figure speedStillCarried(Side candidate) {
        if (baseline.basis() == DistanceBasis.TIME_ONLY) {
            return Figure.unknown("only times were taken");
        }
        if (!baseline.nominalSpeed().isKnown()) {
            return baseline.nominalSpeed();
        }
        double sA = baseline.summary().mean().value();
        double sB = candidate.summary().mean().value();
        Side longer = sA >= sB ? baseline : candidate;
        Figure mfdd = longer.known(ComparedStop::mfdd).length == longer.values().length
                ? longer.mean(ComparedStop::mfdd)
                : Figure.unknown("not every stop has an MFDD");
        return Figure.of(SpeedCarried.of(baseline.nominalSpeed().value(), Math.min(sA, sB), Math.max(sA, sB), mfdd));
    }

    /** Needs distances from the brake point, with speed and MFDD, for every stop that counts. */
    private Optional<Metres> metres(Side candidate) {
        if (baseline.basis() != DistanceBasis.ONSET_TO_REST
                || !baseline.nominalSpeed().isKnown()) {
            return Optional.empty();
        }
        double nominal = baseline.nominalSpeed().value();
        List<Metres.Driven> a = driven(baseline, nominal);
        List<Metres.Driven> b = driven(candidate, nominal);
        boolean all = a.size() == baseline.values().length && b.size() == candidate.values().length;
        return all ? Optional.of(Metres.of(a, b, nominal)) : Optional.empty();
    }

    private static List<Metres.Driven> driven(Side side, double nominal) {
        return side.stops().stream()
                .filter(s -> s.counts() && s.entrySpeed().isKnown() && s.mfdd().isKnown())
                .map(s -> {
                    double v0 = s.entrySpeed().value();
                    double asDriven = Corrections.toNominalSpeed(s.value().value(), nominal, v0);
                    return new Metres.Driven(
                            asDriven, v0, s.mfdd().value(), side.grade().orElse(0));
                })
                .toList();
    }

    /** Speeds along the lane for a side's mean stop, for drawing: pairs of distance (m) and speed (m/s). */
    public static double[][] speedAlong(Side side, int points) {
        double s = side.summary().mean().value();
        double v = side.nominalSpeed().value();
        Figure mfdd =
                side.known(ComparedStop::mfdd).length > 0 ? side.mean(ComparedStop::mfdd) : Figure.unknown("none");
        double[][] out = new double[points][];
        Arrays.setAll(out, i -> {
            double d = s * i / (points - 1.0);
            return new double[] {d, SpeedCarried.after(d, v, s, mfdd)};
        });
        return out;
    }
}
