package app.frenum.server;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PrePersist;
import jakarta.persistence.PreUpdate;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;

/** What every table row carries: an id made by whoever asked for it, when it was made and changed, and a version. */
@MappedSuperclass
public abstract class Row {
    @Id
    private UUID id;

    @Column(nullable = false)
    private Instant createdAt;

    @Column(nullable = false)
    private Instant updatedAt;

    @Version
    private Integer version;

    protected Row() {}

    protected Row(UUID id) {
        this.id = id;
    }

    @PrePersist
    void created() {
        createdAt = now();
        updatedAt = createdAt;
    }

    @PreUpdate
    void updated() {
        updatedAt = now();
    }

    /** As exact as the database keeps it, so that a row reads the same before and after it is stored. */
    private static Instant now() {
        return SteadyClock.MACHINE.instant().truncatedTo(ChronoUnit.MICROS);
    }

    public UUID id() {
        return id;
    }

    /** Rises with every change; who saves an older one is told that somebody was quicker. */
    public int version() {
        return version == null ? 0 : version;
    }

    public Instant createdAt() {
        return createdAt;
    }
}
