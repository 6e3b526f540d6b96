package app.frenum.formats.log;

import java.io.IOException;
import java.io.Writer;
import java.math.BigDecimal;
import java.util.List;

/** Writes logs as {@link LogCsvReader} reads them: for simulated ones, and for handing samples on. */
public final class LogCsvWriter {
    private final Writer to;
    private final StringBuilder row = new StringBuilder();

    /** @param header names with units, the time first */
    public LogCsvWriter(Writer to, List<String> header) throws IOException {
        this.to = to;
        to.write(String.join(",", header));
        to.write('\n');
    }

    /** Writes a row; NaN becomes an empty cell. */
    public void row(double timeS, double[] values) throws IOException {
        row.setLength(0);
        append(timeS);
        for (double x : values) {
            row.append(',');
            append(x);
        }
        to.append(row.append('\n'));
    }

    private void append(double x) {
        if (!Double.isNaN(x)) {
            boolean small = Math.abs(x) < 1e-3 || Math.abs(x) >= 1e7;
            row.append(small ? BigDecimal.valueOf(x).toPlainString() : Double.toString(x));
        }
    }
}
