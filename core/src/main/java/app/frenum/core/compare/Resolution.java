package app.frenum.core.compare;

import app.frenum.core.quantity.Quantity;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;

/**
 * The last digit that people read: the coarsest step of which all their readings are multiples, be it a metre, half a metre
 * or a centimetre. Where no reading differs from another it is all that stands in for their scatter.
 */
public final class Resolution {
    private static final double[] STEPS = {1, 0.5, 0.1, 0.05, 0.01, 0.005, 0.001};
    private static final double CLOSE = 1e-6;

    private Resolution() {}

    /**
     * In the inside unit; {@link Side#LOGGED_RESOLUTION} where there are no readings. Whole numbers that were written with
     * decimals ("44.0") were read to those.
     */
    public static double of(List<Quantity> readings) {
        double written = readings.stream()
                .mapToInt(q -> q.decimals().orElse(0))
                .mapToDouble(d -> Math.pow(10, -d))
                .min()
                .orElse(1);
        boolean whole = readings.stream().allMatch(q -> isMultiple(q.entered(), 1));
        for (double step : STEPS) {
            boolean wasWrittenFiner = whole && written < step;
            if (!readings.isEmpty()
                    && !wasWrittenFiner
                    && readings.stream().allMatch(q -> isMultiple(q.entered(), step))) {
                return readings.get(0).unit().toInside(step)
                        - readings.get(0).unit().toInside(0);
            }
        }
        return Side.LOGGED_RESOLUTION;
    }

    private static boolean isMultiple(double value, double step) {
        double n = new BigDecimal(value).round(new MathContext(12)).doubleValue() / step;
        return Math.abs(n - Math.rint(n)) < CLOSE * Math.max(1, Math.abs(n));
    }
}
