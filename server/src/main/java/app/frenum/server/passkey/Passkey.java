package app.frenum.server.passkey;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;

/** The public half of somebody's key. It is good for one site alone; its private half is in no reach of Frenum. */
@DynamicUpdate
@Entity
class Passkey extends Row {
    private UUID accountId;
    private String site;
    private String label;
    private byte[] credentialId;
    private byte[] publicKey;
    private byte[] attestation;
    private byte[] clientData;
    private String transports;
    private boolean userVerified;
    private boolean backupEligible;
    private boolean backedUp;
    private long signatures;
    private @Nullable Instant lastUsedAt;

    protected Passkey() {}

    /** @param made by the authenticator, never changed */
    Passkey(UUID accountId, String site, String label, Made made) {
        super(UUID.randomUUID());
        this.accountId = accountId;
        this.site = site;
        this.label = label;
        this.credentialId = made.credentialId();
        this.publicKey = made.publicKey();
        this.attestation = made.attestation();
        this.clientData = made.clientData();
        this.transports = made.transports();
        this.userVerified = made.userVerified();
        this.backupEligible = made.backupEligible();
    }

    /** What an authenticator says of a key when it makes it. */
    @SuppressWarnings("ArrayRecordComponent") // only carried from one row to the other
    record Made(
            byte[] credentialId,
            byte[] publicKey,
            byte[] attestation,
            byte[] clientData,
            String transports,
            boolean userVerified,
            boolean backupEligible) {}

    /**
     * @param count of its uses as the authenticator tells it; 0 where it counts none
     * @throws IllegalStateException where the count does not rise, so that somebody has a copy
     */
    void used(long count, boolean copied, @Nullable Instant at) {
        if (at != null && count <= signatures && count + signatures > 0) {
            throw new IllegalStateException(
                    "used %d times by its own count, and %d before".formatted(count, signatures));
        }
        signatures = count;
        backedUp = copied;
        lastUsedAt = at;
    }

    Made made() {
        return new Made(credentialId, publicKey, attestation, clientData, transports, userVerified, backupEligible);
    }

    UUID accountId() {
        return accountId;
    }

    String site() {
        return site;
    }

    String label() {
        return label;
    }

    boolean backedUp() {
        return backedUp;
    }

    long signatures() {
        return signatures;
    }

    @Nullable
    Instant lastUsedAt() {
        return lastUsedAt;
    }
}
