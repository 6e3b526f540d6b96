package app.frenum.server.trial;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TrialRepository extends JpaRepository<TrialRow, UUID> {
    List<TrialRow> findByTestIdOrderByCreatedAt(UUID testId);

    int countByTestId(UUID testId);
}
