package app.frenum.server;

import java.util.Arrays;
import java.util.Set;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/** Brings a database up to this program, and leaves one of a newer program alone. */
@Component
public class Migrations implements FlywayMigrationStrategy {
    private static final String CHANGED_LATE = "6";
    /** V6 was changed after databases had been made with it; V9 makes up for what they lack. */
    private static final Set<Integer> OLDER_V6 = Set.of(1250397653, 356607606);

    @Override
    public void migrate(Flyway flyway) {
        refuseNewer(flyway);
        if (Arrays.stream(flyway.info().applied()).anyMatch(Migrations::isOlderV6)) {
            flyway.repair();
        }
        flyway.migrate();
    }

    private static void refuseNewer(Flyway flyway) {
        Arrays.stream(flyway.info().all())
                .filter(m ->
                        m.getState() == MigrationState.FUTURE_SUCCESS || m.getState() == MigrationState.FUTURE_FAILED)
                .findFirst()
                .ifPresent(m -> {
                    throw new NewerDatabase(m.getVersion().toString());
                });
    }

    private static boolean isOlderV6(MigrationInfo m) {
        return m.getVersion() != null
                && m.getVersion().toString().equals(CHANGED_LATE)
                && m.getAppliedChecksum() != null
                && OLDER_V6.contains(m.getAppliedChecksum());
    }

    /** The database was made by a newer program. */
    public static final class NewerDatabase extends RuntimeException {
        private static final long serialVersionUID = 1L;

        NewerDatabase(String version) {
            super(
                    "This database was made by a newer Frenum: it has version %s, which this one does not know. Nothing in it was changed."
                            .formatted(version));
        }
    }

    /** Says so in words instead of a trace. */
    static final class Analyzer extends AbstractFailureAnalyzer<NewerDatabase> {
        @Override
        protected FailureAnalysis analyze(Throwable root, NewerDatabase cause) {
            return new FailureAnalysis(
                    cause.getMessage(), "Start the newer Frenum, or give this one another FRENUM_HOME.", cause);
        }
    }
}
