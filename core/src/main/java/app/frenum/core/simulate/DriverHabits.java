package app.frenum.core.simulate;

/**
 * How a driver brakes, and how much it varies from run to run.
 *
 * @param pressureBar pressure aimed at
 * @param pressureSd its spread
 * @param rampS time in which the foot goes down
 * @param rampSd its spread
 * @param entrySd spread of entry speed, m/s
 */
public record DriverHabits(double pressureBar, double pressureSd, double rampS, double rampSd, double entrySd) {}
