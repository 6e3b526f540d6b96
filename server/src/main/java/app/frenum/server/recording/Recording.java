package app.frenum.server.recording;

import app.frenum.server.Row;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
class Recording extends Row {
    private String fileName;
    private String sha256;
    private long bytes;
    private int rowCount;

    @Column(name = "duration_s")
    private double durationS;

    private double rateHz;

    @JdbcTypeCode(SqlTypes.ARRAY)
    private double[] blockStarts;

    private String calibration = "";
    private String health = "";

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "recording_channel", joinColumns = @JoinColumn(name = "recording_id"))
    @OrderColumn(name = "position")
    private List<StoredChannel> channels = new ArrayList<>();

    /** A channel as stored: its role and unit by name. */
    @Embeddable
    record StoredChannel(
            @Column(nullable = false) String name,
            @Column(nullable = false) String role,
            @Column(nullable = false) String unit) {}

    protected Recording() {}

    Recording(
            UUID id,
            StoredFile file,
            List<StoredChannel> channels,
            int rowCount,
            double durationS,
            double rateHz,
            double[] blockStarts) {
        super(id);
        this.fileName = file.name();
        this.sha256 = file.sha256();
        this.bytes = file.bytes();
        this.channels = new ArrayList<>(channels);
        this.rowCount = rowCount;
        this.durationS = durationS;
        this.rateHz = rateHz;
        this.blockStarts = blockStarts;
    }

    void findings(String calibrationJson, String healthJson) {
        calibration = calibrationJson;
        health = healthJson;
    }

    StoredFile file() {
        return new StoredFile(fileName, sha256, bytes);
    }

    int rowCount() {
        return rowCount;
    }

    double durationS() {
        return durationS;
    }

    double rateHz() {
        return rateHz;
    }

    double[] blockStarts() {
        return blockStarts.clone();
    }

    String calibration() {
        return calibration;
    }

    String health() {
        return health;
    }

    List<StoredChannel> channels() {
        return List.copyOf(channels);
    }
}
