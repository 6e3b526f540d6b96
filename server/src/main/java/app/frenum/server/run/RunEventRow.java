package app.frenum.server.run;

import app.frenum.core.people.Who;
import app.frenum.server.Row;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One thing that happened in a run. */
@Entity
@Table(name = "run_event")
class RunEventRow extends Row {
    private UUID runId;
    private int seq;

    @Column(name = "at_s")
    private double atS;

    /** What the sender's own clock said; kept beside, because it may be wrong. */
    @Column(name = "said_at_s")
    private Double saidAtS;

    private String byName;

    @JdbcTypeCode(SqlTypes.JSON)
    private String happening;

    protected RunEventRow() {}

    RunEventRow(UUID id, UUID runId, int seq, double atS, double saidAtS, Who by, String happening) {
        super(id);
        this.runId = runId;
        this.seq = seq;
        this.atS = atS;
        this.saidAtS = saidAtS;
        this.byName = by.name();
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

    /** By how much the sender's clock was ahead of what was taken for the time, s. */
    double clockAheadS() {
        return saidAtS == null ? 0 : saidAtS - atS;
    }

    Who by() {
        return new Who(byName);
    }

    String happening() {
        return happening;
    }
}
