package app.frenum.server.recording;

import app.frenum.core.log.SampleBlock;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.Immutable;

/** A stored block. Only read through this: {@link BlockWriter} writes them. */
@Entity
@Immutable
@Table(name = "sample_block")
class SampleBlockRow {
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

    int channel() {
        return key.channel();
    }

    SampleBlock block() {
        double low = lowest == null ? Double.NaN : lowest;
        double high = highest == null ? Double.NaN : highest;
        return new SampleBlock(firstRow, rowCount, packed, envelope, low, high);
    }
}
