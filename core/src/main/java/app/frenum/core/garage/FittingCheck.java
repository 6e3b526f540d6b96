package app.frenum.core.garage;

/** What is looked at with the wheels off before the first test of a configuration, each ticked with a name. */
public enum FittingCheck {
    DISC_DIRECTION("Directional discs on their right sides, vanes and slots as their maker says"),
    DISCS_SEATED("Discs flat on their hubs, run-out felt or measured, no cracks"),
    PADS_HELD("Pads free to move and held by their pins or springs"),
    WHEEL_CLEARANCE("Wheel clears caliper, lines and weights all the way round"),
    CALIPER_TORQUE("Caliper and bracket bolts tightened to the torque given for them"),
    WHEEL_TORQUE("Wheel bolts tightened, and again after the first stops"),
    BLED("Bled, pedal firm and high, no travel under load"),
    FLUID_LEVEL("Fluid of the right kind, between the marks, cap on"),
    NO_LEAKS("No leak at any union with the pedal held down hard for a minute");

    private final String label;

    FittingCheck(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
