package app.frenum.core.stop;

/** Which signal says when the brake was applied. They can differ by 0.1 s, which is metres: never mixed silently. */
public enum OnsetSource {
    SWITCH,
    PRESSURE,
    DECELERATION,
    HAND
}
