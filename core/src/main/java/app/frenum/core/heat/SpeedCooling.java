package app.frenum.core.heat;

import app.frenum.core.quantity.Figure;
import java.util.List;

/**
 * How a disc's cooling hangs on speed: {@code 1/τ = c0 + c1·v^0.8}, by least squares on 1/τ of cool-downs at different
 * speeds. The power is that of turbulent flow over a turning disc (R. Limpert, Brake Design and Safety, 3rd ed. 2011,
 * ch. 3).
 *
 * @param c0 at standstill, 1/s
 * @param c1 rise with speed, 1/s per (m/s)^0.8
 */
public record SpeedCooling(Figure c0, Figure c1) {
    private static final double POWER = 0.8;
    private static final int FEWEST_SPEEDS = 3;

    /** One cool-down: mean speed, m/s, and the time constant it gave, s. */
    public record CoolDown(double speedMps, double tauS) {}

    /** Fits cool-downs; at least three speeds that differ. */
    public static SpeedCooling of(List<CoolDown> coolDowns) {
        long speeds = coolDowns.stream()
                .mapToLong(c -> Math.round(c.speedMps()))
                .distinct()
                .count();
        if (speeds < FEWEST_SPEEDS) {
            Figure few = Figure.unknown("how cooling hangs on speed needs cool-downs at %d speeds, not %d"
                    .formatted(FEWEST_SPEEDS, speeds));
            return new SpeedCooling(few, few);
        }
        double[] x = coolDowns.stream()
                .mapToDouble(c -> Math.pow(c.speedMps(), POWER))
                .toArray();
        double[] y = coolDowns.stream().mapToDouble(c -> 1 / c.tauS()).toArray();
        StraightLine line = StraightLine.of(x, y);
        return new SpeedCooling(line.intercept(), line.slope());
    }

    /** The time constant at a speed, s. */
    public Figure tauAt(double speedMps) {
        return c0.isKnown() ? Figure.of(1 / (c0.value() + c1.value() * Math.pow(speedMps, POWER))) : c0;
    }
}
