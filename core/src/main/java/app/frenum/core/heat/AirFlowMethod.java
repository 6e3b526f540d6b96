package app.frenum.core.heat;

/** How somebody looked at the air about the brakes, and what that cannot show. */
public enum AirFlowMethod {
    TUFTS(
            "wool tufts",
            "Tufts show the direction at the surface they are stuck to, at the speed they were watched; not how much air goes through the disc."),
    SMOKE(
            "smoke",
            "Smoke shows paths at a few km/h, wheels standing; a turning disc pumps and bends them. Keep lamps and oil away from hot parts."),
    DUCT_ANEMOMETER(
            "anemometer in the duct",
            "An anemometer shows one point of the duct’s section, and stands in the flow it measures."),
    PRESSURE_TAPS(
            "pressure taps", "A pressure difference shows that air is pushed, not where it goes once past the hose."),
    DIRT(
            "dust and water streaks",
            "Streaks show where air or water has been over a whole day, at all speeds together.");

    private final String label;
    private final String caveat;

    AirFlowMethod(String label, String caveat) {
        this.label = label;
        this.caveat = caveat;
    }

    public String label() {
        return label;
    }

    /** What it does not show. */
    public String caveat() {
        return caveat;
    }
}
