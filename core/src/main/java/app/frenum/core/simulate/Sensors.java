package app.frenum.core.simulate;

/**
 * The logger on board: its rate, and how wrong its sensors are.
 *
 * @param rateHz rows per second
 * @param speedSd noise of speed, m/s
 * @param decelerationSd noise of deceleration, m/s²
 * @param decelerationOffset m/s²
 * @param pressureSd noise of line pressure, bar
 * @param frontPressureOffset bar
 * @param temperatureSd noise of disc temperature, °C
 * @param temperatureWanderSd how far its readings wander within some ten seconds, with gusts and the play of its contact, °C
 */
public record Sensors(
        double rateHz,
        double speedSd,
        double decelerationSd,
        double decelerationOffset,
        double pressureSd,
        double frontPressureOffset,
        double temperatureSd,
        double temperatureWanderSd) {
    public static final Sensors USUAL = new Sensors(100, 0.03, 0.12, 0.02, 0.15, 0.8, 0.5, 1.5);
}
