package app.frenum.standin;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Unit;
import java.time.Instant;
import java.util.Optional;
import java.util.Random;

/** Somebody who walks round the car with a thermometer gun whenever it stands, front first, one disc after another. */
final class ThermometerGun {
    private static final double AFTER_REST_S = 3;
    private static final double PER_DISC_S = 1.2;
    private static final double NOISE_C = 3;

    private final DeviceLink link;
    private final RehearsedCar car;
    private final Random random;
    private double stoodS;
    private int read;

    ThermometerGun(DeviceLink link, RehearsedCar car, long seed) {
        this.link = link;
        this.car = car;
        random = new Random(seed);
    }

    /** Lets wall time go on. */
    void advance(double seconds) {
        Optional<double[]> discs = car.discsAtRest();
        if (discs.isEmpty()) {
            stoodS = 0;
            read = 0;
            return;
        }
        stoodS += seconds * car.rate();
        WheelPosition[] wheels = WheelPosition.values();
        while (read < wheels.length && stoodS >= AFTER_REST_S + read * PER_DISC_S) {
            double celsius = Math.rint(discs.get()[read] + NOISE_C * random.nextGaussian());
            link.send(new Reading(Instant.now(), "DISC_TEMPERATURE_" + wheels[read].name(), celsius, Unit.CELSIUS));
            read++;
        }
    }
}
