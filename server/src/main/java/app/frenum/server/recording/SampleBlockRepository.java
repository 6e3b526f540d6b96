package app.frenum.server.recording;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SampleBlockRepository extends JpaRepository<SampleBlockRow, SampleBlockRow.Key> {
    @Query("""
            select new app.frenum.server.recording.StoredBlock(b.key.channel, b.firstRow, b.rowCount, b.packed, b.envelope, b.lowest, b.highest)
            from SampleBlockRow b
            where b.key.recordingId = :recording and b.key.block = :block""")
    List<StoredBlock> allChannels(UUID recording, int block);

    @Query("""
            select new app.frenum.server.recording.EnvelopeRow(b.key.channel, b.key.block, b.rowCount, b.envelope, b.lowest, b.highest)
            from SampleBlockRow b
            where b.key.recordingId = :recording and b.key.channel in :channels and b.key.block between :from and :to
            order by b.key.block""")
    List<EnvelopeRow> envelopes(UUID recording, Collection<Integer> channels, int from, int to);

    @Query("""
            select new app.frenum.server.recording.StoredBlock(b.key.channel, b.firstRow, b.rowCount, b.packed, b.envelope, b.lowest, b.highest)
            from SampleBlockRow b
            where b.key.recordingId = :recording and b.key.channel in :channels and b.key.block between :from and :to
            order by b.key.block""")
    List<StoredBlock> blocks(UUID recording, Collection<Integer> channels, int from, int to);

    @Modifying
    @Query("delete from SampleBlockRow b where b.key.recordingId = :recording")
    void deleteOf(UUID recording);
}
