package app.frenum.standin;

import app.frenum.core.procedure.BrakeSystem;
import app.frenum.core.simulate.AxleBrake;
import app.frenum.core.simulate.DriverHabits;
import app.frenum.core.simulate.Hydraulics;
import app.frenum.core.simulate.LaneConditions;
import app.frenum.core.simulate.Pad;
import app.frenum.core.simulate.SimulatedCar;
import java.util.HashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/**
 * A car made of the figures on a run card: the vehicle's own, and those of the parts that are fitted. What is not known
 * is taken as usual for an estate. A pad that works to higher temperatures bites a little more and fades later; a fluid
 * with a higher boiling point gives a firmer, quicker pedal.
 */
final class CarPhysics {
    static final LaneConditions LANE = new LaneConditions(0.97, 0.76, 0.001, 14);
    static final DriverHabits DRIVER = new DriverHabits(64, 0.9, 0.26, 0.025, 0.14);
    private static final double FRESH_FLUID_C = 240;
    /** Of its grip, what a locked wheel still finds. */
    private static final double SLIDING = 0.9;

    private static final Pad REAR_PAD = new Pad(0.36, 0.05, 100, 380, 0.001);

    private CarPhysics() {}

    /**
     * The car as its card describes it.
     *
     * @param card with the figures, and the load, system and adjuster that the phase asks for
     */
    static SimulatedCar of(JsonNode card) {
        Map<String, Double> figures = new HashMap<>();
        card.path("figures")
                .properties()
                .forEach(e -> figures.put(e.getKey(), e.getValue().asDouble()));
        SimulatedCar car = of(figures, text(card, "load", "LADEN").equals("LIGHT"));
        return car.with(car.front().pad(), car.hydraulics().turnedTo(number(card, "adjusterTurns", Double.NaN)))
                .with(BrakeSystem.valueOf(text(card, "system", BrakeSystem.WHOLE.name())));
    }

    static double number(JsonNode card, String name, double otherwise) {
        return card.hasNonNull(name) ? card.get(name).asDouble() : otherwise;
    }

    private static String text(JsonNode card, String name, String otherwise) {
        return card.hasNonNull(name) ? card.get(name).asString() : otherwise;
    }

    /** The surface that the card's phase is driven on. */
    static LaneConditions lane(JsonNode card) {
        double grip = number(card, "grip", LANE.grip());
        return grip == LANE.grip() ? LANE : new LaneConditions(grip, SLIDING * grip, LANE.grade(), LANE.ambientC());
    }

    /** The laden car of these figures. */
    static SimulatedCar of(Map<String, Double> figures) {
        return of(figures, false);
    }

    private static SimulatedCar of(Map<String, Double> figures, boolean unladen) {
        double fadesFromC = figures.getOrDefault("PAD_WINDOW_HIGH", 330.0);
        double boilsAtC = figures.getOrDefault("DRY_BOILING_POINT", 205.0);
        Pad front = new Pad(
                0.372 + 0.00037 * (fadesFromC - 330),
                0.07,
                figures.getOrDefault("PAD_WINDOW_LOW", 60.0) + 40,
                fadesFromC,
                0.0012);
        boolean fresh = boilsAtC > FRESH_FLUID_C;
        Hydraulics hydraulics = new Hydraulics(
                fresh ? 0.055 : 0.085, 34, 0.36, fresh ? 18 : 22, fresh ? 0.29 : 0.34, boilsAtC - (fresh ? 10 : 40));
        return new SimulatedCar(
                mass(figures, unladen),
                figures.getOrDefault("WHEELBASE", 2.68),
                figures.getOrDefault("CG_HEIGHT", 0.57),
                figures.getOrDefault(unladen ? "FRONT_SHARE_LIGHT" : "FRONT_SHARE_LADEN", 0.55),
                0.42,
                new AxleBrake(front, 372, figures.getOrDefault("FRONT_DISC_MASS", 7.4), 1 / 420.0, 0.00042),
                new AxleBrake(REAR_PAD, 168, figures.getOrDefault("REAR_DISC_MASS", 5.1), 1 / 450.0, 0.0004),
                hydraulics);
    }

    private static double mass(Map<String, Double> figures, boolean unladen) {
        String own = unladen ? "MASS_LIGHT" : "MASS_LADEN";
        String other = unladen ? "MASS_LADEN" : "MASS_LIGHT";
        return figures.getOrDefault(own, figures.getOrDefault(other, 1725.0));
    }

    /** The same car with pads that fade from where they are now. */
    static SimulatedCar fading(SimulatedCar car) {
        return car.with(new Pad(car.front().pad().friction(), 0, 60, 70, 0.006), car.hydraulics());
    }

    /** The same car with vapour in its lines. */
    static SimulatedCar boiling(SimulatedCar car) {
        Hydraulics h = car.hydraulics();
        return car.with(
                car.front().pad(),
                new Hydraulics(
                        h.lagS(),
                        h.rearKneeBar(),
                        h.rearSlope(),
                        h.travelAtRestMm(),
                        h.travelPerBarMm(),
                        35,
                        h.biasTurns()));
    }

    /** The same car with so much brake at the rear that its wheels lock first. */
    static SimulatedCar rearHeavy(SimulatedCar car) {
        AxleBrake rear = car.rear();
        return new SimulatedCar(
                car.massKg(),
                car.wheelbaseM(),
                car.centreOfGravityM(),
                car.staticFrontShare(),
                car.dragPerV2(),
                car.front(),
                new AxleBrake(
                        rear.pad(),
                        4 * rear.newtonPerBar(),
                        rear.discMassKg(),
                        rear.coolingStillPerS(),
                        rear.coolingMovingPerS()),
                car.hydraulics(),
                car.works());
    }
}
