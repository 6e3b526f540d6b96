package app.frenum.server.screen;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface JoiningCodeRepository extends JpaRepository<JoiningCode, UUID> {
    Optional<JoiningCode> findByCodeSha256(String codeSha256);
}
