package app.frenum.server;

import jakarta.persistence.Column;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.annotation.CreatedDate;
import org.springframework.data.annotation.LastModifiedBy;
import org.springframework.data.annotation.LastModifiedDate;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/**
 * What every table row carries: an id made by whoever asked for it, when and by whom it was made and changed, and a
 * version.
 */
@MappedSuperclass
@EntityListeners(AuditingEntityListener.class)
public abstract class Row {
    @Id
    private UUID id;

    @CreatedDate
    @Column(nullable = false, updatable = false)
    private Instant createdAt;

    @LastModifiedDate
    @Column(nullable = false)
    private Instant updatedAt;

    /** Null where nobody gave a name, and of what was kept before names were. */
    @LastModifiedBy
    private @Nullable String changedBy;

    @Version
    private Integer version;

    protected Row() {}

    protected Row(UUID id) {
        this.id = id;
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

    /** Whoever changed it last, as it was written then; empty where nobody gave a name. */
    public String changedBy() {
        return changedBy == null ? "" : changedBy;
    }
}
