package app.frenum.server.run;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A run; it has its test's id. */
@Entity
class Run extends Row {
    @JdbcTypeCode(SqlTypes.JSON)
    private String script;

    @JdbcTypeCode(SqlTypes.JSON)
    private String plan;

    private double rate;
    private Instant beganAt;
    private boolean recordVerified;

    protected Run() {}

    Run(UUID testId, String script, String plan, double rate, Instant beganAt) {
        super(testId);
        this.rate = rate;
        this.beganAt = beganAt.truncatedTo(ChronoUnit.MICROS);
        this.script = script;
        recordVerified = true;
        this.plan = plan;
    }

    /** Whether its stops are as it recorded them; those that earlier versions stored may not be. */
    boolean isRecordVerified() {
        return recordVerified;
    }

    void markRecordVerified() {
        recordVerified = true;
    }

    /** How much faster its clock runs than the wall's. */
    double rate() {
        return rate;
    }

    /** The run's clock at a moment, seconds since 1970. A rehearsal's goes faster from its beginning on. */
    double clockS(Instant now) {
        return beganAt.toEpochMilli() / 1000.0
                + rate * Duration.between(beganAt, now).toMillis() / 1000.0;
    }

    String script() {
        return script;
    }

    /** The plan it was made from. */
    String plan() {
        return plan;
    }
}
