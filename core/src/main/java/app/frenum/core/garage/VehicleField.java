package app.frenum.core.garage;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Entry;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;

/** A figure that may be known of a vehicle, with its bounds and how to get it. */
public enum VehicleField implements EntryField {
    MASS_LIGHT(
            "Mass, light",
            Bounds.of(50, 60_000, Unit.KILOGRAMS),
            "As driven, with whoever drives it and fuel, without kit. Four corner scales on level ground, or a public weighbridge; add the corners."),
    MASS_LADEN("Mass, laden", Bounds.of(50, 60_000, Unit.KILOGRAMS), "The same, with the kit it carries on the day."),
    FRONT_SHARE_LIGHT(
            "Front share of weight, light",
            Bounds.of(20, 80, Unit.PERCENT),
            "Both front scales over all four. Or weigh one axle at a time on one scale, the other wheels level with it."),
    FRONT_SHARE_LADEN(
            "Front share of weight, laden", Bounds.of(20, 80, Unit.PERCENT), "The same, with the kit in its place."),
    WHEELBASE(
            "Wheelbase",
            Bounds.of(0.8, 12, Unit.METRES),
            "Hub centre to hub centre on one side, wheels straight, by tape."),
    CG_HEIGHT(
            "Height of the centre of gravity",
            Bounds.of(0.2, 3, Unit.METRES),
            "Raise one axle on the scales and see by how much weight moves; or take half the roof height of an estate to start with."),
    TYRE_RADIUS(
            "Tyre radius, rolling",
            Bounds.of(0.15, 0.8, Unit.METRES),
            "Roll ten turns of a wheel, measure, divide by 62.8."),
    LENGTH(
            "Length",
            Bounds.of(1.2, 40, Unit.METRES),
            "Over all, with a trailer that is on; differences are also told in lengths of the vehicle."),
    WIDTH("Width", Bounds.of(0.4, 3, Unit.METRES), "Without mirrors; draws the vehicle on the lane."),
    FRONT_PISTON_AREA(
            "Front piston area",
            Bounds.of(1, 200, Unit.SQUARE_CENTIMETRES),
            "All pistons of one half of one caliper. Sliding calipers once; opposed pistons once per side."),
    REAR_PISTON_AREA(
            "Rear piston area", Bounds.of(1, 200, Unit.SQUARE_CENTIMETRES), "As in front, for one rear caliper."),
    FRONT_EFFECTIVE_RADIUS(
            "Front effective radius",
            Bounds.of(40, 300, Unit.MILLIMETRES),
            "Hub centre to the middle of the pad's height."),
    REAR_EFFECTIVE_RADIUS("Rear effective radius", Bounds.of(40, 300, Unit.MILLIMETRES), "As in front."),
    FRONT_DISCS(
            "Front discs, how many",
            Bounds.of(1, 2, Unit.ONE),
            "On the one front wheel of a motorcycle. Cars and trucks have one a wheel."),
    FRONT_DISC_MASS(
            "Front disc, mass of one",
            Bounds.of(0.3, 60, Unit.KILOGRAMS),
            "Weigh yourself with it and without it on one scale: the scale's step counts 0.41 times in the ±."),
    REAR_DISC_MASS("Rear disc, mass of one", Bounds.of(0.3, 60, Unit.KILOGRAMS), "As in front; a drum counts as well."),
    MASTER_CYLINDER("Master cylinder bore", Bounds.of(8, 60, Unit.MILLIMETRES), "Cast or stamped on the housing."),
    MASTER_CYLINDER_REAR(
            "Rear master cylinder bore",
            Bounds.of(8, 60, Unit.MILLIMETRES),
            "Only where each axle has a cylinder of its own, as with a bias bar."),
    PAD_FRICTION_FRONT(
            "Friction of the front pads",
            Bounds.of(0.1, 0.9, Unit.ONE),
            "From the pad's data sheet, at its working temperature; 0.40 is usual for a road pad."),
    PAD_FRICTION_REAR("Friction of the rear pads", Bounds.of(0.1, 0.9, Unit.ONE), "As in front."),
    COOLING_TIME(
            "Cooling time constant of the front discs",
            Bounds.of(20, 3000, Unit.SECONDS),
            "Time in which a disc loses 63 % of its heat above the air at the speed of the return run. From a cool-down run; 200 s to start with."),
    ACCELERATION(
            "Acceleration to test speed",
            Bounds.of(0.3, 12, Unit.METRES_PER_SECOND_SQUARED),
            "Test speed divided by the time it takes, laden.");

    private final Entry entry;

    VehicleField(String label, Bounds bounds, String help) {
        this.entry = new Entry(label, bounds, help);
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
