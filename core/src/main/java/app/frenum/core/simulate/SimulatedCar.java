package app.frenum.core.simulate;

import app.frenum.core.procedure.BrakeSystem;

/**
 * A two-axle car, without anti-lock.
 *
 * @param massKg as driven
 * @param wheelbaseM between the axles
 * @param centreOfGravityM its height
 * @param staticFrontShare of the weight, at rest
 * @param dragPerV2 air drag, N per (m/s)²
 * @param front front brakes
 * @param rear rear brakes
 * @param hydraulics between pedal and callipers
 * @param works which part of the brakes works
 */
public record SimulatedCar(
        double massKg,
        double wheelbaseM,
        double centreOfGravityM,
        double staticFrontShare,
        double dragPerV2,
        AxleBrake front,
        AxleBrake rear,
        Hydraulics hydraulics,
        BrakeSystem works) {

    /** With all of its brakes. */
    public SimulatedCar(
            double massKg,
            double wheelbaseM,
            double centreOfGravityM,
            double staticFrontShare,
            double dragPerV2,
            AxleBrake front,
            AxleBrake rear,
            Hydraulics hydraulics) {
        this(
                massKg,
                wheelbaseM,
                centreOfGravityM,
                staticFrontShare,
                dragPerV2,
                front,
                rear,
                hydraulics,
                BrakeSystem.WHOLE);
    }

    /** The same with some of its brakes, or without assist. */
    public SimulatedCar with(BrakeSystem works) {
        return new SimulatedCar(
                massKg, wheelbaseM, centreOfGravityM, staticFrontShare, dragPerV2, front, rear, hydraulics, works);
    }

    public SimulatedCar with(Pad frontPad, Hydraulics otherHydraulics) {
        return new SimulatedCar(
                massKg,
                wheelbaseM,
                centreOfGravityM,
                staticFrontShare,
                dragPerV2,
                front.with(frontPad),
                rear,
                otherHydraulics,
                works);
    }
}
