package app.frenum.server.recording;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RecordingRepository extends JpaRepository<Recording, UUID> {
    List<Recording> findBySha256OrderByCreatedAt(String sha256);

    List<Recording> findByDeviceIdAndLiveTrue(UUID deviceId);

    /** How many rows are in blocks by now. */
    @Query("select r.rowCount from Recording r where r.id = :id")
    int rowCount(UUID id);

    /** Of devices, over, with rows, and never looked through. */
    @Query("select r.id from Recording r where r.live = false and r.deviceId is not null and r.rateHz = 0"
            + " and r.rowCount > 1")
    List<UUID> unmeasured();

    @Query("select r.id as id, r.samplesLetGoAt as samplesLetGoAt from Recording r"
            + " where r.id in :ids and r.samplesLetGoAt is not null")
    List<LetGo.Recorded> letGo(Collection<UUID> ids);

    /** Over, with their samples, the oldest first. */
    @Query(
            "select r.createdAt as createdAt, r.id as id, r.durationS as durationS, r.samplesDueAt as samplesDueAt from Recording r"
                    + " where r.live = false and r.samplesLetGoAt is null order by r.createdAt")
    List<KeptRecording> withSamples();

    long countBySamplesLetGoAtNotNull();

    @Query(value = "select pg_total_relation_size('sample_block')", nativeQuery = true)
    long bytesOfSamples();
}
