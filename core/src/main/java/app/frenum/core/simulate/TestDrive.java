package app.frenum.core.simulate;

import app.frenum.core.log.Channel;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.quantity.Unit;
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

    private static final double STEP_S = 0.0025;
    private static final double ACCELERATION = 2.4;
    private static final double COASTING_S = 0.6;
    private static final double SETTLING_S = 2.2;
    private static final double COOLING_LAP_MPS = 13;
    private static final double STANDING_S = 3;
    private static final double SWITCH_AT_BAR = 0.4;

    private final CarMotion car;
    private final DriverHabits driver;
    private final Sensors sensors;
    private final Random random;
    private final Recorder recorder;
    private long steps;
    private long nextRow;
    private double vibration;

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
        this.sensors = sensors;
        this.random = new Random(seed);
        this.recorder = recorder;
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
        List<double[]> rows = new ArrayList<>();
        List<Double> times = new ArrayList<>();
        drive(car, lane, driver, sensors, discStartC, approaches, seed, (t, row) -> {
            times.add(t);
            rows.add(row.clone());
        });
        double[][] columns = new double[channels().size()][rows.size()];
        for (int r = 0; r < rows.size(); r++) {
            for (int c = 0; c < columns.length; c++) {
                columns[c][r] = rows.get(r)[c];
            }
        }
        return new MemoryLog(
                channels(), times.stream().mapToDouble(Double::doubleValue).toArray(), columns);
    }

    /** What is recorded. */
    public static List<Channel> channels() {
        return List.of(
                new Channel("speed", Role.SPEED, Unit.KILOMETRES_PER_HOUR),
                new Channel("deceleration", Role.DECELERATION, Unit.METRES_PER_SECOND_SQUARED),
                new Channel("pressure front", Role.PRESSURE_FRONT, Unit.BAR),
                new Channel("pressure rear", Role.PRESSURE_REAR, Unit.BAR),
                new Channel("brake switch", Role.BRAKE_SWITCH, Unit.ONE),
                new Channel("pedal travel", Role.PEDAL_TRAVEL, Unit.MILLIMETRES),
                new Channel("wheel speed front left", Role.WHEEL_SPEED_FRONT_LEFT, Unit.KILOMETRES_PER_HOUR),
                new Channel("wheel speed front right", Role.WHEEL_SPEED_FRONT_RIGHT, Unit.KILOMETRES_PER_HOUR),
                new Channel("wheel speed rear left", Role.WHEEL_SPEED_REAR_LEFT, Unit.KILOMETRES_PER_HOUR),
                new Channel("wheel speed rear right", Role.WHEEL_SPEED_REAR_RIGHT, Unit.KILOMETRES_PER_HOUR),
                new Channel("disc temperature front left", Role.DISC_TEMPERATURE_FRONT_LEFT, Unit.CELSIUS),
                new Channel("disc temperature front right", Role.DISC_TEMPERATURE_FRONT_RIGHT, Unit.CELSIUS),
                new Channel("disc temperature rear left", Role.DISC_TEMPERATURE_REAR_LEFT, Unit.CELSIUS),
                new Channel("disc temperature rear right", Role.DISC_TEMPERATURE_REAR_RIGHT, Unit.CELSIUS));
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
            step(Math.min(1, t / ramp) * aim * emphasis(approach.event(), t), 0);
        }
    }

    private static double emphasis(Approach.Event event, double t) {
        return switch (event) {
            case NONE -> 1;
            case LOCK -> t > 0.4 && t < 0.85 ? 1.5 : 0.95;
            case LIFT -> t > 1.2 && t < 1.8 ? 0.45 : 1;
            case EARLY -> t < 1.0 ? 0.25 : 1;
        };
    }

    private void step(double askedBar, double drive) {
        car.step(askedBar, drive, STEP_S);
        long rowEvery = Math.round(1 / (sensors.rateHz() * STEP_S));
        if (steps++ == nextRow) {
            nextRow += rowEvery;
            record();
        }
    }

    private void record() {
        double t = Math.round((steps - 1) * STEP_S * 1e4) / 1e4;
        vibration = 0.7 * vibration + random.nextGaussian() * sensors.decelerationSd();
        double shake = car.speed > 0.1 ? vibration : 0.1 * vibration;
        double[] row = new double[14];
        row[0] = decimals(Math.max(0, car.speed * 3.6 + noise(sensors.speedSd() * 3.6)), 100);
        row[1] = decimals(car.slowing + shake + sensors.decelerationOffset(), 1000);
        row[2] = decimals(car.frontBar + sensors.frontPressureOffset() + noise(sensors.pressureSd()), 100);
        row[3] = decimals(car.rearBar() + noise(sensors.pressureSd()), 100);
        row[4] = car.frontBar > SWITCH_AT_BAR ? 1 : 0;
        row[5] = decimals(car.travelMm() + noise(0.05), 100);
        for (int w = 0; w < 4; w++) {
            row[6 + w] = decimals(Math.max(0, car.wheels[w] * 3.6 + (car.wheels[w] > 0.2 ? noise(0.1) : 0)), 100);
            row[10 + w] = decimals(car.discs[w] + noise(sensors.temperatureSd()), 10);
        }
        recorder.row(t, row);
    }

    private double noise(double sd) {
        return sd * random.nextGaussian();
    }

    /** What a logger prints: whole multiples of 1/steps. */
    private static double decimals(double x, double steps) {
        return Math.round(x * steps) / steps;
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
