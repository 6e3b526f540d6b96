package app.frenum.server.who;

/** What a route does, so that it can be said who may. */
public enum Deed {
    /** Shows or computes; nothing is kept. */
    READS,
    /** Keeps what was seen, measured or planned. */
    RECORDS,
    /** Judges, signs or overrules: it carries a name. */
    DECIDES,
    /** Changes what others work with: devices, and everything brought in from elsewhere. */
    ADMINISTERS
}
