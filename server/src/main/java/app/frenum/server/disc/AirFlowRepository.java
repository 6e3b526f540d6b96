package app.frenum.server.disc;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AirFlowRepository extends JpaRepository<AirFlowRow, UUID> {
    List<AirFlowRow> findByConfigurationIdInOrderByCreatedAt(Collection<UUID> configurationIds);

    int countByConfigurationId(UUID configurationId);
}
