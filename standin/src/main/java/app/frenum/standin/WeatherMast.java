package app.frenum.standin;

import app.frenum.core.quantity.Unit;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;

/**
 * A made-up mast beside the lane: air, lane surface, wind along the lane and humidity, each wandering slowly about a
 * usual value (an Ornstein-Uhlenbeck process in steps). The same seed gives the same weather.
 */
final class WeatherMast {
    private static final double RETURNS_PER_MINUTE = 0.2;

    private final Random random;
    private final Wandering air = new Wandering(14, 0.25);
    private final Wandering track = new Wandering(22, 0.5);
    private final Wandering wind = new Wandering(1.2, 0.5);
    private final Wandering humidity = new Wandering(58, 0.8);

    WeatherMast(long seed) {
        random = new Random(seed);
    }

    /** What the mast shows after another stretch of time. */
    List<Reading> after(Duration stretch, Instant at) {
        double minutes = stretch.toMillis() / 60_000.0;
        return List.of(
                new Reading(at, "AIR_TEMPERATURE", tenths(air.step(minutes)), Unit.CELSIUS),
                new Reading(at, "TRACK_TEMPERATURE", tenths(track.step(minutes)), Unit.CELSIUS),
                new Reading(at, "WIND_ALONG_LANE", tenths(wind.step(minutes)), Unit.METRES_PER_SECOND),
                new Reading(
                        at, "HUMIDITY", Math.min(100, Math.max(0, Math.rint(humidity.step(minutes)))), Unit.PERCENT));
    }

    private static double tenths(double x) {
        return Math.round(x * 10) / 10.0;
    }

    /** One value that wanders and comes back. */
    private final class Wandering {
        private final double usual;
        private final double perRootMinute;
        private double now;

        Wandering(double usual, double perRootMinute) {
            this.usual = usual;
            this.perRootMinute = perRootMinute;
            now = usual;
        }

        double step(double minutes) {
            double back = Math.exp(-RETURNS_PER_MINUTE * minutes);
            now = usual + (now - usual) * back + perRootMinute * Math.sqrt(minutes) * random.nextGaussian();
            return now;
        }
    }
}
