package app.frenum.server.screen;

import app.frenum.server.Row;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Lets one phone in, once, as somebody; only its digest is kept. */
@Entity
class JoiningCode extends Row {
    private UUID accountId;

    @Column(name = "code_sha256")
    private String codeSha256;

    private Instant expiresAt;
    private @Nullable Instant usedAt;

    protected JoiningCode() {}

    JoiningCode(UUID id, UUID accountId, String codeSha256, Instant expiresAt) {
        super(id);
        this.accountId = accountId;
        this.codeSha256 = codeSha256;
        this.expiresAt = expiresAt;
    }

    UUID accountId() {
        return accountId;
    }

    boolean isGoodAt(Instant now) {
        return usedAt == null && now.isBefore(expiresAt);
    }

    void use(Instant now) {
        usedAt = now;
    }
}
