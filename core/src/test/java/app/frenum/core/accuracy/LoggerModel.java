package app.frenum.core.accuracy;

import app.frenum.core.log.Channel;
import app.frenum.core.log.MemoryLog;
import app.frenum.core.log.Role;
import app.frenum.core.quantity.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;

/** What a logger makes of a drive: every channel with a rate, a clock, a scale, a filter and faults of its own. */
final class LoggerModel {
    /** Rows per second; slower channels leave cells empty. */
    double rowHz = 100;

    private final List<Sensor> sensors = new ArrayList<>();

    /** One channel and its troubles. */
    static final class Sensor {
        final String name;
        final Role role;
        final Unit unit;
        double rateHz = 100;
        /** Its clock, s: above 0 it reports late. */
        double latencyS;
        /** First-order filter in the sensor, s. */
        double filterS;

        double scale = 1;
        double offset;
        double noise;
        double resolution;
        /** Within an application, s after the foot: the value of before is held, or it is zero. */
        double faultFromS = Double.NaN;

        double faultForS;
        boolean zeroed;

        Sensor(String name, Role role, Unit unit) {
            this.name = name;
            this.role = role;
            this.unit = unit;
        }

        Sensor rate(double hz) {
            rateHz = hz;
            return this;
        }

        Sensor late(double seconds) {
            latencyS = seconds;
            return this;
        }

        Sensor filtered(double seconds) {
            filterS = seconds;
            return this;
        }

        Sensor scaled(double factor) {
            scale = factor;
            return this;
        }

        Sensor noisy(double sd, double step) {
            noise = sd;
            resolution = step;
            return this;
        }

        Sensor offset(double value) {
            offset = value;
            return this;
        }

        Sensor fault(double fromS, double forS, boolean zero) {
            faultFromS = fromS;
            faultForS = forS;
            zeroed = zero;
            return this;
        }
    }

    Sensor speed(String name) {
        return add(new Sensor(name, Role.SPEED, Unit.METRES_PER_SECOND).noisy(0.03, 0.01));
    }

    Sensor pressure() {
        return add(new Sensor("brake pressure front", Role.PRESSURE_FRONT, Unit.BAR)
                .noisy(0.08, 0.01)
                .offset(0.4));
    }

    Sensor accelerometer() {
        return add(new Sensor("longitudinal acceleration", Role.ACCELERATION, Unit.METRES_PER_SECOND_SQUARED)
                .noisy(0.15, 0.01)
                .offset(0.05));
    }

    Sensor brakeSwitch() {
        return add(new Sensor("brake switch", Role.BRAKE_SWITCH, Unit.ONE));
    }

    List<Sensor> wheels() {
        List<Sensor> four = new ArrayList<>();
        for (Role role : Role.values()) {
            if (role.isWheelSpeed()) {
                four.add(add(new Sensor(role.name(), role, Unit.METRES_PER_SECOND).noisy(0.04, 0.01)));
            }
        }
        return four;
    }

    private Sensor add(Sensor sensor) {
        sensors.add(sensor);
        return sensor;
    }

    MemoryLog record(TestCar car) {
        Random random = new Random(car.random.nextLong());
        int n = (int) (car.durationS() * rowHz) - 1;
        double[] t = new double[n];
        double[][] samples = new double[sensors.size()][n];
        for (int i = 0; i < n; i++) {
            t[i] = i / rowHz;
        }
        for (int c = 0; c < samples.length; c++) {
            fill(samples[c], sensors.get(c), car, random);
        }
        List<Channel> channels =
                sensors.stream().map(s -> new Channel(s.name, s.role, s.unit)).toList();
        return new MemoryLog(channels, t, samples);
    }

    private void fill(double[] into, Sensor s, TestCar car, Random random) {
        DoubleUnaryOperator truth = reader(s, car);
        int every = (int) Math.max(1, Math.round(rowHz / s.rateHz));
        double filtered = truth.applyAsDouble(0);
        double last = filtered;
        double phase = Math.floor(random.nextDouble() * every);
        int fine = (int) Math.round(1 / (rowHz * TestCar.STEP_S));
        for (int i = 0; i < into.length; i++) {
            for (int k = 0; k < (s.filterS > 0 ? fine : 1); k++) {
                double now = truth.applyAsDouble(i / rowHz + k * TestCar.STEP_S - s.latencyS);
                filtered = s.filterS > 0 ? filtered + (now - filtered) * TestCar.STEP_S / s.filterS : now;
                if (k == 0) {
                    last = i % every == phase && !isFaulty(s, car, i / rowHz) ? filtered : last;
                }
            }
            if (i % every != phase) {
                into[i] = Double.NaN;
                continue;
            }
            boolean faulty = isFaulty(s, car, i / rowHz);
            double fresh = last * s.scale + s.offset + (faulty ? 0 : s.noise * random.nextGaussian());
            double value =
                    faulty && s.zeroed ? 0 : s.role == Role.SPEED || s.role.isWheelSpeed() ? Math.max(0, fresh) : fresh;
            into[i] = s.resolution > 0 ? Math.round(value / s.resolution) * s.resolution : value;
        }
    }

    private static boolean isFaulty(Sensor s, TestCar car, double t) {
        return !Double.isNaN(s.faultFromS)
                && car.events.stream()
                        .anyMatch(e -> t >= e.footS() + s.faultFromS && t < e.footS() + s.faultFromS + s.faultForS);
    }

    private static DoubleUnaryOperator reader(Sensor s, TestCar car) {
        if (s.role.isWheelSpeed()) {
            return car::wheel;
        }
        return switch (s.role) {
            case SPEED -> s.name.startsWith("wheel") ? car::wheel : car::speed;
            case PRESSURE_FRONT -> t -> 5.5 * car.pressure(t);
            case ACCELERATION -> t -> -car.felt(t);
            case BRAKE_SWITCH -> t -> car.pedal(t) ? 1 : 0;
            default -> throw new IllegalArgumentException(s.role.name());
        };
    }
}
