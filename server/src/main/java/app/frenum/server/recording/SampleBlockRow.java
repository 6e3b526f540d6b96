package app.frenum.server.recording;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.Immutable;

/** A stored block. It is only asked for through this: {@link BlockWriter} writes it, {@link StoredBlock} is what is read. */
@SuppressWarnings("UnusedVariable")
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
}
