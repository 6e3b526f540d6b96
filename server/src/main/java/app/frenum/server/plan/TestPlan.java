package app.frenum.server.plan;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** The plan of a test; it has the test's id. */
@Entity
class TestPlan extends Row {
    @JdbcTypeCode(SqlTypes.JSON)
    private String spec;

    private String expectation;
    private String expectedBy;
    private Instant sealedAt;

    @JdbcTypeCode(SqlTypes.JSON)
    private @Nullable String expectedGuess;

    private @Nullable UUID expectedOf;

    @JdbcTypeCode(SqlTypes.JSON)
    private String safety;

    private String signedFor;
    private boolean madeAfterStops;

    protected TestPlan() {}

    /** @param afterStops whether the test had stops already */
    TestPlan(UUID testId, boolean afterStops) {
        super(testId);
        madeAfterStops = afterStops;
    }

    /** Whether the test had stops before anybody planned how many it was to have. */
    boolean isMadeAfterStops() {
        return madeAfterStops;
    }

    void set(String newSpec) {
        spec = newSpec;
    }

    void seal(String what, @Nullable String guess, @Nullable UUID of, String by, Instant when) {
        expectation = what;
        expectedGuess = guess;
        expectedOf = of;
        expectedBy = by;
        sealedAt = when;
    }

    /** @param digest of everything that it is signed for */
    void sign(String signedGate, String digest) {
        safety = signedGate;
        signedFor = digest;
    }

    boolean isSignedFor(String digest) {
        return safety != null && digest.equals(signedFor);
    }

    /** The signed safety gate as JSON; null until it is signed. */
    String safety() {
        return safety;
    }

    String spec() {
        return spec;
    }

    String expectation() {
        return expectation;
    }

    /** The figure as JSON; null where only words were written down. */
    @Nullable
    String expectedGuess() {
        return expectedGuess;
    }

    /** Null for the first configuration beside the baseline. */
    @Nullable
    UUID expectedOf() {
        return expectedOf;
    }

    String expectedBy() {
        return expectedBy;
    }

    Instant sealedAt() {
        return sealedAt;
    }
}
