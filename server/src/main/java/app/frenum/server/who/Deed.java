package app.frenum.server.who;

/** What a route does, so that it can be said who may. */
public enum Deed {
    /** Needs nobody: the page itself, and signing in. */
    GREETS,
    /** Shows or computes; nothing is kept. */
    READS,
    /** Keeps what was seen, measured or planned. */
    RECORDS,
    /** Judges, signs or overrules. */
    DECIDES,
    /** Changes what others work with: devices, and everything brought in from elsewhere. */
    ADMINISTERS,
    /** Says who may do what. */
    GOVERNS
}
