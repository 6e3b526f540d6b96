package app.frenum.core.simulate;

import java.util.List;
import java.util.Random;

/** Laps of a circuit as the logger records them: flat out between the corners, on the brakes into each. */
public final class LapDrive {
    private static final double STEP_S = OnBoardLogger.STEP_S;
    private static final double ACCELERATION = 3.5;
    private static final double COASTING_S = 0.3;
    private static final double RAMP_S = 0.3;

    /** Spread from lap to lap of where the brake is pressed, m. */
    private static final double PLACE_SD_M = 4;

    private static final double STANDING_S = 3;

    private LapDrive() {}

    /**
     * One corner.
     *
     * @param brakeAtM after the last corner, where the brake is pressed
     * @param v2 speed at which it is let go, m/s
     * @param endM after the last corner, where this one ends
     * @param mps2 deceleration that the driver goes for
     */
    public record Corner(double brakeAtM, double v2, double endM, double mps2) {}

    /** Drives laps, handing each row to the recorder. */
    public static void drive(
            SimulatedCar simulated,
            LaneConditions lane,
            Sensors sensors,
            double discStartC,
            List<Corner> lap,
            int laps,
            long seed,
            TestDrive.Recorder recorder) {
        Random random = new Random(seed);
        CarMotion car = new CarMotion(simulated, lane, discStartC);
        OnBoardLogger logger = new OnBoardLogger(sensors, random, recorder);
        Driven driven = new Driven(car, logger);
        driven.stand(STANDING_S);
        for (int i = 0; i < laps; i++) {
            for (Corner c : lap) {
                driven.corner(c, PLACE_SD_M * random.nextGaussian());
            }
        }
    }

    /** The car, and how far it went since the last corner. */
    private static final class Driven {
        private final CarMotion car;
        private final OnBoardLogger logger;
        private double wentM;

        Driven(CarMotion car, OnBoardLogger logger) {
            this.car = car;
            this.logger = logger;
        }

        void stand(double seconds) {
            for (double t = 0; t < seconds; t += STEP_S) {
                step(0, 0);
            }
        }

        void corner(Corner c, double lateM) {
            wentM = 0;
            while (wentM < c.brakeAtM() + lateM) {
                step(0, ACCELERATION + car.resistance());
            }
            for (double t = 0; t < COASTING_S; t += STEP_S) {
                step(0, 0);
            }
            for (double t = 0; car.speed > c.v2(); t += STEP_S) {
                step(Math.min(1, t / RAMP_S) * car.barFor(c.mps2()), 0);
            }
            while (wentM < c.endM()) {
                step(0, car.resistance() + 0.8 * (c.v2() - car.speed));
            }
        }

        private void step(double bar, double drive) {
            car.step(bar, drive, STEP_S);
            logger.see(car);
            wentM += car.speed * STEP_S;
        }
    }
}
