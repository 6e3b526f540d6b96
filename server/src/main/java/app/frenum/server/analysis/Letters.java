package app.frenum.server.analysis;

/** By which screens mark configurations, by their places in the test: A to Z, then AA, AB and on. */
public final class Letters {
    private static final int ALPHABET = 26;

    private Letters() {}

    /** @param place from 0 */
    public static String of(int place) {
        String last = String.valueOf((char) ('A' + place % ALPHABET));
        return place < ALPHABET ? last : of(place / ALPHABET - 1) + last;
    }
}
