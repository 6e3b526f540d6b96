package app.frenum.formats.sheet;

import app.frenum.core.compare.Instrument;
import app.frenum.core.fade.PedalEffort;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.formats.BadInput;
import app.frenum.formats.Dialect;
import app.frenum.formats.HeaderCell;
import app.frenum.formats.NumberText;
import app.frenum.formats.PlainText;
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
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.StringTokenizer;
import java.util.function.Function;

/** Reads a stop sheet CSV; refuses, with line and column, whatever it cannot take as it is written. */
public final class StopSheetReader {
    private static final int MOST_ROWS = 100_000;
    private static final int LONGEST_TEXT = 2000;

    private final Dialect dialect;
    private final Map<SheetColumn, Integer> places = new EnumMap<>(SheetColumn.class);
    private final Map<SheetColumn, Unit> units = new EnumMap<>(SheetColumn.class);
    private final List<String> leftOut = new ArrayList<>();
    private final List<SheetStop> stops = new ArrayList<>();
    private final Map<String, DistanceBasis> basisOf = new HashMap<>();

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
                .map(StopSheetReader::namesConfigurations)
                .orElse(false);
    }

    private static boolean namesConfigurations(String header) {
        StringTokenizer cells = new StringTokenizer(header, ",;\t\"");
        while (cells.hasMoreTokens()) {
            if (cells.nextToken().strip().equalsIgnoreCase(SheetColumn.CONFIGURATION.title())) {
                return true;
            }
        }
        return false;
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
        return new StopSheet(List.copyOf(reader.stops), List.copyOf(reader.leftOut));
    }

    private void take(CsvRecord row) throws BadInput {
        if (places.isEmpty()) {
            header(row);
            return;
        }
        if (row.getFields().stream().allMatch(String::isBlank)) {
            return;
        }
        if (stops.size() == MOST_ROWS) {
            throw BadInput.atLine(
                    row.getStartingLineNumber(),
                    "The sheet has more than %d stops. Cut it into parts.".formatted(MOST_ROWS));
        }
        int last = places.values().stream().mapToInt(i -> i).max().orElse(0);
        if (row.getFieldCount() <= places.getOrDefault(SheetColumn.CONFIGURATION, 0)) {
            throw BadInput.at(
                    row.getStartingLineNumber(),
                    row.getFieldCount(),
                    "The row has %d cells where the header has at least %d.".formatted(row.getFieldCount(), last + 1));
        }
        stops.add(new Row(row).stop());
    }

    private void header(CsvRecord row) throws BadInput {
        for (int i = 0; i < row.getFieldCount(); i++) {
            HeaderCell.check(row.getField(i), row.getStartingLineNumber(), i + 1);
            HeaderCell cell = HeaderCell.of(row.getField(i));
            String title = cell.name();
            String unit = cell.unit();
            Optional<SheetColumn> column = SheetColumn.named(title);
            if (column.isEmpty()) {
                if (!title.isBlank()) {
                    leftOut.add(title.strip());
                }
                continue;
            }
            if (places.putIfAbsent(column.get(), i) != null) {
                throw BadInput.at(
                        row.getStartingLineNumber(),
                        i + 1,
                        "There are two columns called \"%s\"."
                                .formatted(column.get().title()));
            }
            if (column.get().dimension().isPresent()) {
                units.put(column.get(), unit(row, i, column.get(), unit));
            }
        }
        require(row, SheetColumn.CONFIGURATION);
        if (!places.containsKey(SheetColumn.DISTANCE) && !places.containsKey(SheetColumn.TIME)) {
            throw BadInput.atLine(
                    row.getStartingLineNumber(),
                    "There is neither a column \"distance [m]\" nor \"time [s]\"; one is needed.");
        }
    }

    private void require(CsvRecord row, SheetColumn column) throws BadInput {
        if (!places.containsKey(column)) {
            throw BadInput.atLine(
                    row.getStartingLineNumber(), "There is no column called \"%s\".".formatted(column.title()));
        }
    }

    private static Unit unit(CsvRecord row, int i, SheetColumn column, String written) throws BadInput {
        String example = "%s [%s]"
                .formatted(column.title(), column.usualUnit().orElseThrow().symbol());
        if (written.isEmpty()) {
            throw BadInput.at(
                    row.getStartingLineNumber(),
                    i + 1,
                    "\"%s\" has no unit. Write it into the header, such as \"%s\".".formatted(column.title(), example));
        }
        return Unit.of(written)
                .filter(u -> u.dimension() == column.dimension().orElseThrow())
                .orElseThrow(() -> BadInput.at(
                        row.getStartingLineNumber(),
                        i + 1,
                        "%s is not a unit of %s. Use one of %s."
                                .formatted(
                                        BadInput.quote(written),
                                        column.title(),
                                        Unit.known(column.dimension().orElseThrow()))));
    }

    /** One row, cell by cell. */
    private final class Row {
        private final CsvRecord row;

        Row(CsvRecord row) {
            this.row = row;
        }

        SheetStop stop() throws BadInput {
            Optional<Quantity> distance = quantity(SheetColumn.DISTANCE);
            Optional<Quantity> time = quantity(SheetColumn.TIME);
            String configuration = text(SheetColumn.CONFIGURATION)
                    .orElseThrow(
                            () -> bad(SheetColumn.CONFIGURATION, "The configuration is empty; every stop needs one."));
            if (distance.isEmpty() && time.isEmpty()) {
                throw BadInput.atLine(
                        row.getStartingLineNumber(), "There is neither a distance nor a time; one is needed.");
            }
            return new SheetStop(
                    row.getStartingLineNumber(),
                    configuration,
                    text(SheetColumn.SERIES).orElse("1"),
                    number(),
                    text(SheetColumn.DATE),
                    basis(configuration, distance.isPresent()),
                    text(SheetColumn.DIRECTION),
                    text(SheetColumn.DRIVER),
                    text(SheetColumn.LOAD),
                    instrument(distance.isPresent()),
                    quantity(SheetColumn.NOMINAL_SPEED),
                    quantity(SheetColumn.ENTRY_SPEED),
                    distance,
                    time,
                    temperatures(SheetColumn::startTemperature),
                    temperatures(SheetColumn::endTemperature),
                    pedalFeel(),
                    text(SheetColumn.SURFACE),
                    quantity(SheetColumn.AMBIENT),
                    quantity(SheetColumn.TYRE_PRESSURE_FRONT),
                    quantity(SheetColumn.TYRE_PRESSURE_REAR),
                    struckOut(),
                    text(SheetColumn.REASON),
                    text(SheetColumn.NOTE),
                    quantity(SheetColumn.SECONDS_AFTER_REST),
                    oneOf(SheetColumn.READ_ON, List.of("blackened", "bare", "probe")),
                    oneOf(
                            SheetColumn.PEDAL_EFFORT,
                            Arrays.stream(PedalEffort.values())
                                    .map(PedalEffort::label)
                                    .toList()),
                    text(SheetColumn.PHASE));
        }

        private Optional<String> pedalFeel() throws BadInput {
            Optional<String> text = text(SheetColumn.PEDAL_FEEL);
            if (text.isPresent() && PedalFeel.named(text.get()).isEmpty()) {
                throw bad(
                        SheetColumn.PEDAL_FEEL,
                        "%s is not a pedal feel known here. Use %s; anything else belongs into the column \"note\"."
                                .formatted(BadInput.quote(text.get()), PedalFeel.WORDS));
            }
            return text.flatMap(PedalFeel::named).map(PedalFeel::label);
        }

        private Optional<String> oneOf(SheetColumn column, List<String> words) throws BadInput {
            Optional<String> text = text(column).map(t -> t.toLowerCase(Locale.ROOT));
            if (text.isPresent() && !words.contains(text.get())) {
                throw bad(
                        column,
                        "%s is not known in the column \"%s\". Use one of %s."
                                .formatted(BadInput.quote(text.get()), column.title(), String.join(", ", words)));
            }
            return text;
        }

        private BadInput bad(SheetColumn column, String problem) {
            return BadInput.at(row.getStartingLineNumber(), places.getOrDefault(column, 0) + 1, problem);
        }

        private Optional<String> text(SheetColumn column) throws BadInput {
            Integer i = places.get(column);
            if (i == null || i >= row.getFieldCount() || row.getField(i).isBlank()) {
                return Optional.empty();
            }
            String text = CellGuard.unguarded(row.getField(i).strip());
            PlainText.check(text, row.getStartingLineNumber(), i + 1);
            if (text.length() > LONGEST_TEXT) {
                throw bad(column, "The text is longer than %d characters.".formatted(LONGEST_TEXT));
            }
            return Optional.of(text);
        }

        private Optional<Quantity> quantity(SheetColumn column) throws BadInput {
            Optional<String> text = text(column);
            if (text.isEmpty()) {
                return Optional.empty();
            }
            double x = NumberText.parse(text.get(), dialect.decimalComma() ? ',' : '.');
            if (Double.isNaN(x)) {
                return Optional.empty();
            }
            if (x == NumberText.NOT_A_NUMBER) {
                throw bad(
                        column,
                        "%s is not a number, in the column \"%s\"."
                                .formatted(BadInput.quote(text.get()), column.title()));
            }
            Quantity q = new Quantity(x, Objects.requireNonNull(units.get(column)));
            if (!column.allows(q.inside())) {
                throw bad(
                        column,
                        "%s %s read. %s must be %s."
                                .formatted(text.get(), q.unit().symbol(), column.title(), column.allowed(q.unit())));
            }
            return Optional.of(q);
        }

        private Map<WheelPosition, Quantity> temperatures(Function<WheelPosition, SheetColumn> column) throws BadInput {
            Map<WheelPosition, Quantity> out = new EnumMap<>(WheelPosition.class);
            for (WheelPosition wheel : WheelPosition.values()) {
                quantity(column.apply(wheel)).ifPresent(q -> out.put(wheel, q));
            }
            return out;
        }

        private Optional<Integer> number() throws BadInput {
            Optional<String> text = text(SheetColumn.STOP);
            if (text.isPresent() && !text.get().matches("[0-9]{1,6}")) {
                throw bad(SheetColumn.STOP, "%s is not a stop number.".formatted(BadInput.quote(text.get())));
            }
            return text.map(Integer::valueOf);
        }

        private DistanceBasis basis(String configuration, boolean hasDistance) throws BadInput {
            Optional<String> text = text(SheetColumn.BASIS);
            DistanceBasis basis = hasDistance ? DistanceBasis.ONSET_TO_REST : DistanceBasis.TIME_ONLY;
            if (text.isPresent()) {
                String key =
                        text.get().toUpperCase(Locale.ROOT).replace(' ', '_').replace('-', '_');
                basis = switch (key) {
                    case "ONSET_TO_REST" -> DistanceBasis.ONSET_TO_REST;
                    case "SPEED_WINDOW" -> DistanceBasis.SPEED_WINDOW;
                    case "TIME_ONLY" -> DistanceBasis.TIME_ONLY;
                    default ->
                        throw bad(
                                SheetColumn.BASIS,
                                "%s is not a basis. Use ONSET_TO_REST, SPEED_WINDOW or TIME_ONLY."
                                        .formatted(BadInput.quote(text.get())));
                };
            }
            if (basis != DistanceBasis.TIME_ONLY && !hasDistance) {
                throw bad(SheetColumn.DISTANCE, "The basis is %s but there is no distance.".formatted(basis));
            }
            DistanceBasis before = basisOf.putIfAbsent(configuration, basis);
            if (before != null && before != basis) {
                throw bad(
                        SheetColumn.BASIS,
                        "The stops of %s are counted %s above and %s here; one configuration needs one basis."
                                .formatted(BadInput.quote(configuration), before.label(), basis.label()));
            }
            return basis;
        }

        private Instrument instrument(boolean hasDistance) throws BadInput {
            Optional<String> text = text(SheetColumn.INSTRUMENT);
            if (text.isEmpty()) {
                return hasDistance ? Instrument.TAPE : Instrument.STOPWATCH;
            }
            String key = text.get().toLowerCase(Locale.ROOT);
            if (key.contains("wheel")) {
                return Instrument.WHEEL;
            }
            if (key.contains("logger") || key.contains("gps")) {
                return Instrument.LOGGER;
            }
            if (key.contains("watch") || key.contains("timer")) {
                return hasDistance ? Instrument.TAPE : Instrument.STOPWATCH;
            }
            if (key.contains("tape") || key.contains("cone") || key.contains("chalk")) {
                return Instrument.TAPE;
            }
            throw bad(
                    SheetColumn.INSTRUMENT,
                    "%s is not an instrument known here. Use tape, wheel, stopwatch or logger."
                            .formatted(BadInput.quote(text.get())));
        }

        private boolean struckOut() throws BadInput {
            String text = text(SheetColumn.STRUCK_OUT).orElse("").toLowerCase(Locale.ROOT);
            return switch (text) {
                case "yes", "true", "1", "x" -> true;
                case "no", "false", "0", "" -> false;
                default ->
                    throw bad(
                            SheetColumn.STRUCK_OUT,
                            "%s is neither yes nor no. Use yes, no, true, false, 1, 0, x or nothing."
                                    .formatted(BadInput.quote(text)));
            };
        }
    }
}
