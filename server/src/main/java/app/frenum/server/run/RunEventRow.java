package app.frenum.server.run;

import app.frenum.server.Row;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

/** One thing that happened in a run. */
@Entity
@Table(name = "run_event")
class RunEventRow extends Row {
    private UUID runId;
    private int seq;

    @Column(name = "at_s")
    private double atS;

    private UUID operatorId;
    private String happening;

    protected RunEventRow() {}

    RunEventRow(UUID id, UUID runId, int seq, double atS, UUID operatorId, String happening) {
        super(id);
        this.runId = runId;
        this.seq = seq;
        this.atS = atS;
        this.operatorId = operatorId;
        this.happening = happening;
    }

    UUID runId() {
        return runId;
    }

    int seq() {
        return seq;
    }

    double atS() {
        return atS;
    }

    UUID operatorId() {
        return operatorId;
    }

    String happening() {
        return happening;
    }
}
