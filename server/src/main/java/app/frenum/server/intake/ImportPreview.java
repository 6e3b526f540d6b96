package app.frenum.server.intake;

import app.frenum.core.finding.Finding;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.Role;
import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.formats.sheet.SheetStop;
import app.frenum.server.intake.StagedImport.Kind;
import app.frenum.server.recording.StoredFile;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was recognised in a file, before anything is kept.
 *
 * @param foundMps the speed that its stops begin at: as the sheet says, else the middle of their entry speeds, m/s
 * @param anotherSpeed what is doubted where its stops begin at another speed than the test they are to go into; null where not
 * @param alreadyIn where the same bytes went before; null when they are new
 * @param log what a log holds; null for a sheet
 * @param sheet what a sheet holds; null for a log
 */
public record ImportPreview(
        UUID id,
        StoredFile file,
        Kind kind,
        Figure foundMps,
        @Nullable Finding anotherSpeed,
        @Nullable AlreadyIn alreadyIn,
        @Nullable LogPreview log,
        @Nullable SheetPreview sheet) {

    /** Where the same bytes went before. */
    public record AlreadyIn(UUID recordingId, @Nullable UUID testId, String fileName) {}

    /**
     * @param speed the whole log's speed, thinned, for a look: pairs of time (s) and speed (m/s)
     * @param rolesRemembered whether roles set by hand for this logger were used
     */
    public record LogPreview(
            int rows,
            double durationS,
            double rateHz,
            List<ColumnView> columns,
            boolean rolesRemembered,
            List<HealthFinding> health,
            List<MeasuredStop> stops,
            double[][] speed) {}

    /** One column with its role, and the roles it could have by its unit. */
    public record ColumnView(int index, String name, String unit, Role role, List<Role> possible) {}

    /** The rows of a sheet, and what was not read. */
    public record SheetPreview(List<SheetStop> stops, List<String> leftOut) {}
}
