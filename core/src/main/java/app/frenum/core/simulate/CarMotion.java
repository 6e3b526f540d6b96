package app.frenum.core.simulate;

import static app.frenum.core.quantity.Unit.G;

import app.frenum.core.procedure.BrakeSystem;

/**
 * The car in motion: speed, wheels, pressures and disc temperatures, stepped in time. Longitudinal only; an axle
 * locks when its brake force exceeds grip times its momentary load, and its wheels then drag at sliding grip.
 */
final class CarMotion {
    private static final double ROLLING = 0.012;
    private static final double WHEEL_STOPS_S = 0.06;
    private static final double SLIP_AT_LIMIT = 0.06;
    /** A rear disc runs this much of the front's side-to-side difference hotter on the right. */
    private static final double RIGHT_RUNS_HOTTER = 1.04;
    /** Of the pressure that the same foot makes with assist. */
    private static final double UNASSISTED = 0.45;

    private final SimulatedCar car;
    private final LaneConditions lane;
    double speed;
    double slowing;
    double frontBar;
    double[] wheels = new double[4];
    double[] discs;

    CarMotion(SimulatedCar car, LaneConditions lane, double discStartC) {
        this.car = car;
        this.lane = lane;
        discs = new double[] {discStartC, discStartC + 2, discStartC - 12, discStartC - 11};
    }

    SimulatedCar car() {
        return car;
    }

    /** Rolling, air and grade alone, m/s²: what the engine must make up to hold a speed. */
    double resistance() {
        double m = car.massKg();
        return (speed > 0 ? ROLLING * G + car.dragPerV2() * speed * speed / m : 0) + G * lane.grade();
    }

    /** Front line pressure that slows the car by so much at its discs' temperatures, bar. */
    double barFor(double mps2) {
        double perBar = car.works().works(true) * car.front().force(1, discs[0])
                + car.works().works(false) * car.rear().force(car.hydraulics().rear(1), discs[2]);
        return mps2 * car.massKg() / perBar;
    }

    double rearBar() {
        return car.works().works(false) == 0 ? 0 : car.hydraulics().rear(frontBar);
    }

    /** In the front line, which holds none while its circuit is open. */
    double frontLineBar() {
        return car.works().works(true) == 0 ? 0 : frontBar;
    }

    double travelMm() {
        return car.hydraulics().travelMm(frontBar, discs[0], lane.ambientC());
    }

    /** One step with the foot asking for a pressure and the engine for an acceleration. */
    void step(double askedBar, double drive, double dt) {
        Hydraulics h = car.hydraulics();
        double asked = Math.min(
                car.works() == BrakeSystem.ASSIST_OFF ? UNASSISTED * askedBar : askedBar,
                h.mostBar(discs[0], lane.ambientC()));
        double lag = asked > frontBar ? h.lagS() : h.lagS() / 2;
        frontBar += (asked - frontBar) * Math.min(1, dt / lag);
        double m = car.massKg();
        double transfer = m * slowing * car.centreOfGravityM() / car.wheelbaseM();
        double front = axleForce(
                car.front(), car.works().works(true) * frontBar, 0, m * G * car.staticFrontShare() + transfer, dt);
        double rear = axleForce(
                car.rear(),
                car.works().works(false) * rearBar(),
                2,
                m * G * (1 - car.staticFrontShare()) - transfer,
                dt);
        double resisting = speed > 0 ? ROLLING * m * G + car.dragPerV2() * speed * speed : 0;
        slowing = (front + rear + resisting) / m + G * lane.grade() - drive;
        heat(front, rear, dt);
        speed = Math.max(0, speed - slowing * dt);
        if (speed == 0 && slowing > 0) {
            slowing = 0;
        }
    }

    private double axleForce(AxleBrake brake, double bar, int wheel, double load, double dt) {
        if (speed <= 0) {
            wheels[wheel] = 0;
            wheels[wheel + 1] = 0;
            return 0;
        }
        double asked = brake.force(bar, (discs[wheel] + discs[wheel + 1]) / 2);
        double limit = lane.grip() * load;
        boolean locked = asked > limit;
        double slip = SLIP_AT_LIMIT * Math.min(1, asked / limit);
        for (int w = wheel; w < wheel + 2; w++) {
            double target = locked ? 0 : speed * (1 - slip);
            double gone = Math.min(1, dt / WHEEL_STOPS_S);
            wheels[w] = locked || wheels[w] < 0.8 * target ? wheels[w] + (target - wheels[w]) * gone : target;
        }
        return locked ? lane.slidingGrip() * load : asked;
    }

    private void heat(double front, double rear, double dt) {
        for (int w = 0; w < 4; w++) {
            AxleBrake brake = w < 2 ? car.front() : car.rear();
            // A locked wheel does its work at the tyre, not at the disc.
            double turning = speed > 0 ? Math.min(1, wheels[w] / speed) : 0;
            double work = (w < 2 ? front : rear) * speed * dt * turning * (w % 2 == 1 ? RIGHT_RUNS_HOTTER : 1);
            discs[w] = brake.temperatureAfter(discs[w], lane.ambientC(), work, speed, dt);
        }
    }
}
