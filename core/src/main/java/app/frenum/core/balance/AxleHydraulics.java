package app.frenum.core.balance;

/**
 * One axle's brakes, as far as they turn pressure into force: {@code F = 2·p·A·μ_pad·r_eff·n/r_tyre}.
 *
 * @param pistonAreaM2 of one side of one caliper, m²: all pistons of one half; sliding calipers once, opposed pairs
 *     once per side
 * @param padFriction coefficient, above 0
 * @param effectiveRadiusM of the pad on the disc, m
 * @param wheels on the axle
 */
public record AxleHydraulics(double pistonAreaM2, double padFriction, double effectiveRadiusM, int wheels) {
    private static final double PASCALS_PER_BAR = 1e5;

    public AxleHydraulics {
        if (!(pistonAreaM2 > 0 && padFriction > 0 && effectiveRadiusM > 0 && wheels > 0)) {
            throw new IllegalArgumentException("area, friction, radius and wheels must be above 0");
        }
    }

    /** Brake force at the road, N. */
    public double forceN(double pressureBar, double tyreRadiusM) {
        return 2 * pressureBar * PASCALS_PER_BAR * pistonAreaM2 * padFriction * effectiveRadiusM * wheels / tyreRadiusM;
    }

    /** Front share of brake force at given pressures, 0 to 1; both axles on tyres of one radius. */
    public static double brakeForceShare(AxleHydraulics front, double frontBar, AxleHydraulics rear, double rearBar) {
        double f = front.forceN(frontBar, 1);
        return f / (f + rear.forceN(rearBar, 1));
    }
}
