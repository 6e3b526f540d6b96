package app.frenum.core.simulate;

import app.frenum.core.log.Channel;
import app.frenum.core.log.MemoryLog;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/**
 * A whole test drive as its logger records it: warm-up laps, approaches, stops and waits. Deterministic: the same
 * arguments and seed give the same rows, bit for bit. Not a model of any real car; good enough that stops, fade
 * and cooling look and compute like real ones.
 */
public final class TestDrive {
    /** Takes the rows as they are recorded, in the units of {@link #channels()}. */
    @FunctionalInterface
    public interface Recorder {
        void row(double timeS, double[] values);
    }

    private static final double STEP_S = OnBoardLogger.STEP_S;
    private static final double ACCELERATION = 2.4;
    private static final double COASTING_S = 0.6;
    private static final double SETTLING_S = 2.2;
    private static final double COOLING_LAP_MPS = 13;
    private static final double STANDING_S = 3;

    private final CarMotion car;
    private final DriverHabits driver;
    private final Random random;
    private final OnBoardLogger logger;

    private TestDrive(
            SimulatedCar car,
            LaneConditions lane,
            DriverHabits driver,
            Sensors sensors,
            double discStartC,
            long seed,
            Recorder recorder) {
        this.car = new CarMotion(car, lane, discStartC);
        this.driver = driver;
        this.random = new Random(seed);
        this.logger = new OnBoardLogger(sensors, random, recorder);
    }

    /** Drives all approaches in order, handing each row to the recorder. */
    public static void drive(
            SimulatedCar car,
            LaneConditions lane,
            DriverHabits driver,
            Sensors sensors,
            double discStartC,
            List<Approach> approaches,
            long seed,
            Recorder recorder) {
        TestDrive drive = new TestDrive(car, lane, driver, sensors, discStartC, seed, recorder);
        drive.stand();
        approaches.forEach(drive::run);
    }

    /** The same, kept in memory. */
    public static MemoryLog log(
            SimulatedCar car,
            LaneConditions lane,
            DriverHabits driver,
            Sensors sensors,
            double discStartC,
            List<Approach> approaches,
            long seed) {
        RowKeeper rows = new RowKeeper();
        drive(car, lane, driver, sensors, discStartC, approaches, seed, rows);
        return rows.log();
    }

    /** What is recorded. */
    public static List<Channel> channels() {
        return OnBoardLogger.CHANNELS;
    }

    private void run(Approach approach) {
        cool(approach.coolingS());
        double entry = approach.entryMps() + driver.entrySd() * random.nextGaussian();
        accelerateTo(entry);
        hold(entry, SETTLING_S);
        coast(COASTING_S);
        brake(approach);
        stand();
    }

    private void cool(double seconds) {
        if (seconds <= 0) {
            return;
        }
        accelerateTo(COOLING_LAP_MPS);
        hold(COOLING_LAP_MPS, seconds);
        while (car.speed > 0) {
            step(6, 0);
        }
        stand();
    }

    private void stand() {
        for (double t = 0; t < STANDING_S; t += STEP_S) {
            step(0, 0);
        }
    }

    private void accelerateTo(double speed) {
        double from = car.speed;
        while (car.speed < speed) {
            double eased = Math.min(1, 0.15 + Math.abs(car.speed - from) / 2);
            step(0, ACCELERATION * Math.min(eased, 0.15 + (speed - car.speed)) + car.resistance());
        }
    }

    private void hold(double speed, double seconds) {
        for (double t = 0; t < seconds; t += STEP_S) {
            step(0, car.resistance() + 0.8 * (speed - car.speed));
        }
    }

    private void coast(double seconds) {
        for (double t = 0; t < seconds; t += STEP_S) {
            double eased = Math.max(0, 1 - t / 0.3);
            step(0, eased * car.resistance());
        }
    }

    private void brake(Approach approach) {
        double aim = driver.pressureBar() + driver.pressureSd() * random.nextGaussian();
        double ramp = Math.max(0.05, driver.rampS() + driver.rampSd() * random.nextGaussian());
        for (double t = 0; car.speed > approach.releaseMps(); t += STEP_S) {
            step(Math.min(1, t / ramp) * aim * approach.event().emphasis(t), 0);
        }
    }

    private void step(double askedBar, double drive) {
        car.step(askedBar, drive, STEP_S);
        logger.see(car);
    }

    /** Channel names with units, as a logger writes its header. */
    public static List<String> header() {
        List<String> names = new ArrayList<>(List.of("time [s]"));
        channels()
                .forEach(c -> names.add(
                        c.role().isSwitch()
                                ? c.name()
                                : "%s [%s]".formatted(c.name(), c.unit().symbol())));
        return names;
    }

    /** As many equal approaches. */
    public static List<Approach> repeated(int n, Approach approach) {
        Approach[] all = new Approach[n];
        Arrays.fill(all, approach);
        return List.of(all);
    }
}
