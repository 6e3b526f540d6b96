package app.frenum.server.recording;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RecordingRepository extends JpaRepository<Recording, UUID> {
    List<Recording> findBySha256OrderByCreatedAt(String sha256);

    List<Recording> findByDeviceIdAndLiveTrue(UUID deviceId);

    /** Of devices, over, with rows, and never looked through. */
    @Query("select r.id from Recording r where r.live = false and r.deviceId is not null and r.rateHz = 0"
            + " and r.rowCount > 1")
    List<UUID> unmeasured();
}
