package app.frenum.server.trial;

import app.frenum.core.people.Who;
import app.frenum.core.trial.TrialKind;
import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "trial")
class TrialRow extends Row {
    private UUID testId;
    private UUID configurationId;

    @Enumerated(EnumType.STRING)
    private TrialKind kind;

    private String guess;
    private String guessedBy;

    @JdbcTypeCode(SqlTypes.JSON)
    private @Nullable String result;

    private @Nullable String toldBy;
    private @Nullable Instant toldAt;

    protected TrialRow() {}

    TrialRow(UUID id, UUID testId, TrialRequest request, Who by) {
        super(id);
        this.testId = testId;
        this.configurationId = request.configurationId();
        this.kind = request.kind();
        this.guess = request.guess().strip();
        this.guessedBy = by.name();
    }

    boolean isBegunBy(UUID ofTest, TrialRequest request) {
        return testId.equals(ofTest)
                && configurationId.equals(request.configurationId())
                && kind == request.kind()
                && guess.equals(request.guess().strip());
    }

    void tell(String newResult, Who by, Instant when) {
        result = newResult;
        toldBy = by.name();
        toldAt = when;
    }

    UUID testId() {
        return testId;
    }

    UUID configurationId() {
        return configurationId;
    }

    TrialKind kind() {
        return kind;
    }

    String guess() {
        return guess;
    }

    Who guessedBy() {
        return new Who(guessedBy);
    }

    /** Null until somebody told what came of it. */
    @Nullable
    String result() {
        return result;
    }

    @Nullable
    Who toldBy() {
        return toldBy == null ? null : new Who(toldBy);
    }

    @Nullable
    Instant toldAt() {
        return toldAt;
    }
}
