package app.frenum.server.analysis;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StrikeOutRepository extends JpaRepository<StrikeOut, UUID> {
    List<StrikeOut> findByStopIdInOrderBySequence(Collection<UUID> stopIds);
}
