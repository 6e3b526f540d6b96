package app.frenum.core.simulate;

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
 */
public record SimulatedCar(
        double massKg,
        double wheelbaseM,
        double centreOfGravityM,
        double staticFrontShare,
        double dragPerV2,
        AxleBrake front,
        AxleBrake rear,
        Hydraulics hydraulics) {

    public SimulatedCar with(Pad frontPad, Hydraulics otherHydraulics) {
        return new SimulatedCar(
                massKg,
                wheelbaseM,
                centreOfGravityM,
                staticFrontShare,
                dragPerV2,
                front.with(frontPad),
                rear,
                otherHydraulics);
    }
}
