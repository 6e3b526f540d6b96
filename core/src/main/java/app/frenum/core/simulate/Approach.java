package app.frenum.core.simulate;

/**
 * One run at the cone.
 *
 * @param entryMps speed aimed at
 * @param releaseMps speed at which the brake is let go; 0 to stop
 * @param coolingS how long the car is driven round to cool before it
 * @param event what goes wrong
 * @param heldMps2 deceleration that the driver tries to hold; 0 for as hard as usual
 * @param rolledM distance from the rest before to the braking; 0 where none is asked for
 */
public record Approach(
        double entryMps, double releaseMps, double coolingS, Event event, double heldMps2, double rolledM) {
    public Approach(double entryMps, double releaseMps, double coolingS, Event event) {
        this(entryMps, releaseMps, coolingS, event, 0, 0);
    }

    /** What can go wrong in a run. */
    public enum Event {
        NONE,
        /** The driver presses too hard at first, and the front wheels lock until the foot comes back. */
        LOCK,
        /** The driver eases off for half a second. */
        LIFT,
        /** The driver brakes before the cone, gently at first. */
        EARLY;

        /** By how much the foot's pressure is changed, so long after the brake was applied. */
        double emphasis(double t) {
            return switch (this) {
                case NONE -> 1;
                case LOCK -> t > 0.4 && t < 0.85 ? 1.5 : 0.95;
                case LIFT -> t > 1.2 && t < 1.8 ? 0.45 : 1;
                case EARLY -> t < 1.0 ? 0.25 : 1;
            };
        }
    }

    public static Approach stop(double entryMps, double coolingS) {
        return new Approach(entryMps, 0, coolingS, Event.NONE);
    }

    public Approach with(Event other) {
        return new Approach(entryMps, releaseMps, coolingS, other, heldMps2, rolledM);
    }
}
