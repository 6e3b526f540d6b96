package app.frenum.server.compare;

import app.frenum.core.compare.Verdict;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A verdict that was computed once, and for which stops it stands. */
@Entity
class KeptVerdict {
    @Id
    private UUID testId;

    private String standsFor;

    @Enumerated(EnumType.STRING)
    private Verdict verdict;

    private String candidate;
    private String fluidShown;

    @JdbcTypeCode(SqlTypes.JSON)
    private String told;

    protected KeptVerdict() {}

    KeptVerdict(
            UUID testId,
            String standsFor,
            @Nullable Verdict verdict,
            @Nullable String candidate,
            @Nullable String fluidShown,
            @Nullable String told) {
        this.testId = testId;
        this.standsFor = standsFor;
        this.verdict = verdict;
        this.candidate = candidate;
        this.fluidShown = fluidShown;
        this.told = told;
    }

    UUID testId() {
        return testId;
    }

    boolean standsFor(String stops) {
        return standsFor.equals(stops);
    }

    @Nullable
    Verdict verdict() {
        return verdict;
    }

    @Nullable
    String candidate() {
        return candidate;
    }

    /** The configurations that showed vapour in their fluid; null where none did. */
    @Nullable
    String fluidShown() {
        return fluidShown;
    }

    /** What came of it in sentences, as a document; null where there is nothing to compare. */
    @Nullable
    String told() {
        return told;
    }
}
