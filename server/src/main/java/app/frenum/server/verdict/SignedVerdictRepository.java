package app.frenum.server.verdict;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SignedVerdictRepository extends JpaRepository<SignedVerdictRow, UUID> {
    List<SignedVerdictRow> findByTestIdOrderByCreatedAtDesc(UUID testId);
}
