package app.frenum.core.fade;

/**
 * Why brakes were weaker at the end of a series than at its beginning.
 *
 * <p>A pad that has lost its bite needs more pressure for the same deceleration, and the pedal stays hard; fluid that
 * boils gives a longer pedal at the same pressure, and often less pressure. See docs/handbook.md, "Fade".
 */
public enum FadeCause {
    PAD(
            "pad fade: the friction fell",
            "Pads that work to higher temperatures; ducts or longer gaps so that they stay cooler.",
            "Pads for more heat often bite less when cold, wear discs faster and are louder, and cost a set of pads and bedding-in stops; ducts cost cool first stops, dust and water on the discs."),
    FLUID(
            "a long pedal: air or vapour in the fluid",
            "End testing and bleed with fresh, high-boiling fluid; change it more often, and shield or cool the calipers.",
            "Fluid and an hour of bleeding; high-boiling fluids draw water and have to be changed more often. It strips paint and burns skin and eyes."),
    BOTH(
            "pad fade and a long pedal: air or vapour in the fluid",
            "Bleed with fresh, high-boiling fluid before anything else, then pads that work to higher temperatures.",
            "Fluid, bleeding, pads and bedding-in; change one at a time and test between, or nobody will know which it was."),
    PAD_OR_FLUID(
            "pad fade, or the fluid too: no travel and no pedal note",
            "Have the fluid looked at before anything else is driven hot; then log pedal travel, or note the pedal after each stop, and drive the series again.",
            "A note after each stop, or a travel sensor; bleeding, if the fluid was it."),
    FADE_OR_LESS_PRESSURE(
            "fade, or less pressure: not known which",
            "Log line pressure, or hold the pedal effort alike and note it; have the fluid looked at before anything else is driven hot.",
            "A sensor in the line, or somebody else at the brake; the series again."),
    PRESSED_LESS_OR_FLUID(
            "pressed less hard, or vapour in the fluid: not known which",
            "Treat it as the fluid until the pedal says otherwise: stop, feel for a long pedal, bleed if there is any doubt.",
            "A note after each stop, or a travel sensor; bleeding, if the fluid was it."),
    SLIGHT("a slight loss, not settled", "More stops, or hotter ones, would settle it.", "Fuel, tyres and an hour."),
    PRESSED_LESS(
            "the brake was pressed less hard; that is no fade",
            "A target on the pressure gauge, or somebody else at the brake.",
            "The series again."),
    GRIP_LIMITED(
            "cannot be told: the tyres set the deceleration, not the brakes",
            "Fewer tyres-limited stops: press to a pressure short of locking, or brake from a higher speed.",
            "The series again; a higher speed needs a longer lane and run-off."),
    TYRES_MAY_HIDE(
            "no loss in distance; if the tyres were at their limit, fade could not show",
            "Note whether anti-lock worked, or brake short of it; log line pressure, which shows fade at any grip.",
            "A note, or a sensor in the line; the series again."),
    NONE(
            "no fade: the bite stayed",
            "Nothing to cure at these temperatures; hotter stops may still show some.",
            "Nothing."),
    NONE_SEEN(
            "no loss seen; the pedal was not noted, so the fluid is not known",
            "Note the pedal after each stop, or log its travel: fluid can boil before the distance shows it.",
            "A note."),
    UNKNOWN(
            "cannot be told from what was logged",
            "Log line pressure and pedal travel, or note the pedal after each stop.",
            "A sensor in the line, or nothing but a note; the series again.");

    private final String label;
    private final String cure;
    private final String cost;

    FadeCause(String label, String cure, String cost) {
        this.label = label;
        this.cure = cure;
        this.cost = cost;
    }

    public String label() {
        return label;
    }

    /** Whether the fluid may have boiled, so that its caution belongs beside it. */
    public boolean mayBeFluid() {
        return switch (this) {
            case FLUID, BOTH, PAD_OR_FLUID, FADE_OR_LESS_PRESSURE, PRESSED_LESS_OR_FLUID -> true;
            default -> false;
        };
    }

    /** What to do about it. */
    public String cure() {
        return cure;
    }

    /** What that takes, and what it makes worse. */
    public String cost() {
        return cost;
    }

    /** Whether vapour in the fluid was shown, after which nothing more is driven before it was inspected and bled. */
    public boolean showsFluid() {
        return this == FLUID || this == BOTH;
    }
}
