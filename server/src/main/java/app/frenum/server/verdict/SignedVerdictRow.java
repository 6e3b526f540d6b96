package app.frenum.server.verdict;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A verdict as it was signed; its document is text, so that not a letter of it changes. */
@Entity
@Table(name = "signed_verdict")
class SignedVerdictRow extends Row {
    private UUID testId;
    private UUID baselineId;
    private UUID candidateId;
    private boolean includeStruckOut;
    private @Nullable String likeStops;
    private String document;

    protected SignedVerdictRow() {}

    SignedVerdictRow(UUID id, UUID testId, SignRequest request, UUID baselineId, String document) {
        super(id);
        this.testId = testId;
        this.baselineId = baselineId;
        this.candidateId = request.candidateId();
        this.includeStruckOut = request.includeStruckOut();
        this.likeStops = request.group();
        this.document = document;
    }

    UUID testId() {
        return testId;
    }

    UUID baselineId() {
        return baselineId;
    }

    UUID candidateId() {
        return candidateId;
    }

    boolean includeStruckOut() {
        return includeStruckOut;
    }

    /** Of which stops of the test; null for those that it asked for first. */
    @Nullable
    String likeStops() {
        return likeStops;
    }

    String document() {
        return document;
    }
}
