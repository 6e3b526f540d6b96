package app.frenum.core.fade;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Neighbours;
import java.util.Arrays;
import org.hipparchus.distribution.continuous.FDistribution;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * From which temperature on the bite is lost: a continuous line of two pieces, {@code ε = ε0} up to T0 and
 * {@code ε0 − k·(T − T0)} above it with k ≥ 0, T0 by least squares on a grid of 1 °C where at least three points lie
 * on each side. It is accepted when it beats a constant by an F-test (2 and n − 3 degrees of freedom, p &lt; 0.05). The
 * interval of T0 holds every T0 whose sum of squares is no larger than {@code SS·(1 + F(0.95; 1, n − 3)/(n − 3))}: D. J.
 * Hudson, J. Am. Stat. Assoc. 61 (1966) 1097–1129; G. A. F. Seber and C. J. Wild, Nonlinear Regression, 1989, ch. 9.
 *
 * @param accepted whether an onset is seen
 * @param onsetC T0, °C
 * @param lowC lower end of its 95 % interval
 * @param highC upper end
 * @param level ε0
 * @param perC k, lost per °C above the onset
 * @param f of the test against a constant
 * @param p of that test
 * @param hottestC up to where there are stops
 */
public record OnsetFit(
        boolean accepted,
        Figure onsetC,
        Figure lowC,
        Figure highC,
        Figure level,
        Figure perC,
        Figure f,
        Figure p,
        Figure hottestC) {
    private static final int FEWEST_ALIKE = 4;
    private static final int FEWEST_EACH_SIDE = 3;
    private static final double SIGNIFICANT = 0.05;

    /**
     * Fits temperatures (°C) and levels, as many of each.
     *
     * @return unknown figures, with why, where there are fewer than six points or all are equally hot
     */
    public static OnsetFit of(double[] celsius, double[] level) {
        int n = celsius.length;
        if (n < 2 * FEWEST_EACH_SIDE) {
            return none("an onset needs %d stops with known temperature, not %d".formatted(2 * FEWEST_EACH_SIDE, n));
        }
        double coldest = min(celsius);
        double hottest = -min(negated(celsius));
        Piece constant = Piece.at(celsius, level, hottest);
        Piece best = constant;
        for (double t = Math.ceil(coldest); t < hottest; t++) {
            Piece tried = Piece.at(celsius, level, t);
            if (hasBothSides(celsius, t) && tried.squares() < best.squares()) {
                best = tried;
            }
        }
        if (!(best.squares() < constant.squares()) || best.squares() <= 0) {
            return steady(level, hottest);
        }
        return tested(celsius, level, constant, best, hottest);
    }

    /** What the fit says at a temperature, with the half-width of its 95 % interval. */
    public record LevelAt(Figure level, Figure half) {}

    /**
     * The level at a temperature: by the broken line where an onset is seen, else the mean. Its interval takes the onset
     * as it was found.
     *
     * @param atC °C
     * @param celsius what was fitted
     * @param levels as many
     */
    LevelAt at(double atC, double[] celsius, double[] levels) {
        int n = celsius.length;
        if (n < 2 * FEWEST_EACH_SIDE) {
            return new LevelAt(level, level);
        }
        double[] x = Arrays.stream(celsius)
                .map(c -> accepted ? Math.max(0, c - onsetC.value()) : 0)
                .toArray();
        double meanX = Arrays.stream(x).average().orElseThrow();
        double sxx = Arrays.stream(x).map(v -> (v - meanX) * (v - meanX)).sum();
        double start =
                accepted ? level.value() : Arrays.stream(levels).average().orElseThrow();
        double slope = accepted ? perC.value() : 0;
        double squares = 0;
        for (int i = 0; i < n; i++) {
            double left = levels[i] - (start - slope * x[i]);
            squares += left * left;
        }
        int freedom = n - (accepted ? 3 : 1);
        double atX = accepted ? Math.max(0, atC - onsetC.value()) : 0;
        double away = sxx > 0 ? (atX - meanX) * (atX - meanX) / sxx : 0;
        double half = new TDistribution(freedom).inverseCumulativeProbability(0.975)
                * Math.sqrt(squares / freedom * (1.0 / n + away));
        return new LevelAt(Figure.of(start - slope * atX), Figure.of(half));
    }

    private static OnsetFit tested(double[] celsius, double[] level, Piece constant, Piece best, double hottest) {
        int n = celsius.length;
        // Neighbouring stops resemble each other: they count as fewer.
        double[] left = new double[n];
        Arrays.setAll(left, i -> level[i] - best.level() + best.perC() * Math.max(0, celsius[i] - best.onset()));
        double freedom = Math.max(1, Neighbours.effective(left, FEWEST_ALIKE) - 3);
        double f = (constant.squares() - best.squares()) / 2 / (best.squares() / freedom);
        double p = 1 - new FDistribution(2, freedom).cumulativeProbability(f);
        double most = best.squares() * (1 + new FDistribution(1, freedom).inverseCumulativeProbability(0.95) / freedom);
        double low = best.onset();
        double high = best.onset();
        for (double t = Math.ceil(min(celsius)); t < hottest; t++) {
            if (hasBothSides(celsius, t) && Piece.at(celsius, level, t).squares() <= most) {
                low = Math.min(low, t);
                high = Math.max(high, t);
            }
        }
        return new OnsetFit(
                p < SIGNIFICANT,
                Figure.of(best.onset()),
                Figure.of(low),
                Figure.of(high),
                Figure.of(best.level()),
                Figure.of(best.perC()),
                Figure.of(f),
                Figure.of(p),
                Figure.of(hottest));
    }

    /** A bite that does not fall: there is a level and how far it was seen, and no onset. */
    private static OnsetFit steady(double[] level, double hottest) {
        Figure u = Figure.unknown("the bite does not fall with temperature");
        double mean = Arrays.stream(level).average().orElseThrow();
        return new OnsetFit(false, u, u, u, Figure.of(mean), u, u, u, Figure.of(hottest));
    }

    private static OnsetFit none(String reason) {
        Figure u = Figure.unknown(reason);
        return new OnsetFit(false, u, u, u, u, u, u, u, u);
    }

    private static boolean hasBothSides(double[] celsius, double onset) {
        long below = Arrays.stream(celsius).filter(c -> c <= onset).count();
        return below >= FEWEST_EACH_SIDE && celsius.length - below >= FEWEST_EACH_SIDE;
    }

    private static double min(double[] x) {
        return Arrays.stream(x).min().orElseThrow();
    }

    private static double[] negated(double[] x) {
        return Arrays.stream(x).map(v -> -v).toArray();
    }

    /** Both pieces for a given onset, and what they leave over. */
    private record Piece(double onset, double level, double perC, double squares) {
        static Piece at(double[] celsius, double[] y, double onset) {
            int n = celsius.length;
            double sx = 0;
            double sy = 0;
            double sxx = 0;
            double sxy = 0;
            for (int i = 0; i < n; i++) {
                double x = Math.max(0, celsius[i] - onset);
                sx += x;
                sy += y[i];
                sxx += x * x;
                sxy += x * y[i];
            }
            double spread = sxx - sx * sx / n;
            double slope = spread > 0 ? (sxy - sx * sy / n) / spread : 0;
            double k = Math.max(0, -slope);
            double level = sy / n + k * sx / n;
            double squares = 0;
            for (int i = 0; i < n; i++) {
                double left = y[i] - (level - k * Math.max(0, celsius[i] - onset));
                squares += left * left;
            }
            return new Piece(onset, level, k, squares);
        }
    }
}
