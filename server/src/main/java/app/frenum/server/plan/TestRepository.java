package app.frenum.server.plan;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface TestRepository extends JpaRepository<BrakeTest, UUID> {
    List<BrakeTest> findByThrownAwayAtIsNullOrderByDrivenOnDescCreatedAtDesc();

    @Query("select t.id from BrakeTest t where t.rehearsal")
    List<UUID> rehearsals();

    List<BrakeTest> findByThrownAwayAtBefore(Instant when);

    /** Recordings that no stop of another test is in. */
    @Query(nativeQuery = true, value = """
            select distinct own.recording_id from stop own join series s on s.id = own.series_id
            where s.test_id = :testId and own.recording_id is not null and not exists (
                select 1 from stop other join series o on o.id = other.series_id
                where other.recording_id = own.recording_id and o.test_id <> :testId)""")
    List<UUID> recordingsOnlyOf(UUID testId);

    @Modifying
    @Query(nativeQuery = true, value = "delete from recording where id in (:ids)")
    void deleteRecordings(Collection<UUID> ids);
}
