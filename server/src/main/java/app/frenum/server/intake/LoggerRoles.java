package app.frenum.server.intake;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The roles that a person gave the columns of one logger's header. */
@Entity
class LoggerRoles {
    @Id
    private String headerFingerprint;

    @JdbcTypeCode(SqlTypes.JSON)
    private String roles;

    @Column(nullable = false)
    private Instant createdAt;

    @Column(nullable = false)
    private Instant updatedAt;

    @Version
    private Integer version;

    protected LoggerRoles() {}

    LoggerRoles(String headerFingerprint, Instant now) {
        this.headerFingerprint = headerFingerprint;
        createdAt = now;
    }

    String roles() {
        return roles;
    }

    void setRoles(String json, Instant now) {
        roles = json;
        updatedAt = now;
    }
}
