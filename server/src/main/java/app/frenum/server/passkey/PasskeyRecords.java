package app.frenum.server.passkey;

import app.frenum.server.account.AccountView;
import app.frenum.server.account.Accounts;
import java.nio.ByteBuffer;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutableCredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCose;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;

/** Accounts and passkeys of one site, as Spring Security asks for them. */
class PasskeyRecords implements UserCredentialRepository, PublicKeyCredentialUserEntityRepository {
    private final PasskeyRepository passkeys;
    private final Accounts accounts;
    private final Site site;

    PasskeyRecords(PasskeyRepository passkeys, Accounts accounts, Site site) {
        this.passkeys = passkeys;
        this.accounts = accounts;
        this.site = site;
    }

    static Bytes bytes(UUID id) {
        return new Bytes(ByteBuffer.allocate(2 * Long.BYTES)
                .putLong(id.getMostSignificantBits())
                .putLong(id.getLeastSignificantBits())
                .array());
    }

    static UUID uuid(Bytes bytes) {
        ByteBuffer buffer = ByteBuffer.wrap(bytes.getBytes());
        return new UUID(buffer.getLong(), buffer.getLong());
    }

    @Override
    public void save(CredentialRecord record) {
        Passkey passkey =
                passkeys.findByCredentialId(record.getCredentialId().getBytes()).orElseGet(() -> made(record));
        passkey.used(record.getSignatureCount(), record.isBackupState(), lastUsed(record));
        passkeys.save(passkey);
    }

    private Passkey made(CredentialRecord record) {
        return new Passkey(
                uuid(record.getUserEntityUserId()),
                site.name(),
                record.getLabel(),
                new Passkey.Made(
                        record.getCredentialId().getBytes(),
                        record.getPublicKey().getBytes(),
                        Objects.requireNonNull(record.getAttestationObject()).getBytes(),
                        Objects.requireNonNull(record.getAttestationClientDataJSON())
                                .getBytes(),
                        record.getTransports().stream()
                                .map(AuthenticatorTransport::getValue)
                                .sorted()
                                .collect(Collectors.joining(",")),
                        record.isUvInitialized(),
                        record.isBackupEligible()));
    }

    /** What was never used stands as used when it was made. */
    private static @Nullable Instant lastUsed(CredentialRecord record) {
        return record.getLastUsed().equals(record.getCreated()) ? null : record.getLastUsed();
    }

    @Override
    public @Nullable CredentialRecord findByCredentialId(Bytes credentialId) {
        return passkeys.findByCredentialId(credentialId.getBytes())
                .map(PasskeyRecords::record)
                .orElse(null);
    }

    @Override
    public List<CredentialRecord> findByUserId(Bytes userId) {
        return passkeys.findByAccountIdOrderByCreatedAt(uuid(userId)).stream()
                .filter(p -> p.site().equals(site.name()))
                .map(PasskeyRecords::record)
                .toList();
    }

    private static CredentialRecord record(Passkey p) {
        Passkey.Made made = p.made();
        return ImmutableCredentialRecord.builder()
                .credentialType(PublicKeyCredentialType.PUBLIC_KEY)
                .credentialId(new Bytes(made.credentialId()))
                .userEntityUserId(bytes(p.accountId()))
                .publicKey(new ImmutablePublicKeyCose(made.publicKey()))
                .attestationObject(new Bytes(made.attestation()))
                .attestationClientDataJSON(new Bytes(made.clientData()))
                .transports(Stream.of(made.transports().split(","))
                        .filter(Predicate.not(String::isEmpty))
                        .map(AuthenticatorTransport::valueOf)
                        .collect(Collectors.toSet()))
                .uvInitialized(made.userVerified())
                .backupEligible(made.backupEligible())
                .backupState(p.backedUp())
                .signatureCount(p.signatures())
                .created(p.createdAt())
                .lastUsed(p.lastUsedAt() == null ? p.createdAt() : p.lastUsedAt())
                .label(p.label())
                .build();
    }

    @Override
    public @Nullable PublicKeyCredentialUserEntity findById(Bytes id) {
        return accounts.open(uuid(id)).map(PasskeyRecords::entity).orElse(null);
    }

    @Override
    public @Nullable PublicKeyCredentialUserEntity findByUsername(String name) {
        return accounts.all().stream()
                .filter(a -> a.name().equals(name) && !a.closed())
                .findFirst()
                .map(PasskeyRecords::entity)
                .orElse(null);
    }

    private static PublicKeyCredentialUserEntity entity(AccountView account) {
        return ImmutablePublicKeyCredentialUserEntity.builder()
                .id(bytes(account.id()))
                .name(account.name())
                .displayName(account.name())
                .build();
    }

    @Override
    public void save(PublicKeyCredentialUserEntity entity) {
        throw new UnsupportedOperationException("accounts are made by their owner alone");
    }

    @Override
    public void delete(Bytes id) {
        throw new UnsupportedOperationException("passkeys are taken out by whose they are, and accounts never");
    }
}
