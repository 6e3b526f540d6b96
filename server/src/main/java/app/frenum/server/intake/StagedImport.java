package app.frenum.server.intake;

import app.frenum.server.Row;
import app.frenum.server.recording.StoredFile;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.UUID;

/** A file that came in and is being looked at. */
@Entity
class StagedImport extends Row {
    private String fileName;
    private String sha256;
    private long bytes;

    @Enumerated(EnumType.STRING)
    private Kind kind;

    private UUID savedTestId;

    /** What is in a file. */
    public enum Kind {
        LOG,
        SHEET
    }

    protected StagedImport() {}

    StagedImport(UUID id, StoredFile file, Kind kind) {
        super(id);
        fileName = file.name();
        sha256 = file.sha256();
        bytes = file.bytes();
        this.kind = kind;
    }

    StoredFile file() {
        return new StoredFile(fileName, sha256, bytes);
    }

    Kind kind() {
        return kind;
    }

    UUID savedTestId() {
        return savedTestId;
    }

    void savedTo(UUID testId) {
        savedTestId = testId;
    }
}
