package app.frenum.core.compare;

import app.frenum.core.statistics.Interval;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What the order of driving could have done where all of one side was driven, then all of the other, with no return: a tyre
 * that warms, a lane that dries and a driver who learns look just like a better brake. The difference is taken once more
 * with a common straight trend over that order taken out (analysis of covariance), which leaves it much less sure.
 *
 * @param difference candidate − baseline, the trend taken out
 * @param interval its 95 % interval, by Student's t with n − 3 degrees of freedom
 * @param driftPerStop the drift per stop that would explain all of the plain difference
 */
public record DrivingOrder(double difference, Interval interval, double driftPerStop) {

    private static final double HEATED_C = 50;

    /** Whether a drift could have made all of it. */
    public boolean couldBeDrift() {
        return !interval.excludesZero();
    }

    /** Empty where the sides were driven in alternated order, where each side restarts, or where the order is not known. */
    public static Optional<DrivingOrder> of(Side a, Side b) {
        List<ComparedStop> ofA = counting(a);
        List<ComparedStop> ofB = counting(b);
        if (!isOneAfterTheOther(ofA, ofB) || Math.min(ofA.size(), ofB.size()) < 3 || restarts(ofA, ofB)) {
            return Optional.empty();
        }
        double plain = b.summary().mean().value() - a.summary().mean().value();
        double drift = plain / (meanOrder(ofB) - meanOrder(ofA));
        return Adjusted.fit(a, b, s -> new double[] {s.circumstances().order()})
                .map(f -> new DrivingOrder(f.coefficients()[1], f.interval(1, 0.95), drift));
    }

    private static List<ComparedStop> counting(Side side) {
        return side.stops().stream().filter(ComparedStop::counts).toList();
    }

    /** Discs that heat through each side and cool between them, as in fade series: no one trend goes through both. */
    private static boolean restarts(List<ComparedStop> a, List<ComparedStop> b) {
        return risesC(a) > HEATED_C
                && risesC(b) > HEATED_C
                && Math.abs(firstC(a) - firstC(b)) < Math.min(risesC(a), risesC(b)) / 2;
    }

    private static double risesC(List<ComparedStop> stops) {
        return inOrder(stops).get(stops.size() - 1).startTemperature().orElse(Double.NaN) - firstC(stops);
    }

    private static double firstC(List<ComparedStop> stops) {
        return inOrder(stops).get(0).startTemperature().orElse(Double.NaN);
    }

    private static List<ComparedStop> inOrder(List<ComparedStop> stops) {
        return stops.stream()
                .sorted(Comparator.comparingInt(s -> s.circumstances().order()))
                .toList();
    }

    private static double meanOrder(List<ComparedStop> stops) {
        return stops.stream().mapToInt(s -> s.circumstances().order()).average().orElseThrow();
    }

    /** Whether the sides' stops are known to have come one side after the other. */
    static boolean isOneAfterTheOther(Side a, Side b) {
        return isOneAfterTheOther(counting(a), counting(b));
    }

    static boolean isKnown(Side a, Side b) {
        return counting(a).stream().allMatch(s -> s.circumstances().order() > 0)
                && counting(b).stream().allMatch(s -> s.circumstances().order() > 0);
    }

    private static boolean isOneAfterTheOther(List<ComparedStop> a, List<ComparedStop> b) {
        if (a.isEmpty() || b.isEmpty()) {
            return false;
        }
        int firstA = first(a);
        int lastA = last(a);
        int firstB = first(b);
        int lastB = last(b);
        return firstA > 0 && firstB > 0 && (lastA < firstB || lastB < firstA);
    }

    private static int first(List<ComparedStop> stops) {
        return stops.stream().mapToInt(s -> s.circumstances().order()).min().orElseThrow();
    }

    private static int last(List<ComparedStop> stops) {
        return stops.stream().mapToInt(s -> s.circumstances().order()).max().orElseThrow();
    }
}
