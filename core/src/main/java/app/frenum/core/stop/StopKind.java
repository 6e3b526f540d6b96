package app.frenum.core.stop;

/** A stop ends at rest, a snub at a release above walking pace. */
public enum StopKind {
    STOP,
    SNUB
}
