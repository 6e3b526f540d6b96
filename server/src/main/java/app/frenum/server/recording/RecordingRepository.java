package app.frenum.server.recording;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RecordingRepository extends JpaRepository<Recording, UUID> {
    List<Recording> findBySha256OrderByCreatedAt(String sha256);

    List<Recording> findByDeviceIdAndLiveTrue(UUID deviceId);
}
