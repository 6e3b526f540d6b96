package app.frenum.server.passkey;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PasskeyRepository extends JpaRepository<Passkey, UUID> {
    Optional<Passkey> findByCredentialId(byte[] credentialId);

    List<Passkey> findByAccountIdOrderByCreatedAt(UUID accountId);
}
