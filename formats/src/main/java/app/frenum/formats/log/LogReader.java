package app.frenum.formats.log;

import app.frenum.core.log.Role;
import app.frenum.formats.BadInput;
import app.frenum.formats.TextFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.function.LongConsumer;

/** Reads a log of any format known here, found by looking: a CSV, a GPX track, or NMEA 0183 sentences. */
public final class LogReader {
    private static final int PEEK = 64 << 10;

    private LogReader() {}

    /**
     * Reads a file.
     *
     * @param roles roles set by hand, by column index
     * @param progress told the number of rows read, now and then
     * @throws BadInput when it must be refused; nothing is left behind then
     */
    public static LogFile read(Path file, Map<Integer, Role> roles, LongConsumer progress)
            throws IOException, BadInput {
        return switch (format(file)) {
            case GPX -> GpxReader.read(file, progress);
            case NMEA -> NmeaReader.read(file, progress);
            case CSV -> LogCsvReader.read(file, roles, progress);
        };
    }

    /** What stands above its samples, or would. */
    public static LogHeader header(Path file, Map<Integer, Role> roles) throws IOException, BadInput {
        return switch (format(file)) {
            case GPX -> SpeedTrack.header(GpxReader.FORMAT);
            case NMEA -> SpeedTrack.header(NmeaReader.FORMAT);
            case CSV -> LogHeader.read(file, roles);
        };
    }

    /** Whether its text says that it is a log and nothing else. */
    public static boolean isTrack(Path file) throws IOException, BadInput {
        return format(file) != Format.CSV;
    }

    private enum Format {
        CSV,
        GPX,
        NMEA
    }

    private static Format format(Path file) throws IOException, BadInput {
        // Between sentences a receiver's own protocol may have left bytes that no text has.
        if (Files.size(file) <= TextFile.LARGEST && NmeaReader.recognises(firstBytes(file))) {
            return Format.NMEA;
        }
        return GpxReader.recognises(TextFile.head(file)) ? Format.GPX : Format.CSV;
    }

    private static String firstBytes(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return new String(in.readNBytes(PEEK), StandardCharsets.ISO_8859_1);
        }
    }
}
