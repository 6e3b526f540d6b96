package app.frenum.core.simulate;

import java.util.Objects;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * A car that is driven while somebody watches: it stands, rolls to cool, and makes a run when it is told to, as far as
 * time is let go on. What it records is as in {@link TestDrive}. Deterministic for the same calls.
 */
public final class RehearsalCar {
    private static final double STEP_S = OnBoardLogger.STEP_S;
    private static final double ACCELERATION = 2.4;
    private static final double LIFTED = -0.8;
    private static final double COOLING_LAP_MPS = 13;
    private static final double SETTLING_S = 2.2;
    private static final double COASTING_S = 0.6;
    private static final double STANDING_S = 8;
    private static final double HOLDING_S = 0.8;
    private static final double PARKING_BAR = 6;
    /** Nearer to the asked speed than this the driver holds it, m/s. */
    private static final double HELD_MPS = 0.03;
    /** A driver holds a slow speed closer than a fast one: at most this share of it from run to run. */
    private static final double ENTRY_SHARE = 0.008;

    /** What the driver is doing. */
    private enum Doing {
        STANDING,
        COOLING,
        RUN_UP,
        SETTLING,
        COASTING,
        BRAKING,
        PARKING
    }

    private LaneConditions lane;
    private final DriverHabits driver;
    private final Random random;
    private final OnBoardLogger logger;
    private CarMotion car;
    private Doing doing = Doing.STANDING;
    private double since;
    private double from;
    private @Nullable Approach approach;
    private double entry;
    private double aim;
    private double ramp;
    private double rolledM;
    private boolean waits;

    public RehearsalCar(
            SimulatedCar car,
            LaneConditions lane,
            DriverHabits driver,
            Sensors sensors,
            double discC,
            long seed,
            TestDrive.Recorder recorder) {
        this.car = new CarMotion(car, lane, discC);
        this.lane = lane;
        this.driver = driver;
        random = new Random(seed);
        logger = new OnBoardLogger(sensors, random, recorder);
    }

    /** Time since recording began, s. */
    public double timeS() {
        return logger.timeS();
    }

    /** Whether a run is under way. */
    public boolean isUnderWay() {
        return doing == Doing.RUN_UP || doing == Doing.SETTLING || doing == Doing.COASTING || doing == Doing.BRAKING;
    }

    /** Whether it stands. */
    public boolean stands() {
        return doing == Doing.STANDING;
    }

    /** Disc temperatures in the order of {@link app.frenum.core.log.WheelPosition}, °C. */
    public double[] discsC() {
        return car.discs.clone();
    }

    /** Takes the car to the start and begins a run. */
    public void run(Approach wanted) {
        approach = wanted;
        double spread = Math.min(driver.entrySd(), ENTRY_SHARE * wanted.entryMps());
        // What rolling and air take while the foot changes over is added before.
        entry = wanted.entryMps() + COASTING_S / 2 * car.resistance() + spread * random.nextGaussian();
        double wrong = driver.pressureSd() / driver.pressureBar() * random.nextGaussian();
        aim = (1 + wrong) * (wanted.heldMps2() > 0 ? car.barFor(wanted.heldMps2()) : driver.pressureBar());
        ramp = Math.max(0.05, driver.rampS() + driver.rampSd() * random.nextGaussian());
        from = car.speed;
        begin(Doing.RUN_UP);
    }

    /** Gives a run up before it brakes. */
    public void giveUp() {
        if (isUnderWay() && doing != Doing.BRAKING) {
            begin(Doing.COOLING);
        }
    }

    /** Brings it to rest gently and leaves it standing. */
    public void park() {
        if (!isUnderWay() && !stands()) {
            begin(Doing.PARKING);
        }
    }

    /** Whether it stands until its next run, because the way to that counts from its last rest. */
    public void waitAtRest(boolean asked) {
        waits = asked;
    }

    /** The surface that it is driven on from now on. */
    public void on(LaneConditions other) {
        if (!other.equals(lane)) {
            lane = other;
            become(car.car());
        }
    }

    /** Other parts, which are at the temperature of the air. */
    public void fit(SimulatedCar other) {
        car = new CarMotion(other, lane, lane.ambientC() + 14);
        begin(Doing.STANDING);
    }

    /** The same car in another state, its discs as hot as they are: pads that fade, fluid that boils. */
    public void become(SimulatedCar other) {
        CarMotion changed = new CarMotion(other, lane, lane.ambientC());
        changed.speed = car.speed;
        changed.discs = car.discs.clone();
        car = changed;
    }

    /** Lets time go on. */
    public void advance(double seconds) {
        for (double t = 0; t < seconds; t += STEP_S) {
            step();
            // From its last rest, also where it drives off at once.
            rolledM = car.speed > 0 ? rolledM + car.speed * STEP_S : 0;
            since += STEP_S;
            logger.see(car);
        }
    }

    private void begin(Doing next) {
        doing = next;
        since = 0;
    }

    private void step() {
        switch (doing) {
            case STANDING -> {
                car.step(0, 0, STEP_S);
                if (since > STANDING_S && isHot() && !waits) {
                    begin(Doing.COOLING);
                }
            }
            case COOLING -> hold(COOLING_LAP_MPS);
            case RUN_UP -> runUp();
            case SETTLING -> {
                hold(entry);
                boolean holds = since > SETTLING_S && Math.abs(car.speed - entry) < HELD_MPS;
                next(holds && rolledM >= Objects.requireNonNull(approach).rolledM(), Doing.COASTING);
            }
            case COASTING -> {
                car.step(0, Math.max(0, 1 - since / 0.3) * car.resistance(), STEP_S);
                next(since > COASTING_S, Doing.BRAKING);
            }
            case BRAKING -> brake();
            case PARKING -> {
                car.step(PARKING_BAR, 0, STEP_S);
                next(car.speed <= 0, Doing.STANDING);
            }
        }
    }

    private void next(boolean now, Doing other) {
        if (now) {
            begin(other);
        }
    }

    private boolean isHot() {
        return car.discs[0] > lane.ambientC() + 25;
    }

    private void runUp() {
        double eased = Math.min(1, 0.15 + Math.abs(car.speed - from) / 2);
        car.step(0, ACCELERATION * Math.min(eased, 0.15 + (entry - car.speed)) + car.resistance(), STEP_S);
        next(car.speed >= entry, Doing.SETTLING);
    }

    private void hold(double speed) {
        car.step(0, Math.max(LIFTED, Math.min(ACCELERATION, 0.8 * (speed - car.speed))) + car.resistance(), STEP_S);
    }

    private void brake() {
        Approach approach = Objects.requireNonNull(this.approach, "it brakes only on an approach");
        boolean over = car.speed <= approach.releaseMps();
        if (!over) {
            car.step(Math.min(1, since / ramp) * aim * approach.event().emphasis(since), 0, STEP_S);
            from = since;
        } else if (approach.releaseMps() > 0) {
            begin(Doing.COOLING);
        } else {
            // The foot stays on for a moment once the car stands.
            car.step(since - from < HOLDING_S ? aim : 0, 0, STEP_S);
            next(since - from > 2 * HOLDING_S, Doing.STANDING);
        }
    }
}
