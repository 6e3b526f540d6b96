package app.frenum.server.run;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RunEventRepository extends JpaRepository<RunEventRow, UUID> {
    List<RunEventRow> findByRunIdOrderBySeq(UUID runId);

    List<RunEventRow> findByRunIdAndSeqGreaterThanOrderBySeq(UUID runId, int seq);

    int countByRunId(UUID runId);

    /** When the last one came, of any run; null when there is none. */
    @Query("select max(e.createdAt) from RunEventRow e")
    Instant lastCreated();
}
