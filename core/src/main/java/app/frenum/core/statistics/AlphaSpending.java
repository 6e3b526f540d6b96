package app.frenum.core.statistics;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How small p must be at each of several equally spaced looks so that all looks together give a false alarm no more often
 * than one test at 5 % would. Spending function of O'Brien–Fleming type, {@code 2 − 2Φ(z_{α/4}/√t)} in each tail: K. K. G. Lan
 * and D. L. DeMets, Biometrika 70 (1983) 659–663; the recursion over the looks is that of P. Armitage, C. K. McPherson and
 * B. C. Rowe, J. R. Stat. Soc. A 132 (1969) 235–244, on a grid.
 */
public final class AlphaSpending {
    private static final double ALPHA = 0.05;
    private static final int GRID = 1201;
    private static final double WIDEST = 9;
    private static final int MOST_LOOKS = 60;
    private static final NormalDistribution NORMAL = new NormalDistribution();
    private static final Map<Integer, double[]> KNOWN = new ConcurrentHashMap<>();

    /** {@code nominalP(n, n)} for n = 1 to 60, which a plan asks for at every length; a test holds them. */
    private static final double[] END_P = {
        0.05000, 0.04900, 0.04623, 0.04390, 0.04233, 0.04067, 0.03985, 0.03888, 0.03836, 0.03741,
        0.03666, 0.03592, 0.03605, 0.03558, 0.03508, 0.03478, 0.03440, 0.03420, 0.03384, 0.03361,
        0.03335, 0.03328, 0.03304, 0.03278, 0.03266, 0.03252, 0.03237, 0.03215, 0.03199, 0.03207,
        0.03193, 0.03177, 0.03174, 0.03159, 0.03158, 0.03137, 0.03136, 0.03131, 0.03124, 0.03112,
        0.03105, 0.03098, 0.03090, 0.03081, 0.03073, 0.03063, 0.03075, 0.03067, 0.03059, 0.03061,
        0.03053, 0.03046, 0.03044, 0.03037, 0.02975, 0.02973, 0.02965, 0.02970, 0.02959, 0.02956
    };

    private AlphaSpending() {}

    /** Nominal two-sided p at the planned end. */
    public static double endP(int looks) {
        return END_P[Math.max(1, Math.min(looks, MOST_LOOKS)) - 1];
    }

    /**
     * Nominal two-sided p at a look.
     *
     * @param look from 1
     * @param looks planned; at more than 60 the nearest of 60 is taken
     */
    public static double nominalP(int look, int looks) {
        if (!(look >= 1 && looks >= 1)) {
            throw new IllegalArgumentException("look %d of %d is none".formatted(look, looks));
        }
        int planned = Math.min(looks, MOST_LOOKS);
        int own = Math.min(planned, Math.max(1, (int) Math.floor((double) look * planned / looks)));
        return 2 * NORMAL.cumulativeProbability(-bounds(planned)[own - 1]);
    }

    /** The bounds for |z|, look by look. */
    public static double[] bounds(int looks) {
        return KNOWN.computeIfAbsent(looks, AlphaSpending::computed);
    }

    /** Of both tails by a share of the stops; each tail has half of α. */
    private static double spent(double t) {
        return 4 * NORMAL.cumulativeProbability(NORMAL.inverseCumulativeProbability(ALPHA / 4) / Math.sqrt(t));
    }

    /** Walks a Brownian motion through the looks; {@code density} is that of paths which crossed no bound so far. */
    private static double[] computed(int looks) {
        double[] bounds = new double[looks];
        double[] grid = grid(1.0 / looks);
        double[] density = new double[GRID];
        for (int i = 0; i < GRID; i++) {
            density[i] = NORMAL.density(grid[i] * Math.sqrt(looks)) * Math.sqrt(looks);
        }
        double before = 0;
        for (int k = 1; k <= looks; k++) {
            double t = (double) k / looks;
            double toSpend = spent(t) - before;
            before = spent(t);
            bounds[k - 1] = bound(grid, density, toSpend, Math.sqrt(t));
            if (k < looks) {
                double[] next = grid((k + 1.0) / looks);
                density = carried(grid, density, bounds[k - 1] * Math.sqrt(t), next, 1.0 / looks);
                grid = next;
            }
        }
        return bounds;
    }

    private static double[] grid(double t) {
        double[] out = new double[GRID];
        for (int i = 0; i < GRID; i++) {
            out[i] = WIDEST * Math.sqrt(t) * (2.0 * i / (GRID - 1) - 1);
        }
        return out;
    }

    private static double bound(double[] grid, double[] density, double toSpend, double root) {
        DoubleUnaryOperator beyond =
                c -> 1 - inside(grid, density, c * root) - (1 - inside(grid, density, WIDEST * root));
        if (beyond.applyAsDouble(1) < toSpend) {
            return 1;
        }
        if (toSpend < 1e-12) {
            return WIDEST;
        }
        return new BrentSolver(1e-9).solve(200, c -> beyond.applyAsDouble(c) - toSpend, 1, WIDEST);
    }

    /** Trapezoid integral of the density over |x| below a limit, with the cut cells taken in part. */
    private static double inside(double[] grid, double[] density, double limit) {
        double step = grid[1] - grid[0];
        double sum = 0;
        for (int i = 0; i < GRID - 1; i++) {
            double low = Math.max(grid[i], -limit);
            double high = Math.min(grid[i + 1], limit);
            if (high > low) {
                sum += (at(grid, density, i, low, step) + at(grid, density, i, high, step)) / 2 * (high - low);
            }
        }
        return sum;
    }

    private static double at(double[] grid, double[] density, int i, double x, double step) {
        double share = (x - grid[i]) / step;
        return density[i] + share * (density[i + 1] - density[i]);
    }

    private static double[] carried(double[] grid, double[] density, double limit, double[] next, double stepT) {
        double step = grid[1] - grid[0];
        double root = Math.sqrt(stepT);
        double[] out = new double[GRID];
        for (int j = 0; j < GRID; j++) {
            double sum = 0;
            for (int i = 0; i < GRID; i++) {
                if (Math.abs(grid[i]) <= limit) {
                    double z = (next[j] - grid[i]) / root;
                    if (Math.abs(z) < WIDEST) {
                        sum += density[i] * Math.exp(-z * z / 2);
                    }
                }
            }
            out[j] = sum * step / (root * Math.sqrt(2 * Math.PI));
        }
        return out;
    }
}
