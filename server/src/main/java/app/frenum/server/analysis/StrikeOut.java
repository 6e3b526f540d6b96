package app.frenum.server.analysis;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.nio.charset.StandardCharsets;
import java.util.UUID;

/** A stop taken out of the figures, or brought back. */
@Entity
class StrikeOut extends Row {
    private UUID stopId;
    private int sequence;
    private boolean struckOut;
    private String reason;
    private String decidedBy;

    protected StrikeOut() {}

    StrikeOut(UUID id, UUID stopId, int sequence, boolean struckOut, String reason, String decidedBy) {
        super(id);
        this.stopId = stopId;
        this.sequence = sequence;
        this.struckOut = struckOut;
        this.reason = reason;
        this.decidedBy = decidedBy;
    }

    /** The id of what the run decided of a stop, the same each time it is said. */
    static UUID ofRun(UUID stopId, int sequence) {
        return UUID.nameUUIDFromBytes((stopId + "/run/" + sequence).getBytes(StandardCharsets.UTF_8));
    }

    /** Whether the run decided it, and not somebody afterwards. */
    boolean isOfRun() {
        return id().equals(ofRun(stopId, sequence));
    }

    UUID stopId() {
        return stopId;
    }

    int sequence() {
        return sequence;
    }

    Decision decision() {
        return new Decision(struckOut, reason, decidedBy, createdAt());
    }
}
