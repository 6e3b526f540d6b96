package app.frenum.formats.sheet;

import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.Writer;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** Writes stops as a sheet that {@link StopSheetReader} reads back to the same stops. */
public final class StopSheetWriter {
    private StopSheetWriter() {}

    /** Writes a header and one row per stop. A column's unit is that of its first value; others are converted. */
    public static void write(List<SheetStop> stops, Writer to) throws IOException {
        List<Cell> cells = cells(stops);
        try (CsvWriter csv = CsvWriter.builder().build(to)) {
            csv.writeRecord(cells.stream().map(Cell::title).toList());
            for (SheetStop stop : stops) {
                csv.writeRecord(cells.stream().map(c -> c.text().apply(stop)).toList());
            }
        }
    }

    private record Cell(String title, Function<SheetStop, String> text) {}

    private static List<Cell> cells(List<SheetStop> stops) {
        List<Cell> cells = new ArrayList<>();
        cells.add(text(SheetColumn.CONFIGURATION, s -> Optional.of(s.configuration())));
        cells.add(text(SheetColumn.SERIES, SheetStop::series));
        cells.add(text(SheetColumn.STOP, s -> s.stop().map(String::valueOf)));
        cells.add(text(SheetColumn.DATE, SheetStop::date));
        cells.add(text(SheetColumn.BASIS, s -> Optional.of(s.basis().name())));
        cells.add(text(SheetColumn.DIRECTION, SheetStop::direction));
        cells.add(text(SheetColumn.DRIVER, SheetStop::driver));
        cells.add(text(SheetColumn.LOAD, SheetStop::load));
        cells.add(text(SheetColumn.INSTRUMENT, s -> Optional.of(s.instrument().label())));
        cells.add(quantity(SheetColumn.NOMINAL_SPEED, stops, SheetStop::nominalSpeed));
        cells.add(quantity(SheetColumn.ENTRY_SPEED, stops, SheetStop::entrySpeed));
        cells.add(quantity(SheetColumn.DISTANCE, stops, SheetStop::distance));
        cells.add(quantity(SheetColumn.TIME, stops, SheetStop::time));
        for (WheelPosition w : WheelPosition.values()) {
            cells.add(quantity(
                    SheetColumn.startTemperature(w),
                    stops,
                    s -> Optional.ofNullable(s.startTemperatures().get(w))));
        }
        for (WheelPosition w : WheelPosition.values()) {
            cells.add(quantity(
                    SheetColumn.endTemperature(w),
                    stops,
                    s -> Optional.ofNullable(s.endTemperatures().get(w))));
        }
        cells.add(quantity(SheetColumn.SECONDS_AFTER_REST, stops, SheetStop::secondsAfterRest));
        cells.add(text(SheetColumn.READ_ON, SheetStop::readOn));
        cells.add(text(SheetColumn.PEDAL_FEEL, SheetStop::pedalFeel));
        cells.add(text(SheetColumn.PEDAL_EFFORT, SheetStop::pedalEffort));
        cells.add(text(SheetColumn.PHASE, SheetStop::phase));
        cells.add(text(
                SheetColumn.LOCKED_FIRST, s -> s.lockedFirst().map(a -> a.name().toLowerCase(Locale.ROOT))));
        cells.add(text(SheetColumn.SURFACE, SheetStop::surface));
        cells.add(quantity(SheetColumn.AMBIENT, stops, SheetStop::ambient));
        cells.add(quantity(SheetColumn.TYRE_PRESSURE_FRONT, stops, SheetStop::tyrePressureFront));
        cells.add(quantity(SheetColumn.TYRE_PRESSURE_REAR, stops, SheetStop::tyrePressureRear));
        cells.add(text(SheetColumn.TYRES, s -> s.tyres().map(TyreState::label)));
        cells.add(quantity(SheetColumn.TYRE_TEMPERATURE, stops, SheetStop::tyreTemperature));
        cells.add(text(SheetColumn.STRUCK_OUT, s -> s.struckOut() ? Optional.of("yes") : Optional.empty()));
        cells.add(text(SheetColumn.REASON, SheetStop::reason));
        cells.add(text(SheetColumn.NOTE, SheetStop::note));
        return cells;
    }

    private static Cell text(SheetColumn column, Function<SheetStop, Optional<String>> text) {
        return new Cell(
                column.title(), s -> text.apply(s).map(CellGuard::guarded).orElse(""));
    }

    private static Cell quantity(
            SheetColumn column, List<SheetStop> stops, Function<SheetStop, Optional<Quantity>> value) {
        Unit unit = stops.stream()
                .map(value)
                .flatMap(Optional::stream)
                .map(Quantity::unit)
                .findFirst()
                .orElse(column.usualUnit().orElseThrow());
        return new Cell(
                "%s [%s]".formatted(column.title(), unit.symbol()),
                s -> value.apply(s).map(q -> number(q, unit)).orElse(""));
    }

    private static String number(Quantity q, Unit unit) {
        double x = q.unit() == unit ? q.entered() : unit.fromInside(q.inside());
        return q.unit() == unit
                ? BigDecimal.valueOf(x).stripTrailingZeros().toPlainString()
                : BigDecimal.valueOf(x)
                        .round(new MathContext(9))
                        .stripTrailingZeros()
                        .toPlainString();
    }
}
