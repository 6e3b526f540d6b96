package app.frenum.core.simulate;

import app.frenum.core.log.MemoryLog;

/** A rehearsal car with what it has recorded so far, for tests that look at a log while it grows. */
public final class Rehearsal {
    private static final AxleBrake FRONT = new AxleBrake(new Pad(0.40, 0, 60, 300, 0.002), 360, 7, 1 / 400.0, 0.0004);
    private static final AxleBrake REAR = new AxleBrake(new Pad(0.38, 0, 60, 400, 0.001), 160, 5, 1 / 400.0, 0.0004);
    public static final SimulatedCar CAR =
            new SimulatedCar(1500, 2.6, 0.55, 0.56, 0.4, FRONT, REAR, new Hydraulics(0.06, 35, 0.35, 20, 0.3, 200));
    public static final LaneConditions LANE = new LaneConditions(1.0, 0.75, 0, 15);

    private final RowKeeper rows = new RowKeeper();
    public final RehearsalCar car;

    public Rehearsal(double discC, long seed) {
        car = new RehearsalCar(CAR, LANE, new DriverHabits(55, 0.5, 0.25, 0.02, 0.1), Sensors.USUAL, discC, seed, rows);
    }

    /** Drives until the run that was begun is over. */
    public Rehearsal untilOver() {
        while (car.isUnderWay()) {
            car.advance(0.1);
        }
        return this;
    }

    public MemoryLog log() {
        return rows.log();
    }
}
