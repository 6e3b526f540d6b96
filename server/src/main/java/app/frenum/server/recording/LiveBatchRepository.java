package app.frenum.server.recording;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface LiveBatchRepository extends JpaRepository<LiveBatchRow, LiveBatchRow.Key> {
    @Query("select b from LiveBatchRow b where b.key.recordingId = :recording order by b.key.seq")
    List<LiveBatchRow> inOrder(UUID recording);

    @Query("select max(b.key.seq) from LiveBatchRow b where b.key.recordingId = :recording")
    Long lastSeq(UUID recording);

    /** Batches whose rows all stand in blocks by now. */
    @Modifying(flushAutomatically = true)
    @Query("delete from LiveBatchRow b where b.key.recordingId = :recording and b.firstRow + b.rowCount <= :rows")
    void deleteBefore(UUID recording, int rows);
}
