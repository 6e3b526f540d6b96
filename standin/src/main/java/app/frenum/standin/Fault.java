package app.frenum.standin;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a stand-in can be told to do wrong. */
public enum Fault {
    /** The link to Frenum is gone for five seconds; the logger has a buffer. */
    DROP_LINK,
    /** The logger's clock is an hour ahead, from its next start on. */
    WRONG_CLOCK,
    /** Line pressure is ten times as noisy. */
    NOISY_SENSOR,
    /** The disc sensors send nothing any more. */
    DEAD_SENSOR,
    /** The next run comes 6 % too fast. */
    OVERSPEED,
    /** In the next run the front wheels lock for a moment. */
    WHEEL_LOCK,
    /** In the next run the rear wheels lock first. */
    REAR_LOCK,
    /** The switches stand the wrong way, until told otherwise. */
    FORGOTTEN_SWITCH,
    /** The pads fade from now on. */
    FADING_PADS,
    /** The fluid boils from now on. */
    BOILING_FLUID,
    /** Everything is as it should be again. */
    NONE;

    /** As it is typed: {@code drop-link}. */
    static Optional<Fault> named(String typed) {
        String name = typed.strip().toUpperCase(Locale.ROOT).replace('-', '_');
        return Arrays.stream(values()).filter(f -> f.name().equals(name)).findFirst();
    }
}
