package app.frenum.core.heat;

import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.StraightLine;
import java.util.Arrays;
import java.util.List;

/**
 * How a disc's cooling hangs on speed: {@code 1/τ = c0 + c1·v^0.8}, by least squares on 1/τ of cool-downs at different
 * speeds. The power is that of turbulent flow over a turning disc (R. Limpert, Brake Design and Safety, 3rd ed. 2011,
 * ch. 3).
 *
 * @param line of 1/τ, 1/s, over v^0.8: c0 is its intercept, c1 its slope
 * @param fromMps slowest mean speed of a cool-down
 * @param toMps fastest
 */
public record SpeedCooling(StraightLine line, double fromMps, double toMps) {
    private static final double POWER = 0.8;
    private static final int FEWEST_SPEEDS = 3;

    /** One cool-down: mean speed, m/s, and the time constant it gave, s. */
    public record CoolDown(double speedMps, double tauS) {}

    /**
     * The time constant at a speed.
     *
     * @param tauS s
     * @param lowS lower end of its 95 % interval
     * @param highS upper end; unknown where even no cooling at all cannot be ruled out
     * @param extrapolated whether no cool-down was driven near this speed
     */
    public record At(double speedMps, Figure tauS, Figure lowS, Figure highS, boolean extrapolated) {}

    /** By the front discs' cool-downs while the car rolled. */
    public static SpeedCooling ofFronts(List<CoolDowns.CoolDown> downs) {
        return of(downs.stream()
                .filter(d -> d.wheel().isFront()
                        && !d.stood()
                        && d.fit().tauS().isKnown()
                        && d.meanMps().isKnown())
                .map(d -> new CoolDown(d.meanMps().value(), d.fit().tauS().value()))
                .toList());
    }

    /** Fits cool-downs; at least three speeds that differ. */
    public static SpeedCooling of(List<CoolDown> coolDowns) {
        long speeds = coolDowns.stream()
                .mapToLong(c -> Math.round(c.speedMps()))
                .distinct()
                .count();
        if (speeds < FEWEST_SPEEDS) {
            Figure few = Figure.unknown("how cooling hangs on speed needs cool-downs at %d speeds, not %d"
                    .formatted(FEWEST_SPEEDS, speeds));
            return new SpeedCooling(new StraightLine(few, few, few, few, few, 0, 0, 0), 0, 0);
        }
        double[] v = coolDowns.stream().mapToDouble(CoolDown::speedMps).toArray();
        double[] x = Arrays.stream(v).map(s -> Math.pow(s, POWER)).toArray();
        double[] y = coolDowns.stream().mapToDouble(c -> 1 / c.tauS()).toArray();
        return new SpeedCooling(
                StraightLine.of(x, y),
                Arrays.stream(v).min().orElseThrow(),
                Arrays.stream(v).max().orElseThrow());
    }

    /** At standstill, 1/s. */
    public Figure c0() {
        return line.intercept();
    }

    /** Rise with speed, 1/s per (m/s)^0.8. */
    public Figure c1() {
        return line.slope();
    }

    /** The time constant at a speed, with its interval. */
    public At at(double speedMps) {
        double x = Math.pow(speedMps, POWER);
        Figure perS = line.at(x);
        boolean beyond = speedMps < 0.8 * fromMps || speedMps > 1.25 * toMps;
        if (!perS.isKnown() || perS.value() <= 0) {
            Figure none = perS.isKnown() ? Figure.unknown("the line gives no cooling at this speed") : perS;
            return new At(speedMps, none, none, none, beyond);
        }
        double half = line.halfWidthAt(x).value();
        return new At(
                speedMps,
                Figure.of(1 / perS.value()),
                Figure.of(1 / (perS.value() + half)),
                perS.value() > half
                        ? Figure.of(1 / (perS.value() - half))
                        : Figure.unknown("no cooling at all cannot be ruled out"),
                beyond);
    }
}
