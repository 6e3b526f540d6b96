package app.frenum.core.simulate;

/**
 * From the foot to the callipers.
 *
 * @param lagS time constant with which line pressure follows the pedal, s: old fluid and soft hoses are slower
 * @param rearKneeBar pressure above which the rear valve holds back
 * @param rearSlope share of further pressure that the valve lets through
 * @param travelAtRestMm pedal travel before pressure rises
 * @param travelPerBarMm further travel per bar
 * @param boilingC fluid temperature at which vapour forms
 * @param biasTurns turns of a balance bar from full front, which then takes the valve's place: 62 % of the line pressure in
 *     front, 1.5 % less with each turn; NaN without one
 */
public record Hydraulics(
        double lagS,
        double rearKneeBar,
        double rearSlope,
        double travelAtRestMm,
        double travelPerBarMm,
        double boilingC,
        double biasTurns) {
    private static final double FULL_FRONT_SHARE = 0.62;
    private static final double SHARE_PER_TURN = 0.015;
    /** The front keeps at least this share of the line pressure. */
    private static final double LEAST_FRONT_SHARE = 0.3;
    /** Share of the disc's rise over ambient that reaches the fluid in the calliper. */
    private static final double FLUID_SHARE = 0.4;
    /** Extra travel per °C above boiling. */
    private static final double VAPOUR_MM_PER_C = 1.2;

    private static final double MASTER_CYLINDER_END_MM = 95;

    /** Without a balance bar. */
    public Hydraulics(
            double lagS,
            double rearKneeBar,
            double rearSlope,
            double travelAtRestMm,
            double travelPerBarMm,
            double boilingC) {
        this(lagS, rearKneeBar, rearSlope, travelAtRestMm, travelPerBarMm, boilingC, Double.NaN);
    }

    /** The same with a balance bar at so many turns from full front. */
    public Hydraulics turnedTo(double turns) {
        return new Hydraulics(lagS, rearKneeBar, rearSlope, travelAtRestMm, travelPerBarMm, boilingC, turns);
    }

    double rear(double frontBar) {
        if (Double.isNaN(biasTurns)) {
            return frontBar <= rearKneeBar ? frontBar : rearKneeBar + rearSlope * (frontBar - rearKneeBar);
        }
        double share = Math.max(LEAST_FRONT_SHARE, FULL_FRONT_SHARE - SHARE_PER_TURN * biasTurns);
        return frontBar * (1 - share) / share;
    }

    /** Pedal travel, mm; vapour lengthens it. */
    double travelMm(double frontBar, double frontDiscC, double ambientC) {
        double travel = travelAtRestMm * (1 - Math.exp(-frontBar / 3)) + travelPerBarMm * frontBar;
        return Math.min(MASTER_CYLINDER_END_MM, travel + vapourMm(frontDiscC, ambientC) * Math.min(1, frontBar / 5));
    }

    /** The most pressure that the pedal reaches before the floor, bar. */
    double mostBar(double frontDiscC, double ambientC) {
        double left = MASTER_CYLINDER_END_MM - travelAtRestMm - vapourMm(frontDiscC, ambientC);
        return Math.max(2, left / travelPerBarMm);
    }

    private double vapourMm(double frontDiscC, double ambientC) {
        double fluidC = ambientC + FLUID_SHARE * (frontDiscC - ambientC);
        return VAPOUR_MM_PER_C * Math.max(0, fluidC - boilingC);
    }
}
