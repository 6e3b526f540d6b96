package app.frenum.formats.sheet;

import app.frenum.core.quantity.Unit;
import app.frenum.formats.BadInput;
import app.frenum.formats.HeaderCell;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which column of a table is what.
 *
 * @param places of the columns that are known, from 0
 * @param units of those that have one; a column without needs it in every cell
 * @param leftOut titles that nobody here knows
 */
record SheetHeader(Map<SheetColumn, Integer> places, Map<SheetColumn, Unit> units, List<String> leftOut) {

    /**
     * A file's own header.
     *
     * @throws BadInput when columns are there twice, or what a stop needs is not among them
     */
    static SheetHeader of(List<String> cells, long line) throws BadInput {
        SheetHeader header =
                new SheetHeader(new EnumMap<>(SheetColumn.class), new EnumMap<>(SheetColumn.class), new ArrayList<>());
        for (int i = 0; i < cells.size(); i++) {
            HeaderCell.check(cells.get(i), line, i + 1);
            header.take(HeaderCell.of(cells.get(i)), i, line);
        }
        header.requireWhatAStopNeeds(line);
        return header;
    }

    private void take(HeaderCell cell, int place, long line) throws BadInput {
        Optional<SheetColumn> column = ColumnNames.meaning(cell.name());
        if (column.isEmpty()) {
            if (!cell.name().isBlank()) {
                leftOut.add(cell.name());
            }
            return;
        }
        if (places.putIfAbsent(column.get(), place) != null) {
            throw BadInput.at(
                    line,
                    place + 1,
                    "There are two columns called \"%s\"."
                            .formatted(column.get().title()));
        }
        if (column.get().dimension().isPresent() && !cell.unit().isEmpty()) {
            units.put(column.get(), unit(column.get(), cell.unit(), line, place));
        }
    }

    private static Unit unit(SheetColumn column, String written, long line, int place) throws BadInput {
        return Unit.of(written)
                .filter(u -> column.dimension().equals(Optional.of(u.dimension())))
                .orElseThrow(() -> BadInput.at(
                        line,
                        place + 1,
                        "%s is not a unit of %s. Use one of %s."
                                .formatted(
                                        BadInput.quote(written),
                                        column.title(),
                                        Unit.known(column.dimension().orElseThrow()))));
    }

    private void requireWhatAStopNeeds(long line) throws BadInput {
        boolean measured = places.containsKey(SheetColumn.DISTANCE) || places.containsKey(SheetColumn.TIME);
        if (!places.containsKey(SheetColumn.CONFIGURATION) || !measured) {
            throw BadInput.atLine(line, ColumnNames.whatIsMissing(places.keySet(), leftOut));
        }
    }

    int width() {
        return places.values().stream().mapToInt(i -> i + 1).max().orElse(0);
    }
}
