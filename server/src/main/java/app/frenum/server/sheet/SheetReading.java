package app.frenum.server.sheet;

import app.frenum.core.finding.Finding;
import app.frenum.formats.sheet.SheetColumn;
import app.frenum.server.compare.ComparisonView;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a table says while it is typed.
 *
 * @param rows in the order typed
 * @param stops how many can be kept
 * @param comparison of all that the test then has; null while it has no stop, or no speed to read it at
 */
record SheetReading(
        List<RowReading> rows, int stops, @Nullable ComparisonView comparison) {

    /**
     * One row.
     *
     * @param configuration it is of; null where it is of none
     */
    record RowReading(@Nullable String configuration, List<Fault> faults, List<Doubted> doubts) {}

    /** Why a row cannot be kept; {@code column} null where it is all of it. */
    record Fault(@Nullable SheetColumn column, String problem) {}

    /** What is doubted, though it can be kept. */
    record Doubted(SheetColumn column, Finding finding) {}
}
