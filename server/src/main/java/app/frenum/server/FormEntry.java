package app.frenum.server;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.Unit;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * A figure that can be entered, so that the interface has no list of its own.
 *
 * @param low lowest, in the usual unit
 * @param high highest, in the usual unit
 * @param units that it may be entered in, the usual one first
 */
public record FormEntry(String field, String label, String help, double low, double high, List<Choice> units) {
    /** A unit. */
    public record Choice(String unit, String symbol) {}

    public static FormEntry of(Enum<?> field, String label, String help, Bounds b) {
        List<Choice> units = Stream.concat(
                        Stream.of(b.usual()),
                        Arrays.stream(Unit.values()).filter(u -> u.dimension() == b.dimension() && u != b.usual()))
                .map(u -> new Choice(u.name(), u.symbol()))
                .toList();
        return new FormEntry(
                field.name(),
                label,
                help,
                b.usual().fromInside(b.low()),
                b.usual().fromInside(b.high()),
                units);
    }
}
