package app.frenum.core.quantity;

/** A figure that people enter: what it is called, what is said beside it, and between what it makes sense. */
public interface EntryField {
    /** A code that never changes. */
    String name();

    Entry entry();

    default String label() {
        return entry().label();
    }

    default Bounds bounds() {
        return entry().bounds();
    }

    /** What to enter; empty where the label says it. */
    default String help() {
        return entry().help();
    }
}
