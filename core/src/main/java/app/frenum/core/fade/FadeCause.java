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
            "Pads that work to higher temperatures; ducts or longer gaps so that they stay cooler."),
    FLUID(
            "fluid fade: vapour in the fluid",
            "End testing and bleed with fresh, high-boiling fluid; change it more often, and shield or cool the calipers."),
    BOTH(
            "pad and fluid fade",
            "Bleed with fresh, high-boiling fluid before anything else, then pads that work to higher temperatures."),
    SLIGHT("a slight loss, not settled", "More stops, or hotter ones, would settle it."),
    PRESSED_LESS(
            "the driver pressed less hard; that is no fade", "A target on the pressure gauge, or a second driver."),
    GRIP_LIMITED(
            "cannot be told: the tyres set the deceleration, not the brakes",
            "Fewer tyres-limited stops: press to a pressure short of locking, or brake from a higher speed."),
    NONE("no fade: the bite stayed", "Nothing to cure at these temperatures; hotter stops may still show some."),
    UNKNOWN(
            "cannot be told from what was logged",
            "Log line pressure and pedal travel, or note the pedal after each stop.");

    private final String label;
    private final String cure;

    FadeCause(String label, String cure) {
        this.label = label;
        this.cure = cure;
    }

    public String label() {
        return label;
    }

    /** What to do about it. */
    public String cure() {
        return cure;
    }
}
