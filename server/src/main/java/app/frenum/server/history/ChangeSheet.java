package app.frenum.server.history;

import app.frenum.formats.sheet.CellGuard;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.Closeable;
import java.io.IOException;
import java.io.Writer;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/** Changes as rows of a spreadsheet: one for each thing that was something else before. */
final class ChangeSheet implements Closeable {
    private final CsvWriter csv;

    ChangeSheet(Writer to) {
        csv = CsvWriter.builder().build(to);
        csv.writeRecord("at", "who", "screen", "did", "what", "id", "test", "part of it", "before", "after");
    }

    void add(ChangeView c) {
        Set<String> parts = new TreeSet<>(c.before().keySet());
        parts.addAll(c.after().keySet());
        parts.forEach(part -> csv.writeRecord(Stream.of(
                        c.at().toString(),
                        c.who(),
                        c.screen(),
                        c.kind().name(),
                        c.what(),
                        c.row().toString(),
                        c.testId() == null ? "" : c.testId().toString(),
                        part,
                        of(c.before(), part),
                        of(c.after(), part))
                .map(CellGuard::guarded)
                .toList()));
    }

    private static String of(Map<String, String> side, String part) {
        return side.getOrDefault(part, "");
    }

    @Override
    public void close() throws IOException {
        csv.close();
    }
}
