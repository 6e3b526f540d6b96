package app.frenum.core.balance;

import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Unit;

/**
 * How the weight lies on the axles, and moves forward in braking.
 *
 * @param staticFrontShare of the weight at rest, 0 to 1
 * @param cgHeightM height of the centre of gravity, m
 * @param wheelbaseM m
 */
public record AxleLoads(double staticFrontShare, double cgHeightM, double wheelbaseM) {
    public AxleLoads {
        if (!(staticFrontShare > 0 && staticFrontShare < 1 && cgHeightM > 0 && wheelbaseM > 0)) {
            throw new IllegalArgumentException("the share must lie between 0 and 1, height and wheelbase above 0");
        }
    }

    private double shift() {
        return cgHeightM / wheelbaseM;
    }

    /** The front share of brake force that uses both axles' grip alike, {@code φ_static + z·h/L}. */
    public double idealShare(double decelerationMps2) {
        return staticFrontShare + decelerationMps2 / Unit.G * shift();
    }

    /**
     * At what deceleration the rear wheels leave the ground, {@code g·(1 − φ_static)·L/h}, m/s²: from there on the front
     * brakes alone, and no front share above 1 means anything. A short, high vehicle comes to it before its tyres slide.
     */
    public double rearLiftsMps2() {
        return Unit.G * (1 - staticFrontShare) / shift();
    }

    /** Which axle locks first, and at what deceleration. */
    public enum Axle {
        FRONT,
        REAR
    }

    /**
     * When wheels lock.
     *
     * @param frontG deceleration in g at which the front axle locks, or why it never does
     * @param rearG the same for the rear
     * @param first the axle that locks first
     * @param rearLifts whether the rear wheels leave the ground before anything locks
     * @param decelerationMps2 the vehicle's deceleration then
     */
    public record LockUp(Figure frontG, Figure rearG, Axle first, boolean rearLifts, double decelerationMps2) {}

    /**
     * Front z = {@code μ·φ_s/(φ − μh/L)}, rear z = {@code μ(1 − φ_s)/((1 − φ) + μh/L)}; the smaller is the vehicle's.
     *
     * @param brakeShare front share of brake force, 0 to 1
     * @param grip between tyre and lane, above 0
     */
    public LockUp lockUp(double brakeShare, double grip) {
        if (!(brakeShare >= 0 && brakeShare <= 1 && grip > 0)) {
            throw new IllegalArgumentException("the share must lie between 0 and 1, and grip above 0");
        }
        double moved = grip * shift();
        Figure front = brakeShare > moved
                ? Figure.of(grip * staticFrontShare / (brakeShare - moved))
                : Figure.unknown("the front never locks first: weight moves onto it faster than the brakes load it");
        double rear = grip * (1 - staticFrontShare) / (1 - brakeShare + moved);
        boolean frontFirst = front.isKnown() && front.value() < rear;
        double locks = Unit.G * (frontFirst ? front.value() : rear);
        return new LockUp(
                front,
                Figure.of(rear),
                frontFirst ? Axle.FRONT : Axle.REAR,
                // An axle without brakes comes to its end in lifting, not in locking.
                locks >= rearLiftsMps2() * (1 - 1e-9),
                Math.min(locks, rearLiftsMps2()));
    }
}
