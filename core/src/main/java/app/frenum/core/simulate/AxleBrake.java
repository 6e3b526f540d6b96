package app.frenum.core.simulate;

/**
 * The brakes of one axle.
 *
 * @param pad what grips
 * @param newtonPerBar brake force of the axle at the tyre per bar of line pressure and unit of friction
 * @param discMassKg one disc
 * @param coolingStillPerS 1/τ at standstill, c0
 * @param coolingMovingPerS rise of 1/τ with speed to the power 0.8, c1
 */
public record AxleBrake(
        Pad pad, double newtonPerBar, double discMassKg, double coolingStillPerS, double coolingMovingPerS) {
    /** Grey iron, J/(kg·K). */
    private static final double HEAT_CAPACITY = 500;
    /** Share of the work that goes into the disc; the rest heats the pad. */
    private static final double INTO_DISC = 0.95;

    public AxleBrake with(Pad otherPad) {
        return new AxleBrake(otherPad, newtonPerBar, discMassKg, coolingStillPerS, coolingMovingPerS);
    }

    double force(double pressureBar, double discC) {
        return pressureBar * newtonPerBar * pad.at(discC);
    }

    /** Disc temperature after a step in which the axle's brakes did {@code workJ} between two discs. */
    double temperatureAfter(double discC, double ambientC, double workJ, double speed, double dt) {
        double perS = coolingStillPerS + coolingMovingPerS * Math.pow(Math.max(0, speed), 0.8);
        return discC + workJ / 2 * INTO_DISC / (discMassKg * HEAT_CAPACITY) - (discC - ambientC) * perS * dt;
    }
}
