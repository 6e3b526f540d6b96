package app.frenum.formats.log;

import app.frenum.core.log.BlockLog;
import app.frenum.core.log.HealthFinding;
import java.io.Closeable;
import java.io.IOException;
import java.util.List;

/**
 * A log read from a file. Close it to free its temporary file.
 *
 * @param header what stood above the samples
 * @param spool the samples
 * @param log the samples as the core reads them
 * @param health what was wrong with the file itself, then what was noticed in its samples
 */
public record LogFile(LogHeader header, SampleSpool spool, BlockLog log, List<HealthFinding> health)
        implements Closeable {
    @Override
    public void close() throws IOException {
        spool.close();
    }
}
