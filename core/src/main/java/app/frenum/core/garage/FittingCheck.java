package app.frenum.core.garage;

import java.util.Arrays;
import java.util.List;

/** What is looked at with the wheels off before the first test of a configuration, each ticked with a name. */
public enum FittingCheck {
    AXLE_AND_PINCH_BOLTS(
            true, "Axle tightened, the fork bounced once, then its pinch bolts to the torque given for them"),
    LEVER_FREE_PLAY(true, "Levers with the free play given for them, clear of the grip when pulled right in"),
    HOSES_LOCK_TO_LOCK(true, "Hoses free from lock to lock, with the fork at both ends of its travel"),
    DISC_DIRECTION("Directional discs on their right sides, vanes and slots as their maker says"),
    DISCS_SEATED("Discs flat on their hubs, run-out felt or measured, no cracks"),
    PADS_HELD("Pads free to move and held by their pins or springs"),
    WHEEL_CLEARANCE("Wheel clears caliper, lines and weights all the way round"),
    CALIPER_TORQUE("Caliper and bracket bolts tightened to the torque given for them"),
    WHEEL_TORQUE("Wheel bolts tightened, and again after the first stops"),
    BLED("Bled, pedal firm and high, no travel under load"),
    FLUID_LEVEL("Fluid of the right kind, between the marks, cap on"),
    NO_LEAKS("No leak at any union with the pedal held down hard for a minute");

    private final boolean ofMotorcycles;
    private final String label;

    FittingCheck(String label) {
        this(false, label);
    }

    FittingCheck(boolean ofMotorcycles, String label) {
        this.ofMotorcycles = ofMotorcycles;
        this.label = label;
    }

    /** Those of a kind of vehicle. */
    public static List<FittingCheck> of(VehicleSpec.Kind kind) {
        return Arrays.stream(values())
                .filter(c -> !c.ofMotorcycles || kind == VehicleSpec.Kind.MOTORCYCLE)
                .toList();
    }

    /** Whether only motorcycles have what is looked at. */
    public boolean isOfMotorcycles() {
        return ofMotorcycles;
    }

    public String label() {
        return label;
    }
}
