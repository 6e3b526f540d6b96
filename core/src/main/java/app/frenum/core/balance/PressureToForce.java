package app.frenum.core.balance;

/**
 * The way between the front share of line pressure and the front share of brake force. They are different things; who
 * knows pistons, radii and pads of both axles can tell one from the other.
 *
 * @param ratio brake force per bar in front over that behind, above 0
 */
public record PressureToForce(double ratio) {
    public PressureToForce {
        if (!(ratio > 0)) {
            throw new IllegalArgumentException("a bar must brake on both axles");
        }
    }

    /** By the front share of brake force at equal line pressures, between 0 and 1. */
    public static PressureToForce ofShareAtEqualPressures(double share) {
        return new PressureToForce(share / (1 - share));
    }

    /** {@code P·r/(P·r + 1 − P)}. */
    public double forceShare(double pressureShare) {
        return pressureShare * ratio / (pressureShare * ratio + 1 - pressureShare);
    }

    /** {@code φ/(φ + r·(1 − φ))}. */
    public double pressureShare(double forceShare) {
        return forceShare / (forceShare + ratio * (1 - forceShare));
    }
}
