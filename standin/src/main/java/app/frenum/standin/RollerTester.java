package app.frenum.standin;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Unit;
import java.time.Instant;
import java.util.Map;
import java.util.Objects;
import java.util.Random;

/** A roller brake tester in the shed: the force at each wheel, once for every set of parts. */
final class RollerTester {
    private static final Map<WheelPosition, Double> USUAL_N = Map.of(
            WheelPosition.FRONT_LEFT, 2950.0,
            WheelPosition.FRONT_RIGHT, 2840.0,
            WheelPosition.REAR_LEFT, 1620.0,
            WheelPosition.REAR_RIGHT, 1560.0);
    private static final double NOISE_N = 20;

    private final DeviceLink link;
    private final RehearsedCar car;
    private final Random random;
    private int tested = -1;

    RollerTester(DeviceLink link, RehearsedCar car, long seed) {
        this.link = link;
        this.car = car;
        random = new Random(seed);
    }

    /** Tests the car again when it has other parts. */
    void advance() {
        if (car.configuration() != tested) {
            tested = car.configuration();
            for (WheelPosition w : WheelPosition.values()) {
                double force = 10
                        * Math.rint((Objects.requireNonNull(USUAL_N.get(w)) * (1 + 0.08 * tested)
                                        + NOISE_N * random.nextGaussian())
                                / 10);
                link.send(new Reading(Instant.now(), "BRAKE_FORCE_" + w.name(), force, Unit.NEWTONS));
            }
        }
    }
}
