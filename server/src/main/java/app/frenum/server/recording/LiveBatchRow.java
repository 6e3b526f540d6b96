package app.frenum.server.recording;

import app.frenum.core.log.SampleBlock;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.nio.ByteBuffer;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A batch of rows as a device sent it, packed column by column, the times first. */
@Entity
@Table(name = "live_batch")
class LiveBatchRow implements Persistable<LiveBatchRow.Key> {
    @EmbeddedId
    private Key key;

    private int firstRow;
    private int rowCount;
    private byte[] packed;

    /** Where a batch belongs. */
    @Embeddable
    record Key(UUID recordingId, long seq) {}

    protected LiveBatchRow() {}

    LiveBatchRow(UUID recordingId, long seq, int firstRow, double[][] columns) {
        key = new Key(recordingId, seq);
        this.firstRow = firstRow;
        rowCount = columns[0].length;
        packed = pack(columns);
    }

    private static byte[] pack(double[][] columns) {
        byte[][] parts = new byte[columns.length][];
        int size = 0;
        for (int c = 0; c < columns.length; c++) {
            parts[c] = SampleBlock.of(0, columns[c], columns[c].length).packed();
            size += 4 + parts[c].length;
        }
        ByteBuffer all = ByteBuffer.allocate(size);
        for (byte[] part : parts) {
            all.putInt(part.length).put(part);
        }
        return all.array();
    }

    double[][] columns(int count) {
        ByteBuffer all = ByteBuffer.wrap(packed);
        double[][] columns = new double[count][];
        for (int c = 0; c < count; c++) {
            byte[] part = new byte[all.getInt()];
            all.get(part);
            columns[c] = new SampleBlock(0, rowCount, part, new byte[0], Double.NaN, Double.NaN).unpack();
        }
        return columns;
    }

    int firstRow() {
        return firstRow;
    }

    @Override
    public Key getId() {
        return key;
    }

    @Override
    public boolean isNew() {
        return true;
    }
}
