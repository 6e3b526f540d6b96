package app.frenum.e2e.rehearsal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Every procedure of the library driven to its end by the stand-in's car, at 1, 5 and 20 times the clock, with presses after
 * 0 s, 10 s and 10 minutes, with the link lost and the server restarted: {@code ./frenum rehearse-all [NAME]}.
 */
public final class RehearseAll {
    private static final double[] RATES = numbers("rehearsal.rates", "1,5,20");
    private static final double[] WAITS_S = numbers("rehearsal.waits", "0,10,600");

    private RehearseAll() {}

    private static double[] numbers(String property, String otherwise) {
        return Arrays.stream(System.getProperty(property, otherwise).split(","))
                .mapToDouble(Double::parseDouble)
                .toArray();
    }

    /** Ended from outside: the server is gone by then, and no further day can be driven. */
    private static volatile boolean isEnding;

    /** @param names of procedures; all of the library where none is given */
    public static void main(String[] names) {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> isEnding = true));
        List<String> failed = new ArrayList<>();
        int applications = 0;
        long seed = 1;
        try (Place place = new Place()) {
            for (String procedure : names.length > 0 && !names[0].isBlank() ? List.of(names) : Library.NAMES) {
                for (double rate : RATES) {
                    for (double wait : WAITS_S) {
                        for (boolean troubled : new boolean[] {false, true}) {
                            RehearsedDay.Wish wish = Library.wish(procedure).at(rate, wait);
                            applications += driven(place, troubled ? wish.troubled() : wish, ++seed, failed);
                        }
                    }
                }
            }
        }
        System.out.printf("%d applications of the brake, %d differences%n", applications, failed.size());
        System.exit(failed.isEmpty() ? 0 : 1);
    }

    private static int driven(Place place, RehearsedDay.Wish wish, long seed, List<String> failed) {
        if (isEnding) {
            return 0;
        }
        long began = System.nanoTime();
        try (RehearsedDay day = new RehearsedDay(place, wish, seed)) {
            day.toItsEnd();
            List<String> differences = new ArrayList<>(SameEverywhere.differences(day));
            if (wish.waitsS() == 0 && !wish.loseLink()) {
                differences.addAll(Library.refused(day));
            }
            differences.forEach(d -> failed.add(wish + ": " + d));
            System.out.printf(
                    "%s: %d applications, %d differences, %.0f s%n",
                    wish, day.told().size(), differences.size(), (System.nanoTime() - began) / 1e9);
            differences.forEach(d -> System.out.println("  " + d));
            return day.told().size();
        } catch (RuntimeException e) {
            failed.add(wish + ": " + e.getMessage());
            System.out.println(wish + ": " + e);
            return 0;
        }
    }
}
