package app.frenum.core.heat;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Neighbours;
import java.util.Arrays;
import java.util.OptionalDouble;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresProblem;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * The time constant of a disc from readings of one cool-down: {@code T(t) = Ta + (T0 − Ta)·e^(−t/τ)} by non-linear least
 * squares (Levenberg–Marquardt), Ta measured or free. The interval is {@code τ ± t(0.975, n − p)·s·√(JᵀJ)⁻¹_ττ}: D. M.
 * Bates and D. G. Watts, Nonlinear Regression Analysis, 1988, ch. 2.
 *
 * @param tauS time constant, s
 * @param tauLowS lower end of its 95 % interval, s
 * @param tauHighS upper end, s
 * @param startC at the first reading, °C
 * @param ambientC as measured or found, °C
 * @param rmsC root mean square of the residuals, °C
 */
public record CoolingFit(Figure tauS, Figure tauLowS, Figure tauHighS, Figure startC, Figure ambientC, Figure rmsC) {
    private static final int FEWEST_MEASURED = 4;
    private static final double SHORTEST_MEASURED = 0.5;
    private static final int FEWEST_FREE = 6;
    private static final double SHORTEST_FREE = 1.5;
    /** Air that is found rather than measured must be air that somebody drives in. */
    private static final double COLDEST_AIR_C = -40;

    private static final double HOTTEST_AIR_C = 55;
    private static final int MOST_STEPS = 1000;

    /**
     * Fits one cool-down.
     *
     * @param t times, s, rising
     * @param celsius temperatures, as many
     * @param ambientC the air as measured; empty to find it
     */
    public static CoolingFit of(double[] t, double[] celsius, OptionalDouble ambientC) {
        int fewest = ambientC.isPresent() ? FEWEST_MEASURED : FEWEST_FREE;
        if (t.length < fewest) {
            return none("a cool-down needs %d readings%s, not %d"
                    .formatted(fewest, ambientC.isPresent() ? "" : " where the air was not measured", t.length));
        }
        try {
            return new Problem(t, celsius, ambientC).solve();
        } catch (MathRuntimeException e) {
            return none("the readings do not fall as a cooling disc does");
        }
    }

    /** What the fit says some seconds after its first reading, °C; only of a fit that was made. */
    public double after(double ageS) {
        return new Cooling(tauS.value(), ambientC.value()).after(startC.value(), ageS);
    }

    /** No fit, and why. */
    static CoolingFit none(String reason) {
        Figure unknown = Figure.unknown(reason);
        return new CoolingFit(unknown, unknown, unknown, unknown, unknown, unknown);
    }

    /** The law and its derivatives. Parameters: T0 − Ta, τ and, where it is free, Ta. */
    private record Problem(double[] t, double[] celsius, OptionalDouble measured) {
        CoolingFit solve() {
            Optimum best = new LevenbergMarquardtOptimizer().optimize(problem());
            double[] p = best.getPoint().toArray();
            double tau = p[1];
            double span = t[t.length - 1] - t[0];
            double shortest = measured.isPresent() ? SHORTEST_MEASURED : SHORTEST_FREE;
            if (!(tau > 0 && p[0] > 0)) {
                return none("the readings do not fall as a cooling disc does");
            }
            if (!(ambient(p) >= COLDEST_AIR_C && ambient(p) <= HOTTEST_AIR_C)) {
                return none(
                        "the readings would settle at what is no air: they are too short, or the speed changed; measure the air");
            }
            if (span < shortest * tau) {
                return none("the readings span too short a part of so slow a cooling: go on reading for longer");
            }
            int freedom = t.length - p.length;
            double s = Math.sqrt(best.getCost() * best.getCost() / freedom);
            // Residuals of neighbouring readings resemble each other: they count as fewer.
            double alike = Neighbours.effective(best.getResiduals().toArray(), p.length + 1);
            double half = new TDistribution(Math.max(1, alike - p.length)).inverseCumulativeProbability(0.975)
                    * s
                    * Math.sqrt(t.length / alike)
                    * Math.sqrt(best.getCovariances(1e-12).getEntry(1, 1));
            double ambient = ambient(p);
            return new CoolingFit(
                    Figure.of(tau),
                    Figure.of(tau - half),
                    Figure.of(tau + half),
                    Figure.of(ambient + p[0]),
                    Figure.of(ambient),
                    Figure.of(best.getCost() / Math.sqrt(t.length)));
        }

        private double ambient(double[] p) {
            return measured.orElse(p.length > 2 ? p[2] : 0);
        }

        private LeastSquaresProblem problem() {
            double coldest = Arrays.stream(celsius).min().orElseThrow();
            double ambient = measured.orElse(coldest - (celsius[0] - coldest) / 10);
            double last = Math.max(1, celsius[t.length - 1] - ambient);
            double tau = (t[t.length - 1] - t[0]) / Math.max(0.1, Math.log((celsius[0] - ambient) / last));
            double[] start = measured.isPresent()
                    ? new double[] {celsius[0] - ambient, tau}
                    : new double[] {celsius[0] - ambient, tau, ambient};
            return new LeastSquaresBuilder()
                    .start(start)
                    .target(celsius)
                    .model(this::model)
                    .maxEvaluations(MOST_STEPS)
                    .maxIterations(MOST_STEPS)
                    .lazyEvaluation(false)
                    .build();
        }

        private Pair<RealVector, RealMatrix> model(RealVector at) {
            double[] p = at.toArray();
            double[] value = new double[t.length];
            double[][] jacobian = new double[t.length][p.length];
            for (int i = 0; i < t.length; i++) {
                double age = t[i] - t[0];
                double left = Math.exp(-age / p[1]);
                value[i] = ambient(p) + p[0] * left;
                jacobian[i][0] = left;
                jacobian[i][1] = p[0] * left * age / (p[1] * p[1]);
                if (p.length > 2) {
                    jacobian[i][2] = 1;
                }
            }
            return new Pair<>(MatrixUtils.createRealVector(value), MatrixUtils.createRealMatrix(jacobian));
        }
    }
}
