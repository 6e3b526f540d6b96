package app.frenum.server.run;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RunEventRepository extends JpaRepository<RunEventRow, UUID> {
    List<RunEventRow> findByRunIdOrderBySeq(UUID runId);

    List<RunEventRow> findByRunIdAndSeqGreaterThanOrderBySeq(UUID runId, int seq);

    int countByRunId(UUID runId);
}
