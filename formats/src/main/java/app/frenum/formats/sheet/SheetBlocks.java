package app.frenum.formats.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * In which block of its configuration each stop was driven. Rows stand in the order driven: a configuration that comes back
 * begins another block, unless the row names its series.
 */
public final class SheetBlocks {
    private final Map<String, Integer> last = new HashMap<>();
    private final Map<String, Map<String, Integer>> named = new HashMap<>();
    private Optional<String> current = Optional.empty();

    private SheetBlocks() {}

    /** Where nothing was driven before. */
    public static SheetBlocks none() {
        return new SheetBlocks();
    }

    /** After another block; told in the order driven. */
    public SheetBlocks after(String configuration, int block) {
        last.merge(configuration, block, Math::max);
        current = Optional.of(configuration);
        return this;
    }

    /** A block for every stop, from 1. */
    public List<Integer> of(List<SheetStop> stops) {
        List<Integer> all = new ArrayList<>();
        for (SheetStop stop : stops) {
            int block = stop.series()
                    .map(series -> named(stop.configuration(), series))
                    .orElseGet(() -> inTurn(stop.configuration()));
            after(stop.configuration(), block);
            all.add(block);
        }
        return all;
    }

    /** A number is the block's own; a name is that of the next. */
    private int named(String configuration, String series) {
        if (series.matches("[1-9][0-9]{0,2}")) {
            return Integer.parseInt(series);
        }
        return named.computeIfAbsent(configuration, n -> new HashMap<>())
                .computeIfAbsent(series, s -> last.getOrDefault(configuration, 0) + 1);
    }

    private int inTurn(String configuration) {
        int before = last.getOrDefault(configuration, 0);
        return current.equals(Optional.of(configuration)) ? Math.max(1, before) : before + 1;
    }
}
