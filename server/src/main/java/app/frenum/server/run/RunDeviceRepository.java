package app.frenum.server.run;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RunDeviceRepository extends JpaRepository<RunDevice, UUID> {
    List<RunDevice> findByRunIdOrderByCreatedAt(UUID runId);
}
