package app.frenum.core.stop;

import app.frenum.core.log.Signal;
import app.frenum.core.log.SpeedSource;

/**
 * The distance of one braking from the accelerometer alone, started and ended at the logged speeds: what pitch, slope and
 * offset add to the sensor is spread evenly, so that only a speed that was wrong in between makes the two distances differ.
 */
final class AccelerometerDistance {
    private static final double ALLOWED_SHARE = 0.03;

    private AccelerometerDistance() {}

    /** Share of the logged distance beyond which speed was held, lost or filtered meanwhile. */
    static double allowedShare(SpeedSource source) {
        return ALLOWED_SHARE + source.brakeSlip() + 2 * source.brakeSlipUncertainty();
    }

    /** Accelerometer's less logged distance, as a share of that; 0 where no sensor was logged. */
    static double difference(OneBraking b) {
        double from = b.onset();
        double to = b.end();
        if (!b.drive().hasDecelerationSensor() || !(to > from)) {
            return 0;
        }
        Signal speed = b.drive().speed();
        Signal slowing = b.drive().rawDeceleration().between(from, to);
        double rest = slowing.integral(from, to) - (speed.at(from) - speed.at(to));
        double perSecond = rest / (to - from);
        double v = speed.at(from);
        double distance = 0;
        for (int i = 1; i < slowing.size(); i++) {
            double dt = slowing.t()[i] - slowing.t()[i - 1];
            double next = v - ((slowing.v()[i] + slowing.v()[i - 1]) / 2 - perSecond) * dt;
            distance += (v + next) / 2 * dt;
            v = next;
        }
        double logged = speed.integral(from, to);
        return logged > 0 ? distance / logged - 1 : 0;
    }
}
