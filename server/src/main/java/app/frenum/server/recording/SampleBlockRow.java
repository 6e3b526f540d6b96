package app.frenum.server.recording;

import app.frenum.core.log.SampleBlock;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "sample_block")
class SampleBlockRow implements Persistable<SampleBlockRow.Key> {
    @EmbeddedId
    private Key key;

    private int firstRow;
    private int rowCount;
    private byte[] packed;
    private byte[] envelope;
    private Double lowest;
    private Double highest;

    /** Where a block belongs. */
    @Embeddable
    record Key(UUID recordingId, int channel, int block) {}

    protected SampleBlockRow() {}

    SampleBlockRow(Key key, SampleBlock b) {
        this.key = key;
        firstRow = b.firstRow();
        rowCount = b.rows();
        packed = b.packed();
        envelope = b.envelope();
        lowest = Double.isNaN(b.lowest()) ? null : b.lowest();
        highest = Double.isNaN(b.highest()) ? null : b.highest();
    }

    int channel() {
        return key.channel();
    }

    SampleBlock block() {
        double low = lowest == null ? Double.NaN : lowest;
        double high = highest == null ? Double.NaN : highest;
        return new SampleBlock(firstRow, rowCount, packed, envelope, low, high);
    }

    @Override
    public Key getId() {
        return key;
    }

    /** Blocks are only ever added. */
    @Override
    public boolean isNew() {
        return true;
    }
}
