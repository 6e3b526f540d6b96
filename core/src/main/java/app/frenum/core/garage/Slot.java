package app.frenum.core.garage;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A place in the brake system that holds a part or a setting, and the factor that changes with it. */
public enum Slot {
    PADS_FRONT("front pads", "front linings", "pads", PartField.PAD_WINDOW_LOW, PartField.PAD_WINDOW_HIGH),
    PADS_REAR("rear pads or shoes", "rear linings", "pads", PartField.PAD_WINDOW_LOW, PartField.PAD_WINDOW_HIGH),
    DISCS_FRONT("front discs", "front drums", "discs"),
    DISCS_REAR("rear discs or drums", "rear drums", "discs"),
    CALIPERS_FRONT("front calipers", "front wheel cylinders", "calipers"),
    CALIPERS_REAR("rear calipers", "rear wheel cylinders", "calipers"),
    MASTER_CYLINDER("master cylinder and its pedal or lever", "master cylinder"),
    LINES("lines and hoses", "lines"),
    FLUID("fluid", "fluid", PartField.DRY_BOILING_POINT, PartField.WET_BOILING_POINT),
    TYRES_FRONT("front tyres", "tyres", PartField.COLD_PRESSURE, PartField.HOT_PRESSURE),
    TYRES_REAR("rear tyres", "tyres", PartField.COLD_PRESSURE, PartField.HOT_PRESSURE),
    DUCTS("ducts and blockers", "ducts", PartField.OPENING),
    BIAS("bias adjuster", "bias", PartField.TURNS),
    /** Which axles the engine drives; that all of them are driven for the moment is a switch. */
    DRIVEN_AXLES("driven axles", "driven axles"),
    SURFACE_TREATMENT("treatment of discs or drums", "treatment"),
    /** What the cooling spray carries; that it sprays is a switch, and both are one factor. */
    SPRAY_LIQUID("liquid of the cooling spray", "cooling spray");

    private static final Set<Slot> WEIGHTLESS =
            EnumSet.of(FLUID, BIAS, DUCTS, DRIVEN_AXLES, SURFACE_TREATMENT, SPRAY_LIQUID);

    private final String label;
    private final String drumLabel;
    private final String factor;
    private final List<PartField> own;

    Slot(String label, String factor, PartField... own) {
        this(label, label, factor, own);
    }

    Slot(String label, String drumLabel, String factor, PartField... own) {
        this.label = label;
        this.drumLabel = drumLabel;
        this.factor = factor;
        this.own = List.of(own);
    }

    public String label() {
        return label;
    }

    /** As it is called where the axle has drums. */
    public String drumLabel() {
        return drumLabel;
    }

    /** Whether the axle it belongs to is the front one; empty where it belongs to none. */
    public Optional<Boolean> front() {
        return name().endsWith("_FRONT")
                ? Optional.of(true)
                : name().endsWith("_REAR") ? Optional.of(false) : Optional.empty();
    }

    /** One word for what changes with it; both axles' pads are one factor. */
    public String factor() {
        return factor;
    }

    /** The figures that only this kind of part has. */
    public List<PartField> own() {
        return own;
    }

    boolean takes(PartField field) {
        return field == PartField.MASS || field == PartField.HOURS || own.contains(field);
    }

    /** Whether what is fitted there can be drilled, turned or otherwise worked on. */
    public boolean isWorked() {
        return factor.equals("discs") || factor.equals("pads");
    }

    /** Whether it is a thing that can be weighed, rather than a filling or a setting. */
    boolean hasMass() {
        return !WEIGHTLESS.contains(this);
    }

    boolean isPads() {
        return this == PADS_FRONT || this == PADS_REAR;
    }
}
