package app.frenum.server.sheet;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.series.EntryDoubt;
import app.frenum.formats.sheet.SheetColumn;
import app.frenum.formats.sheet.SheetDoubles;
import app.frenum.formats.sheet.SheetNames;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.formats.sheet.TypedStops;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Rows of a table that repeat others, or spell a configuration's name otherwise: asked about before they are stored. */
final class RepeatedRows {
    private final List<SheetStop> stops;
    private final List<Integer> rows;
    private final List<Optional<SheetDoubles.Repeat>> doubles;
    private final Map<String, String> respelled;

    private RepeatedRows(List<SheetStop> stops, List<Integer> rows) {
        this.stops = stops;
        this.rows = rows;
        doubles = SheetDoubles.of(stops);
        respelled = SheetNames.respelled(
                stops.stream().map(SheetStop::configuration).toList());
    }

    static RepeatedRows of(TypedStops typed) {
        List<SheetStop> stops = new ArrayList<>();
        List<Integer> rows = new ArrayList<>();
        for (int i = 0; i < typed.rows().size(); i++) {
            int row = i + 1;
            typed.rows().get(i).stop().ifPresent(s -> {
                stops.add(s);
                rows.add(row);
            });
        }
        return new RepeatedRows(stops, rows);
    }

    /** Of the stop at an index, counted without the rows that hold none. */
    List<SheetReading.Doubted> doubts(int stop) {
        List<SheetReading.Doubted> found = new ArrayList<>();
        doubles.get(stop).ifPresent(d -> {
            Term row = Term.count(rows.get(d.earlier()));
            found.add(
                    d.isEqual()
                            ? new SheetReading.Doubted(
                                    SheetColumn.CONFIGURATION, Finding.of(EntryDoubt.REPEATS_ROW, row))
                            : new SheetReading.Doubted(SheetColumn.STOP, Finding.of(EntryDoubt.NUMBER_OF_ROW, row)));
        });
        String name = respelled.get(stops.get(stop).configuration());
        if (name != null) {
            found.add(new SheetReading.Doubted(
                    SheetColumn.CONFIGURATION, Finding.of(EntryDoubt.SPELLED_LIKE, Term.name(name))));
        }
        return found;
    }
}
