package app.frenum.server.restore;

import app.frenum.server.Migrations;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;

/**
 * {@code restore FOLDER SCHEMA}: fills the empty database at FRENUM_DB_URL from an unpacked backup of that schema version, and
 * brings it up to this program. Rows are written by the role in FRENUM_LOADER_URL, which may do nothing else there.
 */
public final class RestoreCommand {
    public static final String NAME = "restore";
    private static final int REFUSED = 2;

    private RestoreCommand() {}

    /** @return 0 when all is in, 2 when the backup is refused, with the reason on the stream */
    public static int run(List<String> arguments, Map<String, String> environment, PrintStream err) {
        try {
            restore(
                    Path.of(arguments.get(0)),
                    arguments.get(1),
                    environment.getOrDefault("FRENUM_DB_URL", ""),
                    environment.getOrDefault("FRENUM_LOADER_URL", ""));
            return 0;
        } catch (RefusedBackup | SQLException | IOException | FlywayException e) {
            err.println(e.getMessage());
            return REFUSED;
        }
    }

    private static void restore(Path folder, String schema, String url, String loaderUrl)
            throws RefusedBackup, SQLException, IOException {
        migrate(url, schema);
        List<TableRows> rows = BackupRows.in(folder);
        try (IncomingDatabase database = new IncomingDatabase(url, loaderUrl)) {
            database.fill(rows);
        }
        migrate(url, "latest");
    }

    private static void migrate(String url, String upTo) {
        new Migrations()
                .migrate(Flyway.configure()
                        .dataSource(url, null, null)
                        .locations("classpath:db/migration")
                        .target(upTo)
                        .load());
    }
}
