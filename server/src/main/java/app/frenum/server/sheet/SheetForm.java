package app.frenum.server.sheet;

import app.frenum.core.procedure.run.PedalEffort;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Unit;
import app.frenum.formats.sheet.SheetColumn;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * What a table of stops can have.
 *
 * @param columns in the order in which they are usually written
 */
record SheetForm(List<SheetEntry> columns) {
    /**
     * A column.
     *
     * @param units of its numbers, the usual one first; empty for words
     * @param choices that it takes; empty where anything goes
     */
    record SheetEntry(SheetColumn column, String title, List<SheetUnit> units, List<String> choices) {
        static SheetEntry of(SheetColumn column) {
            return new SheetEntry(column, column.title(), SheetForm.units(column), SheetForm.choices(column));
        }
    }

    /** A unit, and in words what may be entered in it. */
    record SheetUnit(Unit unit, String symbol, String allowed) {}

    static final SheetForm ALL = new SheetForm(Arrays.stream(SheetColumn.values())
            .filter(c -> c != SheetColumn.BASIS)
            .map(SheetEntry::of)
            .toList());

    private static List<SheetUnit> units(SheetColumn column) {
        return column.usualUnit().stream()
                .flatMap(usual -> Stream.concat(
                        Stream.of(usual),
                        Arrays.stream(Unit.values()).filter(u -> u.dimension() == usual.dimension() && u != usual)))
                .map(u -> new SheetUnit(u, u.symbol(), column.allowed(u)))
                .toList();
    }

    private static List<String> choices(SheetColumn column) {
        return switch (column) {
            case PEDAL_FEEL ->
                Arrays.stream(PedalFeel.values()).map(PedalFeel::label).toList();
            case PEDAL_EFFORT ->
                Arrays.stream(PedalEffort.values()).map(PedalEffort::label).toList();
            case READ_ON -> List.of("blackened", "bare", "probe");
            case LOCKED_FIRST -> List.of("front", "rear");
            case STRUCK_OUT -> List.of("yes");
            case TYRES -> List.of("cold", "warm");
            case SURFACE -> List.of("dry", "damp", "wet");
            case INSTRUMENT -> List.of("tape", "wheel", "stopwatch", "logger");
            default -> List.of();
        };
    }
}
