package app.frenum.core.garage;

import java.util.List;

/** A place in the brake system that holds a part or a setting, and the factor that changes with it. */
public enum Slot {
    PADS_FRONT("front pads", "pads", PartField.PAD_WINDOW_LOW, PartField.PAD_WINDOW_HIGH),
    PADS_REAR("rear pads or shoes", "pads", PartField.PAD_WINDOW_LOW, PartField.PAD_WINDOW_HIGH),
    DISCS_FRONT("front discs", "discs"),
    DISCS_REAR("rear discs or drums", "discs"),
    CALIPERS_FRONT("front calipers", "calipers"),
    CALIPERS_REAR("rear calipers", "calipers"),
    LINES("lines and hoses", "lines"),
    FLUID("fluid", "fluid", PartField.DRY_BOILING_POINT, PartField.WET_BOILING_POINT),
    TYRES_FRONT("front tyres", "tyres", PartField.COLD_PRESSURE, PartField.HOT_PRESSURE),
    TYRES_REAR("rear tyres", "tyres", PartField.COLD_PRESSURE, PartField.HOT_PRESSURE),
    DUCTS("ducts and blockers", "ducts", PartField.OPENING),
    BIAS("bias adjuster", "bias", PartField.TURNS),
    SURFACE_TREATMENT("treatment of discs or drums", "treatment"),
    /** What the cooling spray carries; that it sprays is a switch, and both are one factor. */
    SPRAY_LIQUID("liquid of the cooling spray", "cooling spray");

    private final String label;
    private final String factor;
    private final List<PartField> own;

    Slot(String label, String factor, PartField... own) {
        this.label = label;
        this.factor = factor;
        this.own = List.of(own);
    }

    public String label() {
        return label;
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

    /** Whether it is a thing that can be weighed, rather than a filling or a setting. */
    boolean hasMass() {
        return this != FLUID && this != BIAS && this != DUCTS && this != SURFACE_TREATMENT && this != SPRAY_LIQUID;
    }

    boolean isPads() {
        return this == PADS_FRONT || this == PADS_REAR;
    }
}
