package app.frenum.server.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SeriesRepository extends JpaRepository<Series, UUID> {
    List<Series> findByTestIdOrderByCreatedAt(UUID testId);

    List<Series> findAllByOrderByCreatedAt();

    Optional<Series> findByTestIdAndConfigurationIdAndBlock(UUID testId, UUID configurationId, int block);
}
