package app.frenum.formats.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Rows that repeat an earlier one: equal in everything that was entered, or with the number of another stop of their series.
 * Until somebody confirms that both were driven, they count once (docs/handbook.md, "Doubles").
 */
public final class SheetDoubles {
    /** Rows of fewer values than this are equal too easily, unless they carry a stop number. */
    private static final int ENOUGH_VALUES = 3;

    /**
     * A row that repeats another.
     *
     * @param earlier index of the row before
     * @param isEqual whether all of it is equal, rather than the number alone
     */
    public record Repeat(int earlier, boolean isEqual) {}

    private SheetDoubles() {}

    /** For each row the one that it repeats; empty where it repeats none. */
    public static List<Optional<Repeat>> of(List<SheetStop> stops) {
        Map<Object, Integer> rows = new HashMap<>();
        Map<Object, Integer> numbers = new HashMap<>();
        List<Optional<Repeat>> all = new ArrayList<>();
        List<Integer> blocks = SheetBlocks.none().of(stops);
        for (int i = 0; i < stops.size(); i++) {
            SheetStop s = stops.get(i);
            Integer equal = canRepeat(s)
                    ? rows.putIfAbsent(List.of(s.configuration(), s.series(), s.stop(), s.struckOut(), s.entry()), i)
                    : null;
            Integer same = s.stop().isPresent() && !s.struckOut()
                    ? numbers.putIfAbsent(
                            List.of(
                                    s.configuration(),
                                    blocks.get(i),
                                    s.phase(),
                                    s.date(),
                                    s.nominalSpeed(),
                                    s.load(),
                                    s.stop()),
                            i)
                    : null;
            all.add(
                    equal != null
                            ? Optional.of(new Repeat(equal, true))
                            : Optional.ofNullable(same).map(earlier -> new Repeat(earlier, false)));
        }
        return all;
    }

    private static boolean canRepeat(SheetStop s) {
        long values = List.of(s.distance(), s.time(), s.entrySpeed()).stream()
                        .filter(Optional::isPresent)
                        .count()
                + s.startTemperatures().size()
                + s.endTemperatures().size();
        return s.stop().isPresent() || values >= ENOUGH_VALUES;
    }
}
