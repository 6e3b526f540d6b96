package app.frenum.formats.log;

import app.frenum.core.finding.Term;
import app.frenum.core.log.HeaderWords;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.LogFinding;
import app.frenum.core.log.Role;
import app.frenum.core.log.RoleNames;
import app.frenum.core.quantity.Dimension;
import app.frenum.core.quantity.Unit;
import app.frenum.formats.BadInput;
import app.frenum.formats.Dialect;
import app.frenum.formats.HeaderCell;
import app.frenum.formats.NumberText;
import app.frenum.formats.TextFile;
import app.frenum.formats.sheet.ColumnNames;
import de.siegmar.fastcsv.reader.CsvReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What stands above the samples of a log: notes, names, units, and how the table is written.
 *
 * @param notes the {@code # key: value} lines
 * @param dialect separator and decimal mark
 * @param lines how many lines stand above the first sample
 * @param time which column holds the time
 * @param columns all others
 * @param twice columns that say what one before them says already; they are kept, and nothing is made of them
 * @param fingerprint the same for all files of one logger set-up; remembered roles hang on it
 */
public record LogHeader(
        Map<String, String> notes,
        Dialect dialect,
        int lines,
        Column time,
        List<Column> columns,
        List<HealthFinding> twice,
        String fingerprint) {
    private static final int MOST_COLUMNS = 1000;

    /**
     * Reads it off the start of a file.
     *
     * @param roles roles set by hand, by column index; they win over recognised ones
     */
    public static LogHeader read(Path file, Map<Integer, Role> roles) throws IOException, BadInput {
        List<String> lines = TextFile.head(file).lines().limit(200).toList();
        Map<String, String> notes = new LinkedHashMap<>();
        int at = 0;
        while (at < lines.size() && (lines.get(at).isBlank() || lines.get(at).startsWith("#"))) {
            note(lines.get(at), notes);
            at++;
        }
        if (at >= lines.size()) {
            throw BadInput.inFile(
                    "There is no header row. The first row must name the columns, such as \"time [s],speed [km/h]\".");
        }
        Dialect dialect = Dialect.of(lines.subList(at, Math.min(lines.size(), at + 50)));
        List<String> names = cells(lines.get(at), dialect, at + 1);
        refuseNamelessHeader(names, at + 1, dialect);
        List<String> second = at + 1 < lines.size() ? cells(lines.get(at + 1), dialect, at + 2) : List.of();
        boolean unitRow = isUnitRow(names, second);
        return new Builder(names, unitRow ? second : List.of(), at + 1, roles)
                .build(
                        notes,
                        dialect,
                        at + (unitRow ? 2 : 1),
                        fingerprint(lines.get(at) + (unitRow ? lines.get(at + 1) : "")));
    }

    private static void note(String line, Map<String, String> notes) {
        int colon = line.indexOf(':');
        if (colon > 0) {
            notes.put(
                    line.substring(1, colon).strip(), line.substring(colon + 1).strip());
        }
    }

    private static List<String> cells(String line, Dialect dialect, long lineNumber) throws BadInput {
        try {
            return CsvReader.builder()
                    .fieldSeparator(dialect.separator())
                    .ofSingleCsvRecord(line)
                    .getFields();
        } catch (RuntimeException e) {
            throw BadInput.atLine(lineNumber, "The row has quotes that never close. Mend it, or export the log again.");
        }
    }

    private static void refuseNamelessHeader(List<String> names, int line, Dialect dialect) throws BadInput {
        if (names.size() > MOST_COLUMNS) {
            throw BadInput.atLine(
                    line, "The header has %d columns; at most %d can be read.".formatted(names.size(), MOST_COLUMNS));
        }
        char mark = dialect.decimalComma() ? ',' : '.';
        for (int i = 0; i < names.size(); i++) {
            HeaderCell.check(names.get(i), line, i + 1);
        }
        boolean numbers = names.stream().allMatch(n -> NumberText.parse(n, mark) != NumberText.NOT_A_NUMBER);
        if (numbers) {
            throw BadInput.atLine(
                    line,
                    "The first row holds numbers, not names. Put a header row above it, such as \"time [s],speed [km/h]\".");
        }
    }

    private static boolean isUnitRow(List<String> names, List<String> second) {
        if (second.size() != names.size()) {
            return false;
        }
        for (int i = 0; i < names.size(); i++) {
            if (isTime(plainName(names.get(i)))) {
                return Unit.of(second.get(i))
                        .filter(u -> u.dimension() == Dimension.TIME)
                        .isPresent();
            }
        }
        return false;
    }

    private static String plainName(String cell) {
        return HeaderCell.of(cell).name();
    }

    private static boolean isTime(String name) {
        return switch (name.toLowerCase(Locale.ROOT)) {
            case "time",
                    "t",
                    "timestamp",
                    "elapsed",
                    "elapsed time",
                    "log time",
                    "utc",
                    "utc time",
                    "date time",
                    "datetime" -> true;
            default -> HeaderWords.isTime(name);
        };
    }

    private static String fingerprint(String text) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** Turns header cells into columns, one role each at most. */
    private static final class Builder {
        private final List<String> names;
        private final List<String> units;
        private final int line;
        private final Map<Integer, Role> byHand;
        private final Map<Role, Integer> taken = new EnumMap<>(Role.class);
        private final List<HealthFinding> twice = new ArrayList<>();

        Builder(List<String> names, List<String> units, int line, Map<Integer, Role> byHand) {
            this.names = names;
            this.units = units;
            this.line = line;
            this.byHand = byHand;
            byHand.forEach((i, role) -> taken.put(role, i));
        }

        LogHeader build(Map<String, String> notes, Dialect dialect, int lines, String fingerprint) throws BadInput {
            Column time = null;
            List<Column> columns = new ArrayList<>();
            for (int i = 0; i < names.size(); i++) {
                String name = plainName(names.get(i));
                if (time == null && isTime(name)) {
                    time = new Column(i, name, unitText(i), timeUnit(i), Role.EXTRA);
                } else if (!name.isEmpty() || !unitText(i).isEmpty()) {
                    columns.add(column(i, name));
                }
            }
            if (time == null) {
                throw BadInput.atLine(
                        line,
                        "This header is understood neither as a log's nor as a stop sheet's. A log needs \"time [s]\" and a speed, deceleration or pressure; a stop sheet needs \"configuration\" and \"distance [m]\" or \"time [s]\"."
                                + ColumnNames.nearest(names)
                                + " A table without a header can be pasted under \"Type stops\".");
            }
            if (columns.isEmpty()) {
                throw BadInput.atLine(
                        line, "There is no column beside the time. A log needs at least \"speed [km/h]\".");
            }
            return new LogHeader(notes, dialect, lines, time, List.copyOf(columns), List.copyOf(twice), fingerprint);
        }

        private String unitText(int i) {
            String inBrackets = HeaderCell.of(names.get(i)).unit();
            return inBrackets.isEmpty() && !units.isEmpty() ? units.get(i).strip() : inBrackets;
        }

        private Unit timeUnit(int i) throws BadInput {
            String text = unitText(i);
            if (text.isEmpty() || text.toLowerCase(Locale.ROOT).contains("iso")) {
                return Unit.SECONDS;
            }
            return Unit.of(text)
                    .filter(u -> u.dimension() == Dimension.TIME)
                    .orElseThrow(() -> unknownUnit(i, text, Dimension.TIME));
        }

        private Column column(int i, String name) throws BadInput {
            String text = unitText(i);
            Optional<Unit> unit = Unit.of(text);
            Role role = role(i, name);
            if (role.dimension().isEmpty()) {
                return new Column(i, name, text, unit.orElse(Unit.ONE), Role.EXTRA);
            }
            Dimension dimension = role.dimension().get();
            if (role.isSwitch()) {
                return new Column(i, name, text, Unit.ONE, role);
            }
            if (text.isEmpty() && (role == Role.LATITUDE || role == Role.LONGITUDE)) {
                return new Column(i, name, "deg", Unit.DEGREES, role);
            }
            if (text.isEmpty()) {
                throw BadInput.at(
                        line,
                        i + 1,
                        "%s has no unit. Write it into the header, such as \"%s [%s]\"."
                                .formatted(
                                        BadInput.quote(name),
                                        name,
                                        dimension.inside().symbol()));
            }
            if (unit.isEmpty()) {
                throw unknownUnit(i, text, dimension);
            }
            if (unit.get().dimension() != dimension) {
                // A known unit of another kind: the name misled us, so it is kept as an extra channel.
                taken.remove(role);
                return new Column(i, name, text, unit.get(), Role.EXTRA);
            }
            return new Column(i, name, text, unit.get(), role);
        }

        private Role role(int i, String name) {
            if (byHand.containsKey(i)) {
                return byHand.get(i);
            }
            Role role = RoleNames.recognise(name);
            Integer first = role == Role.EXTRA ? null : taken.putIfAbsent(role, i);
            if (first == null) {
                return role;
            }
            twice.add(HealthFinding.ofLog(
                    LogFinding.SAME_ROLE,
                    Term.count(first + 1),
                    Term.count(i + 1),
                    Term.name(BadInput.quote(name)),
                    Term.name(role.name().toLowerCase(Locale.ROOT).replace('_', ' '))));
            return Role.EXTRA;
        }

        private BadInput unknownUnit(int i, String text, Dimension dimension) {
            return BadInput.at(
                    line,
                    i + 1,
                    "%s is not a unit of %s. Use one of %s."
                            .formatted(
                                    BadInput.quote(text),
                                    dimension.name().toLowerCase(Locale.ROOT),
                                    Unit.known(dimension)));
        }
    }
}
