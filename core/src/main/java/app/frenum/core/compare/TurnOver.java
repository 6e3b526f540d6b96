package app.frenum.core.compare;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.LeastSquares;
import app.frenum.core.stop.DistanceBasis;
import java.util.Arrays;
import java.util.Optional;

/**
 * The temperature at the start at which the order of two configurations turns over: each has a straight line of its own over
 * temperature, and they cross where both were driven.
 *
 * @param atC where they cross, °C
 * @param interval its 95 % interval, °C
 * @param candidateBetterBelow whether the candidate is the better of the two below it
 */
public record TurnOver(double atC, Interval interval, boolean candidateBetterBelow) {
    private static final int FEWEST = 5;
    private static final double LEVEL = 0.95;

    /** Empty where the lines do not cross in what both were driven at, or chance could have made them cross. */
    public static Optional<TurnOver> of(Side a, Side b) {
        double[] ofA = a.known(ComparedStop::startTemperature);
        double[] ofB = b.known(ComparedStop::startTemperature);
        boolean all = ofA.length == a.values().length && ofB.length == b.values().length;
        if (!all || Math.min(ofA.length, ofB.length) < FEWEST) {
            return Optional.empty();
        }
        Interval both = new Interval(Math.max(min(ofA), min(ofB)), Math.min(max(ofA), max(ofB)));
        return fit(a, b).flatMap(f -> crossing(f, both, a.basis()));
    }

    /** Columns: candidate, temperature, temperature of the candidate. */
    private static Optional<LeastSquares> fit(Side a, Side b) {
        return Adjusted.fit(a, b, s -> new double[] {s.startTemperature().value()}, true);
    }

    private static Optional<TurnOver> crossing(LeastSquares f, Interval both, DistanceBasis basis) {
        double at = -f.coefficients()[1] / f.coefficients()[3];
        boolean inside = at > both.low() && at < both.high();
        boolean growsWithHeat = f.coefficients()[3] > 0;
        boolean moreIsBetter = basis == DistanceBasis.TIME_ONLY;
        return f.zeroOf(1, 3, LEVEL).filter(i -> inside).map(i -> new TurnOver(at, i, growsWithHeat != moreIsBetter));
    }

    /** In words. */
    public Finding told(String nameA, String nameB) {
        return Finding.of(
                GripFinding.TURNS_OVER,
                Term.name(candidateBetterBelow ? nameB : nameA),
                Term.temperature(atC),
                Term.temperature(interval.low()),
                Term.temperature(interval.high()),
                Term.name(candidateBetterBelow ? nameA : nameB));
    }

    private static double min(double[] x) {
        return Arrays.stream(x).min().orElseThrow();
    }

    private static double max(double[] x) {
        return Arrays.stream(x).max().orElseThrow();
    }
}
