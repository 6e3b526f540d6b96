package app.frenum.core.simulate;

import app.frenum.core.log.Channel;
import app.frenum.core.log.Role;
import app.frenum.core.quantity.Unit;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/** What is recorded on board: the car's motion through sensors with noise, offsets and a logger's last digit. */
final class OnBoardLogger {
    static final double STEP_S = 0.0025;
    private static final double SWITCH_AT_BAR = 0.4;
    /** Of a wandering temperature, from one row to the next at 100 Hz: it is forgotten within some 15 s. */
    private static final double STAYS_PER_ROW = Math.exp(-0.01 / 15);

    static final List<Channel> CHANNELS = List.of(
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

    private final Sensors sensors;
    private final Random random;
    private final TestDrive.Recorder recorder;
    private long steps;
    private long nextRow;
    private double vibration;
    private final double[] wander = new double[4];
    private @Nullable Random gusts;

    OnBoardLogger(Sensors sensors, Random random, TestDrive.Recorder recorder) {
        this.sensors = sensors;
        this.random = random;
        this.recorder = recorder;
    }

    /** Time since recording began, s. */
    double timeS() {
        return steps * STEP_S;
    }

    /** Sees the car after another step, and records it when a row is due. */
    void see(CarMotion car) {
        long rowEvery = Math.round(1 / (sensors.rateHz() * STEP_S));
        if (steps++ == nextRow) {
            nextRow += rowEvery;
            record(car);
        }
    }

    private void record(CarMotion car) {
        double t = Math.round((steps - 1) * STEP_S * 1e4) / 1e4;
        vibration = 0.7 * vibration + random.nextGaussian() * sensors.decelerationSd();
        double shake = car.speed > 0.1 ? vibration : 0.1 * vibration;
        double[] row = new double[CHANNELS.size()];
        row[0] = decimals(Math.max(0, car.speed * 3.6 + noise(sensors.speedSd() * 3.6)), 100);
        row[1] = decimals(car.slowing + shake + sensors.decelerationOffset(), 1000);
        row[2] = decimals(car.frontLineBar() + sensors.frontPressureOffset() + noise(sensors.pressureSd()), 100);
        row[3] = decimals(car.rearBar() + noise(sensors.pressureSd()), 100);
        row[4] = car.frontBar > SWITCH_AT_BAR ? 1 : 0;
        row[5] = decimals(car.travelMm() + noise(0.05), 100);
        if (gusts == null) {
            // Their own, so that they move no other figure; other in each log.
            gusts = new Random(Double.doubleToLongBits(row[1]));
        }
        for (int w = 0; w < 4; w++) {
            row[6 + w] = decimals(Math.max(0, car.wheels[w] * 3.6 + (car.wheels[w] > 0.2 ? noise(0.1) : 0)), 100);
            wander[w] = STAYS_PER_ROW * wander[w]
                    + sensors.temperatureWanderSd()
                            * Math.sqrt(1 - STAYS_PER_ROW * STAYS_PER_ROW)
                            * gusts.nextGaussian();
            row[10 + w] = decimals(car.discs[w] + wander[w] + noise(sensors.temperatureSd()), 10);
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
}
