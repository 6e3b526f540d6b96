package app.frenum.server.device;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DeviceReadingRepository extends JpaRepository<DeviceReading, UUID> {
    boolean existsByDeviceIdAndSeq(UUID deviceId, long seq);

    List<DeviceReading> findByTakenAtBetweenOrderByTakenAt(Instant from, Instant until);

    List<DeviceReading> findTop50ByDeviceIdOrderBySeqDesc(UUID deviceId);

    @Query("select max(r.seq) from DeviceReading r where r.deviceId = :deviceId")
    Long lastSeq(UUID deviceId);
}
