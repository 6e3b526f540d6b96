package app.frenum.server.garage;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ConfigurationRepository extends JpaRepository<Configuration, UUID> {
    List<Configuration> findByVehicleIdOrderByCreatedAt(UUID vehicleId);

    Optional<Configuration> findFirstByVehicleIdAndNameOrderByEditionDesc(UUID vehicleId, String name);

    List<Configuration> findByIdIn(Collection<UUID> ids);
}
