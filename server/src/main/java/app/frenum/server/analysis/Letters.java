package app.frenum.server.analysis;

/** By which screens mark configurations: A to F, by their places in the test; those beyond share the last. */
public final class Letters {
    private static final String ALL = "ABCDEF";

    private Letters() {}

    /** @param place from 0 */
    public static String of(int place) {
        int at = Math.min(place, ALL.length() - 1);
        return ALL.substring(at, at + 1);
    }
}
