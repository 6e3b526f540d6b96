package app.frenum.core.compare;

import app.frenum.core.quantity.Figure;
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

    static final double RESOLUTION = 0.01;

    private final Side baseline;
    private final Margin margin;

    private Comparisons(Side baseline, Margin margin) {
        this.baseline = baseline;
        this.margin = margin;
    }

    /** One comparison per candidate, in the order given, with p values adjusted for their number. */
    public static List<Comparison> of(Side baseline, List<Side> candidates, Margin margin) {
        Comparisons all = new Comparisons(baseline, margin);
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
        List<Comparison> out = new ArrayList<>();
        int k = 0;
        for (int i = 0; i < candidates.size(); i++) {
            out.add(
                    tests.get(i).isPresent()
                            ? all.judged(candidates.get(i), tests.get(i).get(), holm[k++], checks.get(i))
                            : all.blocked(candidates.get(i), checks.get(i)));
        }
        return out;
    }

    private static boolean isBlocked(List<Check> checks) {
        return checks.stream().anyMatch(c -> c.level() == Check.Level.BLOCK);
    }

    private WelchTest test(Side candidate) {
        return WelchTest.of(baseline.values(), candidate.values(), RESOLUTION);
    }

    private Comparison blocked(Side candidate, List<Check> checks) {
        Figure why = Figure.unknown("the two cannot be compared");
        return new Comparison(
                baseline.configuration(),
                candidate.configuration(),
                Optional.empty(),
                why,
                why,
                why,
                Optional.empty(),
                why,
                why,
                Verdict.NOT_COMPARABLE,
                false,
                why,
                why,
                Optional.empty(),
                checks);
    }

    private Comparison judged(Side candidate, WelchTest test, double holmP, List<Check> checks) {
        double[] a = baseline.values();
        double[] b = candidate.values();
        double meanA = baseline.summary().mean().value();
        double worth = margin.against(meanA);
        Figure floor = InstrumentFloor.of(baseline, candidate);
        Interval ci95 = test.interval(0.95);
        Verdict verdict = Verdict.of(test.difference(), ci95, test.interval(0.90), floor, worth, holmP, sense());
        boolean shown = verdict == Verdict.GAIN_SHOWN || verdict == Verdict.LOSS_SHOWN;
        return new Comparison(
                baseline.configuration(),
                candidate.configuration(),
                Optional.of(test),
                Figure.of(100 * test.difference() / meanA),
                Figure.of(PermutationTest.p(a, b, SEED)),
                Figure.of(holmP),
                Optional.of(Consistency.of(a, b, SEED)),
                floor,
                Figure.of(worth),
                verdict,
                shown && Verdict.isWorthwhile(ci95, worth),
                verdict == Verdict.NOT_SETTLED
                        ? Figure.of(SampleSize.stopsToSettle(worth, test.pooledSd(), a.length, b.length))
                        : Figure.of(0),
                speedStillCarried(candidate),
                metres(candidate),
                withFloor(checks, test, floor));
    }

    private Verdict.Sense sense() {
        return baseline.basis() == DistanceBasis.TIME_ONLY
                ? Verdict.Sense.MORE_IS_BETTER
                : Verdict.Sense.SHORTER_IS_BETTER;
    }

    private List<Check> withFloor(List<Check> checks, WelchTest test, Figure floor) {
        List<Check> out = new ArrayList<>(checks);
        out.add(floorCheck(test.difference(), floor, baseline.basis() == DistanceBasis.TIME_ONLY ? "m/s²" : "m"));
        out.sort(Comparator.comparing(Check::level));
        return out;
    }

    private static Check floorCheck(double difference, Figure floor, String unit) {
        if (!floor.isKnown()) {
            return Check.caution(CheckCode.INSTRUMENT_FLOOR, "cannot be computed: " + floor.reason());
        }
        String message = Checks.text("%.2f against %.2f %s", Math.abs(difference), floor.value(), unit);
        return Math.abs(difference) < floor.value()
                ? Check.caution(CheckCode.INSTRUMENT_FLOOR, message + ": below what was measured with")
                : Check.pass(CheckCode.INSTRUMENT_FLOOR, message);
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
