package app.frenum.server.sheet;

import app.frenum.core.quantity.Unit;
import app.frenum.formats.sheet.PastedTable;
import app.frenum.formats.sheet.SheetColumn;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was made of it.
 *
 * @param sure whether every column is known without asking
 */
record PastedView(
        List<PastedColumn> columns, List<List<String>> rows, List<PastedTable.LeftOut> leftOut, boolean sure) {

    /** A column; {@code meaning} null where nobody can say. */
    record PastedColumn(
            String title,
            @Nullable SheetColumn meaning,
            @Nullable Unit unit,
            boolean sure) {}

    static PastedView of(PastedTable table) {
        return new PastedView(
                table.columns().stream()
                        .map(c -> new PastedColumn(
                                c.title(), c.meaning().orElse(null), c.unit().orElse(null), c.sure()))
                        .toList(),
                table.rows(),
                table.leftOut(),
                table.isSure());
    }
}
