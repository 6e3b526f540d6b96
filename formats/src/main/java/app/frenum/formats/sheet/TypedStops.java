package app.frenum.formats.sheet;

import app.frenum.core.quantity.Unit;
import app.frenum.formats.MeasuredText;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Stops as they were typed into a table, row by row; what cannot be taken is said of each cell.
 *
 * @param rows in the order typed
 */
public record TypedStops(List<Row> rows) {
    /** A column of the table; {@code unit} of its numbers where a cell does not say its own. */
    public record Column(SheetColumn column, Optional<Unit> unit) {}

    /**
     * One row.
     *
     * @param stop as far as it can be read; empty where it cannot, or nothing is typed
     * @param faults why it cannot be kept
     */
    public record Row(Optional<SheetStop> stop, List<CellFault> faults) {
        /** Whether nothing is typed in it yet. */
        public boolean isBlank() {
            return stop.isEmpty() && faults.isEmpty();
        }
    }

    /** Whether every row that is typed can be kept. */
    public boolean isReadable() {
        return rows.stream().allMatch(r -> r.faults().isEmpty());
    }

    /**
     * Reads a table. A row without a configuration is of the one above; a letter stands for the configuration with it.
     *
     * @param configurations by letter, A first
     */
    public static TypedStops of(List<Column> columns, List<List<String>> cells, List<String> configurations) {
        Map<SheetColumn, Integer> places = new EnumMap<>(SheetColumn.class);
        Map<SheetColumn, Unit> units = new EnumMap<>(SheetColumn.class);
        for (int i = 0; i < columns.size(); i++) {
            Column column = columns.get(i);
            if (places.putIfAbsent(column.column(), i) == null) {
                column.unit().ifPresent(u -> units.put(column.column(), u));
            }
        }
        SheetHeader header = new SheetHeader(places, units, List.of());
        Integer configuration = places.get(SheetColumn.CONFIGURATION);
        OneBasis bases = new OneBasis();
        Optional<String> above = configurations.stream().findFirst();
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            List<String> row = named(cells.get(i), configuration, configurations);
            // A row that cannot be read still says of which configuration those below it are.
            above = said(row, configuration).or(carried(above));
            if (isBlank(row, configuration)) {
                rows.add(new Row(Optional.empty(), List.of()));
                continue;
            }
            SheetRow read = new SheetRow(header, row, i + 1L, MeasuredText.Mark.EITHER);
            Optional<SheetStop> stop = read.stop(above);
            stop.flatMap(bases::unlikeAbove).ifPresent(why -> read.fault(SheetColumn.BASIS, why));
            rows.add(new Row(stop, List.copyOf(read.faults())));
        }
        return new TypedStops(rows);
    }

    private static Optional<String> said(List<String> row, @Nullable Integer configuration) {
        return configuration == null
                        || configuration >= row.size()
                        || row.get(configuration).isBlank()
                ? Optional.empty()
                : Optional.of(row.get(configuration).strip());
    }

    private static Supplier<Optional<String>> carried(Optional<String> above) {
        return () -> above;
    }

    /** A name alone is no stop yet. */
    private static boolean isBlank(List<String> row, @Nullable Integer configuration) {
        for (int i = 0; i < row.size(); i++) {
            boolean name = configuration != null && i == configuration;
            if (!name && !row.get(i).isBlank()) {
                return false;
            }
        }
        return true;
    }

    private static List<String> named(List<String> row, @Nullable Integer configuration, List<String> configurations) {
        if (configuration == null || configuration >= row.size()) {
            return row;
        }
        Map<String, String> byLetter = new HashMap<>();
        for (int i = 0; i < configurations.size() && i < 26; i++) {
            byLetter.put(String.valueOf((char) ('a' + i)), configurations.get(i));
        }
        String said = row.get(configuration).strip();
        List<String> out = new ArrayList<>(row);
        if (!configurations.contains(said)) {
            out.set(configuration, byLetter.getOrDefault(said.toLowerCase(Locale.ROOT), said));
        }
        return out;
    }
}
