package app.frenum.server.sheet;

import app.frenum.core.quantity.Unit;
import app.frenum.formats.sheet.SheetColumn;
import app.frenum.formats.sheet.TypedStops;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A table of stops as it stands on a screen.
 *
 * @param configurations by letter, A first: what a lone letter in the table stands for
 * @param rows each as wide as the columns
 */
record TypedTable(
        @NotNull @Size(max = 100) List<@NotBlank @Size(max = 200) String> configurations,
        @NotNull @Size(max = 40) List<@Valid TypedColumn> columns,
        @NotNull @Size(max = 2000) List<@Valid TypedRow> rows) {

    /** A column, and the unit of its numbers where a cell does not say its own. */
    record TypedColumn(
            @NotNull SheetColumn column, @Nullable Unit unit) {}

    /**
     * One row. Its id is made by whoever types, and becomes that of the stop.
     *
     * @param corrects the stop that was written down wrongly; null for a new one
     */
    record TypedRow(
            @NotNull UUID id,
            @NotNull @Size(max = 40) List<@NotNull @Size(max = 2000) String> cells,
            @Nullable UUID corrects) {}

    TypedStops read() {
        return TypedStops.of(
                columns.stream()
                        .map(c -> new TypedStops.Column(c.column(), Optional.ofNullable(c.unit())))
                        .toList(),
                rows.stream().map(TypedRow::cells).toList(),
                configurations);
    }
}
