package app.frenum.formats.sheet;

import app.frenum.core.quantity.Unit;
import app.frenum.formats.BadInput;
import app.frenum.formats.HeaderCell;
import app.frenum.formats.MeasuredText;
import app.frenum.formats.PlainText;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * A table as people copy it out of something: with or without a header over one or more rows, units in the header or in the
 * cells, rows below that are sums. What each column is, is guessed; nothing in a cell is changed.
 *
 * @param columns from left to right
 * @param rows of stops, each as wide as the columns
 * @param leftOut rows that are none
 */
public record PastedTable(List<Column> columns, List<List<String>> rows, List<LeftOut> leftOut) {
    private static final int MOST_CHARACTERS = 1_000_000;
    private static final int MOST_ROWS = 2_000;
    private static final int MOST_COLUMNS = 60;
    private static final int MOST_HEADER_ROWS = 3;
    /**
     * A column.
     *
     * @param title as written; empty where there is no header
     * @param meaning what it is taken for; empty where nobody can say
     * @param unit that its numbers are in where their cells do not say
     * @param sure whether its title or its units say so, and nothing is guessed
     */
    public record Column(String title, Optional<SheetColumn> meaning, Optional<Unit> unit, boolean sure) {}

    /** A row that is no stop, and why; {@code row} counted from 1 as pasted. */
    public record LeftOut(int row, String text, String why) {}

    /** Whether every column is known without asking. */
    public boolean isSure() {
        return columns.stream().allMatch(Column::sure);
    }

    /** @throws BadInput when it is too large, or no text */
    public static PastedTable of(String text) throws BadInput {
        if (text.length() > MOST_CHARACTERS) {
            throw BadInput.inFile("More than a million characters were pasted. Bring it in as a file.");
        }
        return new Reader(cells(text)).table();
    }

    private static List<List<String>> cells(String text) throws BadInput {
        char separator = separator(text);
        List<List<String>> rows = new ArrayList<>();
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .fieldSeparator(separator)
                .skipEmptyLines(false)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(text)) {
            for (CsvRecord row : reader) {
                rows.add(row.getFields().stream().map(PastedTable::cell).toList());
                if (rows.size() > MOST_ROWS || row.getFieldCount() > MOST_COLUMNS) {
                    throw BadInput.inFile("More than %d rows or %d columns were pasted. Bring it in as a file."
                            .formatted(MOST_ROWS, MOST_COLUMNS));
                }
            }
        } catch (CsvParseException e) {
            throw BadInput.inFile("What was pasted cannot be read: a cell's quotes never close.");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        for (int i = 0; i < rows.size(); i++) {
            for (int j = 0; j < rows.get(i).size(); j++) {
                PlainText.check(rows.get(i).get(j), i + 1L, j + 1);
            }
        }
        return rows;
    }

    private static String cell(String text) {
        return text.replaceAll("[\\s\u00a0]+", " ").strip();
    }

    /** Tabs wherever there are any; else semicolons; else commas, unless they stand inside numbers. */
    private static char separator(String text) {
        if (text.indexOf('\t') >= 0) {
            return '\t';
        }
        if (text.indexOf(';') >= 0) {
            return ';';
        }
        boolean decimalCommas = text.lines()
                .map(String::strip)
                .filter(l -> l.indexOf(',') >= 0)
                .allMatch(l -> MeasuredText.of(l, MeasuredText.Mark.COMMA).isReadable());
        return decimalCommas ? '\t' : ',';
    }

    /** Takes header, stops and sums apart. */
    private static final class Reader {
        private final List<List<String>> all;
        private final int width;

        Reader(List<List<String>> all) {
            int widest = all.stream().mapToInt(List::size).max().orElse(0);
            this.all = all.stream()
                    .map(r -> IntStream.range(0, widest)
                            .mapToObj(i -> i < r.size() ? r.get(i) : "")
                            .toList())
                    .toList();
            width = widest;
        }

        PastedTable table() throws BadInput {
            int first = IntStream.range(0, all.size())
                    .filter(i -> !isBlank(all.get(i)))
                    .findFirst()
                    .orElseThrow(() -> BadInput.inFile("Nothing was pasted."));
            int body = first;
            while (body < all.size() && body - first < MOST_HEADER_ROWS && isHeader(all.get(body))) {
                body++;
            }
            if (body == all.size()) {
                throw BadInput.inFile("There is no row with a number in what was pasted.");
            }
            List<List<String>> rows = new ArrayList<>();
            List<LeftOut> leftOut = new ArrayList<>();
            for (int i = body; i < all.size(); i++) {
                List<String> row = all.get(i);
                if (isBlank(row)) {
                    continue;
                }
                Optional<String> why = whyNoStop(row);
                if (why.isPresent()) {
                    leftOut.add(new LeftOut(i + 1, String.join(" ", row).strip(), why.get()));
                } else {
                    rows.add(row);
                }
            }
            List<String> titles = titles(all.subList(first, body));
            List<Integer> filled = IntStream.range(0, width)
                    .filter(c -> !titles.get(c).isEmpty()
                            || rows.stream().anyMatch(r -> !r.get(c).isEmpty()))
                    .boxed()
                    .toList();
            return new PastedTable(
                    columns(titles, rows, filled),
                    rows.stream().map(r -> filled.stream().map(r::get).toList()).toList(),
                    leftOut);
        }

        private static boolean isBlank(List<String> row) {
            return row.stream().allMatch(String::isEmpty);
        }

        /** Words only, or units only; a row of dashes or of names without a figure is none. */
        private boolean isHeader(List<String> row) {
            boolean words = row.stream().filter(c -> !c.isEmpty()).noneMatch(Reader::isNumber);
            return !isBlank(row) && words && (width == 1 || row.stream().anyMatch(c -> isTitle(c)));
        }

        private static boolean isTitle(String cell) {
            return ColumnNames.meaning(cell).isPresent()
                    || ColumnNames.unit(cell).isPresent()
                    || cell.chars().filter(Character::isLetter).count() > 2;
        }

        private static boolean isNumber(String cell) {
            MeasuredText read = MeasuredText.of(cell, MeasuredText.Mark.EITHER);
            return read.isReadable() && !read.isMissing();
        }

        private Optional<String> whyNoStop(List<String> row) {
            if (row.stream().noneMatch(Reader::isNumber)) {
                return Optional.of("there is no number in it");
            }
            return SummaryRows.named(row).map("summary row (%s), skipped"::formatted);
        }

        /** Of several rows the upper ones may be a caption: the longest title that means something is taken. */
        private List<String> titles(List<List<String>> header) {
            List<String> titles = new ArrayList<>();
            for (int c = 0; c < width; c++) {
                int column = c;
                List<String> all = IntStream.range(0, Math.max(1, header.size()))
                        .mapToObj(from -> title(header, from, column))
                        .toList();
                titles.add(all.stream()
                        .filter(t -> ColumnNames.meaning(t).isPresent())
                        .findFirst()
                        .orElse(all.get(0)));
            }
            return titles;
        }

        /** The cells of a column one above the other; the upper ones reach over the empty cells on their right. */
        private String title(List<List<String>> header, int from, int c) {
            StringBuilder title = new StringBuilder();
            for (int r = from; r < header.size(); r++) {
                String cell = r < header.size() - 1
                        ? merged(header, r, c)
                        : header.get(r).get(c);
                boolean unit = r > from
                        && Unit.of(cell).isPresent()
                        && ColumnNames.unit(title.toString()).isEmpty();
                title.append(title.isEmpty() || cell.isEmpty() ? "" : " ").append(unit ? "[" + cell + "]" : cell);
            }
            return title.toString().strip();
        }

        /** An upper cell, or the one to its left whose merged width it stands in: where something stands below it. */
        private String merged(List<List<String>> header, int r, int c) {
            boolean below = header.subList(r + 1, header.size()).stream()
                    .anyMatch(row -> !row.get(c).isEmpty());
            int from = c;
            while (below && from > 0 && header.get(r).get(from).isEmpty()) {
                from--;
            }
            return header.get(r).get(from);
        }

        private static List<Column> columns(List<String> titles, List<List<String>> rows, List<Integer> filled) {
            Set<SheetColumn> taken = EnumSet.noneOf(SheetColumn.class);
            List<Column> columns = new ArrayList<>();
            for (int c : filled) {
                List<String> cells = rows.stream()
                        .map(r -> r.get(c))
                        .filter(x -> !x.isEmpty())
                        .toList();
                Column column = column(titles.get(c), cells);
                boolean again = column.meaning().isPresent()
                        && !taken.add(column.meaning().get());
                columns.add(again ? new Column(column.title(), Optional.empty(), column.unit(), false) : column);
            }
            return columns;
        }

        private static Column column(String title, List<String> cells) {
            Optional<Unit> unit = ColumnNames.unit(title);
            Optional<Unit> inCells = cells.stream()
                    .flatMap(x -> MeasuredText.of(x, MeasuredText.Mark.EITHER).unit().stream())
                    .findFirst();
            Optional<SheetColumn> titled =
                    title.length() > HeaderCell.LONGEST ? Optional.empty() : ColumnNames.meaning(title);
            // "V" over 44 m is no speed: what stands in the cells decides.
            Optional<SheetColumn> fits = titled.filter(m -> fits(m, unit.or(() -> inCells)));
            Optional<SheetColumn> meant = fits.or(() -> unit.or(() -> inCells).flatMap(ColumnNames::byUnit));
            boolean known = fits.isPresent()
                    && (fits.get().dimension().isEmpty()
                            || unit.or(() -> inCells).isPresent());
            boolean empty = cells.isEmpty();
            return new Column(
                    title,
                    meant.or(() -> byContent(cells)),
                    unit.filter(u -> meant.flatMap(SheetColumn::dimension).equals(Optional.of(u.dimension()))),
                    known || empty || title.isEmpty() && inCells.isPresent() && meant.isPresent());
        }

        private static boolean fits(SheetColumn column, Optional<Unit> unit) {
            return column.dimension().isEmpty()
                    || unit.isEmpty()
                    || column.dimension().get() == unit.get().dimension();
        }

        /** Words are configurations; 1, 2, 3 are numbers of stops; more cannot be said. */
        private static Optional<SheetColumn> byContent(List<String> cells) {
            if (cells.stream().noneMatch(Reader::isNumber)) {
                boolean few = new HashSet<>(cells).size() <= Math.max(1, cells.size() / 2);
                return few ? Optional.of(SheetColumn.CONFIGURATION) : Optional.empty();
            }
            String[] counted = IntStream.rangeClosed(1, cells.size())
                    .mapToObj(String::valueOf)
                    .toArray(String[]::new);
            return cells.size() > 1 && Arrays.asList(counted).equals(cells)
                    ? Optional.of(SheetColumn.STOP)
                    : Optional.empty();
        }
    }
}
