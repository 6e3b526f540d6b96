package app.frenum.server.form;

import app.frenum.core.quantity.Bounds;
import app.frenum.core.quantity.EntryField;
import app.frenum.core.quantity.Unit;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * A figure that can be entered.
 *
 * @param lowInside lowest, in the inside unit
 * @param highInside highest, in the inside unit
 * @param units that it may be entered in, the usual one first
 */
public record FormEntry(
        String field, String label, String help, double lowInside, double highInside, List<EntryUnit> units) {
    /** Nobody writes minutes in microseconds. */
    private static final double LONGEST_NUMBER = 500_000;

    public static List<FormEntry> all(EntryField... fields) {
        return Arrays.stream(fields).map(FormEntry::of).toList();
    }

    static FormEntry of(EntryField field) {
        Bounds b = field.bounds();
        return new FormEntry(field.name(), field.label(), field.help(), b.low(), b.high(), units(b));
    }

    private static List<EntryUnit> units(Bounds b) {
        return Stream.concat(
                        Stream.of(b.usual()),
                        Arrays.stream(Unit.values()).filter(u -> u.dimension() == b.dimension() && u != b.usual()))
                .filter(u -> u.fromInside(b.high()) < LONGEST_NUMBER)
                .map(u -> EntryUnit.of(u, b))
                .toList();
    }
}
