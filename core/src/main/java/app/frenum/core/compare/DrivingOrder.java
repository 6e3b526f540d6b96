package app.frenum.core.compare;

import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.StudentT;
import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

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

    /** Whether a drift could have made all of it. */
    public boolean couldBeDrift() {
        return !interval.excludesZero();
    }

    /** Empty where the sides were driven in turns, or nobody knows the order. */
    public static Optional<DrivingOrder> of(Side a, Side b) {
        List<ComparedStop> ofA = counting(a);
        List<ComparedStop> ofB = counting(b);
        if (!isOneAfterTheOther(ofA, ofB) || Math.min(ofA.size(), ofB.size()) < 3) {
            return Optional.empty();
        }
        int n = ofA.size() + ofB.size();
        double[][] x = new double[n][];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            boolean isB = i >= ofA.size();
            ComparedStop s = isB ? ofB.get(i - ofA.size()) : ofA.get(i);
            x[i] = new double[] {1, isB ? 1 : 0, s.circumstances().order()};
            y[i] = s.value().value();
        }
        double plain = b.summary().mean().value() - a.summary().mean().value();
        double rounding = Math.max(a.resolution(), b.resolution()) / Math.sqrt(12);
        return fit(x, y, rounding, plain / (meanOrder(ofB) - meanOrder(ofA)));
    }

    private static Optional<DrivingOrder> fit(double[][] rows, double[] y, double rounding, double drift) {
        RealMatrix x = new Array2DRowRealMatrix(rows);
        RealMatrix inverse;
        try {
            inverse = new QRDecomposition(x.transpose().multiply(x)).getSolver().getInverse();
        } catch (org.hipparchus.exception.MathIllegalArgumentException singular) {
            return Optional.empty();
        }
        RealVector v = new ArrayRealVector(y);
        RealVector b = inverse.operate(x.transpose().operate(v));
        double left = v.subtract(x.operate(b)).getNorm();
        int df = y.length - 3;
        double sigma = Math.max(left / Math.sqrt(df), rounding);
        double se = sigma * Math.sqrt(inverse.getEntry(1, 1));
        double half = StudentT.quantile(0.975, df) * se;
        double d = b.getEntry(1);
        return Optional.of(new DrivingOrder(d, new Interval(d - half, d + half), drift));
    }

    private static List<ComparedStop> counting(Side side) {
        return side.stops().stream().filter(ComparedStop::counts).toList();
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
