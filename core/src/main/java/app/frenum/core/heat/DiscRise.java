package app.frenum.core.heat;

/**
 * By how much one braking heats one disc: {@code ΔT = χ·½·m·(v1² − v2²)/(m_disc·c)}, χ being the axle's share of the
 * brake force, halved for its two wheels, times {@link #INTO_DISC}.
 *
 * @param massKg of the vehicle as driven
 * @param axleShare of the brake force (not of the line pressure), 0 to 1
 * @param discKg of one disc
 * @param wheels on that axle
 */
public record DiscRise(double massKg, double axleShare, double discKg, int wheels) {
    /** Share of the heat that goes into the disc rather than the pad. */
    public static final double INTO_DISC = 0.95;
    /** Specific heat of grey cast iron, J/(kg·K). */
    public static final double GREY_IRON = 500;

    private static final double IRON_AT_20 = 450;
    private static final double IRON_PER_KELVIN = 0.5;
    /** Half of air's density times a car's drag area of 0.7 m², kg/m. */
    private static final double AIR_DRAG_M2 = 0.6 * 0.7;

    private static final double ROLLING_MPS2 = 0.12;
    /** How hard a circuit's brakings are, m/s². */
    private static final double HARD_MPS2 = 8;

    private static final double MOST_DRAG = 0.5;

    public DiscRise {
        if (!(massKg > 0 && axleShare >= 0 && axleShare <= 1 && discKg > 0 && wheels > 0)) {
            throw new IllegalArgumentException("masses and wheels must be above 0 and the share between 0 and 1");
        }
    }

    /**
     * Rise from v1 to v2 (m/s) of a disc that is so hot, °C, for lap after lap: grey iron takes more heat the hotter it is,
     * {@code c(T) = 450 + 0.5·(T − 20)} J/(kg·K), and air and tyres slow the vehicle too, beside a braking of {@value #HARD_MPS2} m/s².
     */
    public double from(double startC, double v1, double v2) {
        double meanSquare = (v1 * v1 + v2 * v2) / 2;
        double drag = (AIR_DRAG_M2 / massKg * meanSquare + ROLLING_MPS2) / HARD_MPS2;
        double perKg =
                axleShare / wheels * INTO_DISC * energyJ(massKg, v1, v2) * (1 - Math.min(MOST_DRAG, drag)) / discKg;
        double c = IRON_AT_20 + IRON_PER_KELVIN * (startC - 20);
        return (Math.sqrt(c * c + 2 * IRON_PER_KELVIN * perKg) - c) / IRON_PER_KELVIN;
    }

    /** Rise from v1 to v2 (m/s), °C. */
    public double of(double v1, double v2) {
        return axleShare / wheels * INTO_DISC * energyJ(massKg, v1, v2) / (discKg * GREY_IRON);
    }

    /** What the brakes take out of a vehicle from v1 to v2 (m/s), J. */
    public static double energyJ(double massKg, double v1, double v2) {
        return massKg * (v1 * v1 - v2 * v2) / 2;
    }
}
