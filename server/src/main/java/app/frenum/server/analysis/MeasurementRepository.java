package app.frenum.server.analysis;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MeasurementRepository extends JpaRepository<Measurement, UUID> {
    List<Measurement> findByStopIdInOrderBySequence(Collection<UUID> stopIds);
}
