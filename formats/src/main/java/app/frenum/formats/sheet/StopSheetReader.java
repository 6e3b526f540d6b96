package app.frenum.formats.sheet;

import app.frenum.formats.BadInput;
import app.frenum.formats.Dialect;
import app.frenum.formats.HeaderCell;
import app.frenum.formats.MeasuredText;
import app.frenum.formats.TextFile;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.StringTokenizer;
import org.jspecify.annotations.Nullable;

/** Reads a stop sheet CSV; refuses, with line and column, whatever it cannot take as it is written. */
public final class StopSheetReader {
    private static final int MOST_ROWS = 100_000;

    private final Dialect dialect;
    private final List<SheetStop> stops = new ArrayList<>();
    private final List<String> summaries = new ArrayList<>();
    private final OneBasis bases = new OneBasis();
    private @Nullable SheetHeader header;

    private StopSheetReader(Dialect dialect) {
        this.dialect = dialect;
    }

    /** Whether the file's header looks like a stop sheet's rather than a log's. */
    public static boolean looksLikeSheet(Path file) throws IOException, BadInput {
        return TextFile.head(file)
                .lines()
                .limit(50)
                .filter(l -> !l.isBlank() && !l.startsWith("#"))
                .findFirst()
                .map(StopSheetReader::namesStops)
                .orElse(false);
    }

    private static boolean namesStops(String header) {
        StringTokenizer cells = new StringTokenizer(header, ",;\t\"");
        List<String> titles = new ArrayList<>();
        while (cells.hasMoreTokens()) {
            String title = cells.nextToken();
            if (title.length() <= HeaderCell.LONGEST) {
                titles.add(title);
            }
        }
        return ColumnNames.tellsOfStops(titles);
    }

    public static StopSheet read(Path file) throws IOException, BadInput {
        List<String> lines = TextFile.head(file).lines().limit(50).toList();
        StopSheetReader reader = new StopSheetReader(Dialect.of(lines));
        try (CsvReader<CsvRecord> rows = CsvReader.builder()
                .fieldSeparator(reader.dialect.separator())
                .detectBomHeader(true)
                .maxBufferSize(TextFile.LONGEST_ROW)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(file)) {
            for (CsvRecord row : rows) {
                reader.take(row);
            }
        } catch (CsvParseException e) {
            throw BadInput.inFile(
                    "The sheet cannot be read: a cell's quotes never close, or a row is longer than %d characters. Save it again as CSV UTF-8."
                            .formatted(TextFile.LONGEST_ROW));
        } catch (UncheckedIOException e) {
            if (e.getCause() instanceof CharacterCodingException coding) {
                throw TextFile.notUtf8(1, coding);
            }
            throw e.getCause();
        }
        if (reader.stops.isEmpty()) {
            throw BadInput.inFile("There are no stops below the header. Write one row for each stop.");
        }
        return new StopSheet(
                List.copyOf(reader.stops),
                List.copyOf(Objects.requireNonNull(reader.header).leftOut()),
                List.copyOf(reader.summaries));
    }

    private void take(CsvRecord row) throws BadInput {
        long line = row.getStartingLineNumber();
        if (header == null) {
            header = SheetHeader.of(row.getFields(), line);
            return;
        }
        if (row.getFields().stream().allMatch(String::isBlank)) {
            return;
        }
        Optional<String> summary = SummaryRows.named(row.getFields());
        if (summary.isPresent()) {
            summaries.add("row %d (%s)".formatted(line, summary.get()));
            return;
        }
        if (stops.size() == MOST_ROWS) {
            throw BadInput.atLine(line, "The sheet has more than %d stops. Cut it into parts.".formatted(MOST_ROWS));
        }
        if (row.getFieldCount() <= header.places().getOrDefault(SheetColumn.CONFIGURATION, 0)) {
            throw BadInput.at(
                    line,
                    row.getFieldCount(),
                    "The row has %d cells where the header has at least %d."
                            .formatted(row.getFieldCount(), header.width()));
        }
        MeasuredText.Mark mark = dialect.decimalComma() ? MeasuredText.Mark.COMMA : MeasuredText.Mark.POINT;
        SheetRow cells = new SheetRow(header, row.getFields(), line, mark);
        Optional<SheetStop> stop = cells.stop(Optional.empty());
        stop.flatMap(s -> bases.unlikeAbove(s)).ifPresent(why -> cells.fault(SheetColumn.BASIS, why));
        if (!cells.faults().isEmpty()) {
            throw refused(cells.faults().get(0), header, line);
        }
        stops.add(stop.orElseThrow());
    }

    private static BadInput refused(CellFault fault, SheetHeader header, long line) {
        return fault.column().isEmpty()
                ? BadInput.atLine(line, fault.problem())
                : BadInput.at(line, header.places().getOrDefault(fault.column().get(), 0) + 1, fault.problem());
    }
}
