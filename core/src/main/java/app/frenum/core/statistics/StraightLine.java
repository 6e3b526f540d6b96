package app.frenum.core.statistics;

import app.frenum.core.quantity.Figure;
import java.util.Arrays;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * A straight line through points by least squares, such as troughs against how much of a duct is blocked.
 *
 * @param slope of y per unit of x
 * @param slopeLow lower end of its 95 % interval, by Student's t with n − 2 degrees of freedom
 * @param slopeHigh upper end
 * @param intercept y at x = 0
 * @param atMean half-width of the line's 95 % interval at the mean of x
 * @param meanX of what was tried
 * @param fromX least x tried
 * @param toX largest x tried
 */
public record StraightLine(
        Figure slope,
        Figure slopeLow,
        Figure slopeHigh,
        Figure intercept,
        Figure atMean,
        double meanX,
        double fromX,
        double toX) {
    private static final int FEWEST = 3;
    /** How far beyond what was tried an answer may lie, as a share of the tried range. */
    private static final double BEYOND = 0.25;

    public static StraightLine of(double[] x, double[] y) {
        int n = x.length;
        double meanX = Arrays.stream(x).average().orElse(0);
        double meanY = Arrays.stream(y).average().orElse(0);
        double sxx = 0;
        double sxy = 0;
        for (int i = 0; i < n; i++) {
            sxx += (x[i] - meanX) * (x[i] - meanX);
            sxy += (x[i] - meanX) * (y[i] - meanY);
        }
        if (n < FEWEST || sxx == 0) {
            Figure few = Figure.unknown("a line needs %d points that differ, not %d".formatted(FEWEST, n));
            return new StraightLine(few, few, few, few, few, meanX, meanX, meanX);
        }
        double slope = sxy / sxx;
        double intercept = meanY - slope * meanX;
        double left = 0;
        for (int i = 0; i < n; i++) {
            double e = y[i] - intercept - slope * x[i];
            left += e * e;
        }
        double half = new TDistribution(n - 2).inverseCumulativeProbability(0.975) * Math.sqrt(left / (n - 2) / sxx);
        return new StraightLine(
                Figure.of(slope),
                Figure.of(slope - half),
                Figure.of(slope + half),
                Figure.of(intercept),
                Figure.of(half * Math.sqrt(sxx / n)),
                meanX,
                Arrays.stream(x).min().orElseThrow(),
                Arrays.stream(x).max().orElseThrow());
    }

    /** The line's y at an x. */
    public Figure at(double x) {
        return slope.map(b -> intercept.value() + b * x);
    }

    /** Half-width of its 95 % interval there: the line's own, not that of one more point. */
    public Figure halfWidthAt(double x) {
        return slope.map(b -> Math.hypot(atMean.value(), (slopeHigh.value() - b) * (x - meanX)));
    }

    /** Which x gives a wanted y; refused further than a quarter of the tried range beyond what was tried. */
    public Figure xFor(double wantedY) {
        if (!slope.isKnown()) {
            return slope;
        }
        if (slope.value() == 0) {
            return Figure.unknown("it does not change with what was tried");
        }
        double x = (wantedY - intercept.value()) / slope.value();
        double room = BEYOND * (toX - fromX);
        return x >= fromX - room && x <= toX + room
                ? Figure.of(x)
                : Figure.unknown("it would take far more or less than was tried");
    }
}
