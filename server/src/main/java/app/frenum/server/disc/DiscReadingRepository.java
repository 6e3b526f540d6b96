package app.frenum.server.disc;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DiscReadingRepository extends JpaRepository<DiscReadingRow, UUID> {
    List<DiscReadingRow> findByStopIdInOrderByCreatedAt(Collection<UUID> stopIds);

    int countByStopId(UUID stopId);
}
