package app.frenum.formats.log;

import app.frenum.core.finding.Term;
import app.frenum.core.log.Channel;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.LogFinding;
import app.frenum.core.log.Role;
import app.frenum.formats.BadInput;
import app.frenum.formats.TextFile;
import de.siegmar.fastcsv.reader.CommentStrategy;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.LongConsumer;

/**
 * Reads a log CSV, row by row, into blocks. Refuses, with line and column, what cannot be understood; reads round
 * and reports what can be left out: repeated rows, a row of another length, a last row that was cut off.
 */
public final class LogCsvReader {
    /** Rows of another length are left out while they are few: at most this many, or this share. */
    private static final int FEW_RAGGED = 10;

    private static final double FEW_RAGGED_SHARE = 0.01;
    private static final int REPORT_EVERY_ROWS = 1 << 14;

    private final LogHeader header;
    private final SampleSpool spool;
    private final RowHandler rowHandler;
    private final LongConsumer progress;
    private double[] previous;
    private double previousTime = Double.NEGATIVE_INFINITY;
    private long duplicates;
    private long repeats;
    private long firstRepeat;
    private long ragged;
    private long firstRagged;
    private long firstRaggedCells;
    private boolean truncated;

    private LogCsvReader(LogHeader header, SampleSpool spool, LongConsumer progress) {
        this.header = header;
        this.spool = spool;
        this.progress = progress;
        this.rowHandler = new RowHandler(header);
        this.previous = new double[header.columns().size()];
    }

    /**
     * Reads a file.
     *
     * @param roles roles set by hand, by column index
     * @param progress told the number of rows read, now and then
     * @throws BadInput when it must be refused; nothing is left behind then
     */
    public static LogFile read(Path file, Map<Integer, Role> roles, LongConsumer progress)
            throws IOException, BadInput {
        LogHeader header = LogHeader.read(file, roles);
        List<Channel> channels = header.columns().stream()
                .map(c -> new Channel(c.name(), c.role(), c.unit()))
                .toList();
        SampleSpool spool = new SampleSpool(channels);
        try {
            LogCsvReader reader = new LogCsvReader(header, spool, progress);
            reader.readRows(file);
            spool.finish();
            return new LogFile(header, spool, spool.asLog(), reader.findings());
        } catch (IOException | BadInput | RuntimeException e) {
            spool.close();
            throw e;
        }
    }

    private void readRows(Path file) throws IOException, BadInput {
        var decoder = StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
        try (BufferedReader text =
                new BufferedReader(new InputStreamReader(Files.newInputStream(file), decoder), 1 << 16)) {
            for (int i = 0; i < header.lines(); i++) {
                text.readLine();
            }
            try (CsvReader<RowHandler> rows = CsvReader.builder()
                    .fieldSeparator(header.dialect().separator())
                    .commentStrategy(CommentStrategy.NONE)
                    .maxBufferSize(TextFile.LONGEST_ROW)
                    .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                    .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                    .build(rowHandler, text)) {
                takeAll(rows);
            }
        } catch (CsvParseException e) {
            throw BadInput.atLine(
                    rowHandler.line() + header.lines(),
                    "The row cannot be read: quotes must close on their own row, and a row may have %d characters."
                            .formatted(TextFile.LONGEST_ROW));
        } catch (UncheckedIOException e) {
            if (e.getCause() instanceof CharacterCodingException coding) {
                throw TextFile.notUtf8(rowHandler.line() + header.lines() + 1, coding);
            }
            throw e.getCause();
        }
        if (spool.rows() == 0) {
            throw BadInput.inFile("There are no rows below the header. Export the log again, with its samples.");
        }
        if (repeats > spool.rows()) {
            throw BadInput.at(
                    firstRepeat,
                    header.time().index() + 1,
                    "The time stands still: %d of %d rows have the time of the row before. Export the log with a time that has as many decimals as its rate takes, such as 0.01 s."
                            .formatted(repeats, repeats + duplicates + spool.rows()));
        }
        if (ragged > Math.max(FEW_RAGGED, FEW_RAGGED_SHARE * spool.rows())) {
            throw raggedRefused();
        }
    }

    private void takeAll(CsvReader<RowHandler> rows) throws IOException, BadInput {
        long pendingLine = 0;
        int pendingCells = 0;
        long count = 0;
        for (RowHandler row : rows) {
            if (pendingLine > 0) {
                noteRagged(pendingLine, pendingCells);
                pendingLine = 0;
            }
            if (row.isRagged()) {
                // Whether this is a row cut off at the end of the file is known only when no other follows.
                pendingLine = row.line() + header.lines();
                pendingCells = row.cells();
                continue;
            }
            row.refuseBadCell(header.lines());
            take(row);
            if (++count % REPORT_EVERY_ROWS == 0) {
                progress.accept(count);
            }
        }
        if (pendingLine > 0 && spool.rows() > 0) {
            truncated = pendingCells < rowHandler.width();
            if (!truncated) {
                noteRagged(pendingLine, pendingCells);
            }
        } else if (pendingLine > 0) {
            noteRagged(pendingLine, pendingCells);
            throw raggedRefused();
        }
    }

    private void noteRagged(long line, int cells) throws BadInput {
        if (ragged++ == 0) {
            firstRagged = line;
            firstRaggedCells = cells;
            if (spool.rows() == 0) {
                throw raggedRefused();
            }
        }
    }

    private BadInput raggedRefused() {
        int at = (int) Math.min(firstRaggedCells, rowHandler.width()) + 1;
        return BadInput.at(
                firstRagged,
                at,
                "The row has %d cells where the header has %d. Check the separator, or export the log again."
                        .formatted(firstRaggedCells, rowHandler.width()));
    }

    private void take(RowHandler row) throws IOException, BadInput {
        double t = row.timeS();
        if (t < previousTime) {
            throw BadInput.at(
                    row.line() + header.lines(),
                    header.time().index() + 1,
                    "Time runs backwards, from %s to %s s. Cut the file there, or export each run by itself."
                            .formatted(previousTime, t));
        }
        if (t == previousTime) {
            if (Arrays.equals(row.values(), previous)) {
                duplicates++;
            } else {
                repeats++;
                firstRepeat = firstRepeat == 0 ? row.line() + header.lines() : firstRepeat;
            }
            return;
        }
        spool.add(t, row.values());
        previousTime = t;
        System.arraycopy(row.values(), 0, previous, 0, previous.length);
    }

    private List<HealthFinding> findings() {
        List<HealthFinding> found = new ArrayList<>();
        add(found, duplicates, LogFinding.ROWS_TWICE, Term.count(duplicates));
        add(found, repeats, LogFinding.ROWS_AT_THE_SAME_TIME, Term.count(repeats));
        add(found, ragged, LogFinding.ROWS_OF_ANOTHER_LENGTH, Term.count(ragged), Term.count(firstRagged));
        add(found, truncated ? 1 : 0, LogFinding.LAST_ROW_CUT);
        found.addAll(header.twice());
        found.addAll(spool.health());
        return found;
    }

    private static void add(List<HealthFinding> found, long count, LogFinding what, Term... terms) {
        if (count > 0) {
            found.add(HealthFinding.ofLog(what, terms));
        }
    }
}
