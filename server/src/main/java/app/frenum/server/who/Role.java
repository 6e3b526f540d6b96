package app.frenum.server.who;

/** What somebody may do. */
public enum Role {
    OWNER(Deed.GOVERNS),
    ENGINEER(Deed.ADMINISTERS),
    DRIVER(Deed.RECORDS),
    VIEWER(Deed.READS);

    private final Deed furthest;

    Role(Deed furthest) {
        this.furthest = furthest;
    }

    public boolean may(Deed deed) {
        return deed.compareTo(furthest) <= 0;
    }
}
