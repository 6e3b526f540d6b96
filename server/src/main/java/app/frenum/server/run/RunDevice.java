package app.frenum.server.run;

import app.frenum.server.Row;
import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

/** A device that serves a run; it has the device's id, because it serves one at a time. */
@Entity
@Table(name = "run_device")
@AttributeOverride(name = "id", column = @Column(name = "device_id"))
class RunDevice extends Row {
    private UUID runId;

    protected RunDevice() {}

    RunDevice(UUID deviceId, UUID runId) {
        super(deviceId);
        this.runId = runId;
    }

    void serve(UUID otherRunId) {
        runId = otherRunId;
    }

    UUID runId() {
        return runId;
    }
}
