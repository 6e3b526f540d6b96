package app.frenum.formats.fuzz;

import app.frenum.formats.BadInput;
import app.frenum.formats.bundle.BundleFile;
import app.frenum.formats.log.LogReader;
import app.frenum.formats.sheet.PastedTable;
import app.frenum.formats.sheet.SheetColumn;
import app.frenum.formats.sheet.SheetStops;
import app.frenum.formats.sheet.StopSheetReader;
import app.frenum.formats.sheet.TypedStops;
import app.frenum.formats.verdict.VerdictFile;
import com.code_intelligence.jazzer.junit.FuzzTest;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Whatever bytes a reader is given, it reads them or says what is wrong with them. {@code ./frenum fuzz} looks for bytes that it
 * does neither with; {@code ./frenum test} tries the seeds and whatever was found.
 */
class ReadersFuzzTest {
    private static final String LONG = "60s";
    private static final long SLOW_NS = 2_000_000_000L;
    private static final boolean IS_SEARCHING = System.getenv("JAZZER_FUZZ") != null;

    /** What reads. */
    private interface Reader {
        void read() throws BadInput, IOException;
    }

    private static void readOrRefused(Reader reader) throws IOException {
        long began = System.nanoTime();
        try {
            reader.read();
        } catch (BadInput e) {
            if (String.valueOf(e.getMessage()).isBlank()) {
                throw new AssertionError("refused without a word", e);
            }
        }
        // In a test run it would be the machine that is slow.
        if (IS_SEARCHING && System.nanoTime() - began > SLOW_NS) {
            throw new AssertionError("read for more than two seconds");
        }
    }

    private static void readOrRefused(byte[] bytes, String ending, FileReader reader) throws IOException {
        Path file = Files.createTempFile("frenum-fuzz-", ending);
        try {
            Files.write(file, bytes);
            readOrRefused(() -> reader.read(file));
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /** What reads a file. */
    private interface FileReader {
        void read(Path file) throws BadInput, IOException;
    }

    private static void log(Path file) throws BadInput, IOException {
        LogReader.isTrack(file);
        LogReader.header(file, Map.of());
        LogReader.read(file, Map.of(), done -> {});
    }

    @FuzzTest(maxDuration = LONG)
    void logCsv(byte @Nullable [] bytes) throws IOException {
        readOrRefused(given(bytes), ".csv", ReadersFuzzTest::log);
    }

    @FuzzTest(maxDuration = LONG)
    void gpx(byte @Nullable [] bytes) throws IOException {
        readOrRefused(given(bytes), ".gpx", ReadersFuzzTest::log);
    }

    @FuzzTest(maxDuration = LONG)
    void nmea(byte @Nullable [] bytes) throws IOException {
        readOrRefused(given(bytes), ".nmea", ReadersFuzzTest::log);
    }

    @FuzzTest(maxDuration = LONG)
    void stopSheet(byte @Nullable [] bytes) throws IOException {
        readOrRefused(given(bytes), ".csv", file -> {
            StopSheetReader.looksLikeSheet(file);
            SheetStops.of(StopSheetReader.read(file), Optional.empty());
        });
    }

    @FuzzTest(maxDuration = LONG)
    void pastedTable(byte @Nullable [] bytes) throws IOException {
        readOrRefused(() -> {
            PastedTable table = PastedTable.of(new String(given(bytes), StandardCharsets.UTF_8));
            List<TypedStops.Column> columns = table.columns().stream()
                    .map(c -> new TypedStops.Column(c.meaning().orElse(SheetColumn.REASON), c.unit()))
                    .toList();
            TypedStops.of(columns, table.rows(), List.of("A"));
        });
    }

    @FuzzTest(maxDuration = LONG)
    void bundle(byte @Nullable [] bytes) throws IOException {
        readOrRefused(() -> {
            BundleFile.verdicts(given(bytes));
            BundleFile.read(new ByteArrayInputStream(given(bytes)));
        });
    }

    @FuzzTest(maxDuration = LONG)
    void verdictFile(byte @Nullable [] bytes) throws IOException {
        readOrRefused(() -> VerdictFile.read(new ByteArrayInputStream(given(bytes))));
    }

    private static byte[] given(byte @Nullable [] bytes) {
        return bytes == null ? new byte[0] : bytes;
    }
}
