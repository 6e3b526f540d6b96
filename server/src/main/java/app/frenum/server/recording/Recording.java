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
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

// What grows and what is found out are written by two at the same time.
@DynamicUpdate
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

    private boolean live;
    private UUID deviceId;
    private long lastSeq;
    private Instant startedAt;
    private @Nullable Instant samplesDueAt;
    private @Nullable Instant samplesLetGoAt;

    @JdbcTypeCode(SqlTypes.JSON)
    private String calibration = "{}";

    @JdbcTypeCode(SqlTypes.JSON)
    private String health = "[]";

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

    /** A recording of a device that begins now. */
    static Recording live(LogStart start, String calibrationJson) {
        List<StoredChannel> channels = start.channels().stream()
                .map(c -> new StoredChannel(c.name(), c.role().name(), c.unit().name()))
                .toList();
        Recording r = new Recording(
                start.id(), new StoredFile(start.name(), "live " + start.id(), 0), channels, 0, 0, 0, new double[0]);
        r.live = true;
        r.deviceId = start.deviceId();
        r.startedAt = start.startedAt().truncatedTo(ChronoUnit.MICROS);
        r.findings(calibrationJson, "[]");
        return r;
    }

    /** Another block is full. */
    void grown(int rows, double blockFromS, double untilS, long seq) {
        rowCount = rows;
        durationS = untilS;
        blockStarts = LiveRecordings.appended(blockStarts, blockFromS);
        lastSeq = Math.max(lastSeq, seq);
    }

    void end() {
        live = false;
    }

    boolean isLive() {
        return live;
    }

    UUID deviceId() {
        return deviceId;
    }

    long lastSeq() {
        return lastSeq;
    }

    Instant startedAt() {
        return startedAt;
    }

    /** When its samples were let go; null while they are here. */
    @Nullable
    Instant samplesLetGoAt() {
        return samplesLetGoAt;
    }

    /** Since when they are to go; null where they are to stay. */
    @Nullable
    Instant samplesDueAt() {
        return samplesDueAt;
    }

    /** @param at since when they are to go; null where they are to stay */
    void markSamples(@Nullable Instant at) {
        samplesDueAt = at;
    }

    void letSamplesGo(Instant at) {
        samplesDueAt = null;
        samplesLetGoAt = at;
    }

    void rate(double hz) {
        rateHz = hz;
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
