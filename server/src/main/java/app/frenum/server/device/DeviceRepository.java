package app.frenum.server.device;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeviceRepository extends JpaRepository<Device, UUID> {
    Optional<Device> findByCodeSha256(String codeSha256);

    List<Device> findAllByOrderByCreatedAt();
}
